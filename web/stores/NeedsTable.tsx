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
  const { t } = useTranslation();
  const packed = needs.lines.filter(({ brought }) => !brought);
  const brought = needs.lines.filter((need) => need.brought);
  const short = packed.filter(({ short }) => short > 0);
  return (
    <section aria-labelledby="needs">
      <Typography variant="h2" id="needs">
        {short.length === 0
          ? t('stores.needsTable.everythingIsThere')
          : t('stores.needsTable.ofPartsAreShort', { count: short.length, count2: packed.length })}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        {t('stores.needsTable.withTheseSparesTheRoomRuns', {
          runsOut: (needs.runsOut * 100).toFixed(1),
        })}
      </Typography>
      <div className="table-scroll">
        <table className="plain" aria-label={t('stores.needsTable.needs')}>
          <thead>
            <tr>
              <th scope="col">{t('stores.needsTable.looksLike')}</th>
              <th scope="col">{t('stores.needsTable.whatItIs')}</th>
              <th scope="col" className="number">
                {t('stores.needsTable.fitted')}
              </th>
              <th scope="col" className="number">
                {t('stores.needsTable.spares')}
              </th>
              <th scope="col" className="number">
                {t('stores.needsTable.toHave')}
              </th>
              <th scope="col" className="number">
                {t('stores.needsTable.onHand')}
              </th>
              <th scope="col" className="number">
                {t('stores.needsTable.short')}
              </th>
              <th scope="col">{t('stores.needsTable.lostOfAllPieces')}</th>
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
            ? t('stores.needsTable.inNoDrawer')
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
            ? t('stores.needsTable.commonPracticeOnly')
            : t('stores.needsTable.ofInYourRooms', { lost: rate.lost, pieces: rate.pieces })}
        </div>
      </td>
    </tr>
  );
}

function Brought({ needs }: { readonly needs: readonly Need[] }) {
  const { t } = useTranslation();
  return (
    <Typography sx={{ mt: 1.5 }}>
      <strong>{t('stores.needsTable.notInTheKitBroughtBy')}</strong>{' '}
      {needs.map(({ fitted, part }) => `${fitted} × ${stockName(t, part)}`).join(', ')}.
    </Typography>
  );
}
