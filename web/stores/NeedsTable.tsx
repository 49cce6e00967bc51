import Typography from '@mui/material/Typography';
import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { NeedsReply } from '#contract/stores';
import { meanOf } from '#core/stores/lossRate';
import type { Need } from '#core/stores/needs';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { Glyph } from '../ui/Glyph.tsx';
import { PictureCell } from '../ui/PictureCell.tsx';
import { useStores } from './StoresFrame.tsx';
import { Substitutes } from './Substitutes.tsx';
import '../ui/plainTable.css';

/** What has to lie on the packing table, and what of it is missing. */
export function NeedsTable({ needs }: { readonly needs: NeedsReply }) {
  const packed = needs.lines.filter(({ brought }) => !brought);
  const brought = needs.lines.filter((need) => need.brought);
  const short = packed.filter(({ short }) => short > 0);
  return (
    <section aria-labelledby="needs">
      <Typography variant="h2" id="needs">
        {short.length === 0
          ? 'Everything is there'
          : `${short.length} of ${packed.length} parts are short`}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        With these spares the room runs out of something with a chance of{' '}
        {(needs.runsOut * 100).toFixed(1)} %. What is lost is reckoned from common practice, and
        more and more from your own rooms as their events add up.
      </Typography>
      <div className="table-scroll">
        <table className="plain" aria-label="Needs">
          <thead>
            <tr>
              <th scope="col">Looks like</th>
              <th scope="col">What it is</th>
              <th scope="col" className="number">
                Fitted
              </th>
              <th scope="col" className="number">
                Spares
              </th>
              <th scope="col" className="number">
                To have
              </th>
              <th scope="col" className="number">
                On hand
              </th>
              <th scope="col" className="number">
                Short
              </th>
              <th scope="col">Lost, of all pieces</th>
            </tr>
          </thead>
          <tbody>
            {packed.map((need) => (
              <Fragment key={need.key}>
                <NeedRow need={need} />
                {need.short > 0 && <Substitutes need={need} />}
              </Fragment>
            ))}
          </tbody>
        </table>
      </div>
      {brought.length > 0 && <Brought needs={brought} />}
    </section>
  );
}

function NeedRow({ need }: { readonly need: Need }) {
  const { t } = useTranslation();
  const { items } = useStores();
  const { part, fitted, spares, pieces, onHand, short, rate, itemIds } = need;
  const places = items
    .filter(({ id }) => itemIds.includes(id))
    .map(({ id, location }) => ({ id, location: location || 'drawer' }));
  return (
    <tr>
      <PictureCell part={asPart(part)} />
      <td>
        {stockName(t, part)}
        <div className="note">
          {places.length === 0
            ? 'in no drawer'
            : places.map(({ id, location }, index) => (
                <Fragment key={id}>
                  {index > 0 && ', '}
                  <Link to={`/stores/drawers/${id}`}>{location}</Link>
                </Fragment>
              ))}
        </div>
      </td>
      <td className="mono number">{fitted}</td>
      <td className="mono number">{spares}</td>
      <td className="mono number">{pieces}</td>
      <td className="mono number">{onHand}</td>
      <td className={`mono number ${short > 0 ? 'short' : ''}`}>
        {short > 0 ? (
          <>
            <Glyph name="warn" /> {short}
          </>
        ) : (
          '–'
        )}
      </td>
      <td>
        {(meanOf(rate) * 100).toFixed(1)} %
        <div className="note">
          {rate.pieces === 0
            ? 'common practice only'
            : `${rate.lost} of ${rate.pieces} in your rooms`}
        </div>
      </td>
    </tr>
  );
}

function Brought({ needs }: { readonly needs: readonly Need[] }) {
  const { t } = useTranslation();
  return (
    <Typography sx={{ mt: 1.5 }}>
      <strong>Not in the kit, brought by the learners or the room:</strong>{' '}
      {needs.map(({ fitted, part }) => `${fitted} × ${stockName(t, part)}`).join(', ')}.
    </Typography>
  );
}
