import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { NeedsReply, StockItem } from '#contract/stores';
import { meanOf } from '#core/stores/lossRate';
import type { Need } from '#core/stores/needs';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { PartThumbnail } from '../ui/PictureCell.tsx';
import { useStores } from './StoresFrame.tsx';
import { Substitutes } from './Substitutes.tsx';
import './needs.css';
import { decimal } from '../ui/decimal.ts';

/** What has to lie on the packing table, and what of it is missing. */
export function NeedsTable({ needs }: { readonly needs: NeedsReply }) {
  const { t } = useTranslation();
  const { items } = useStores();
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
          runsOut: decimal(needs.runsOut * 100, 1),
        })}
      </Typography>
      <details className="what-figures-mean">
        <summary>{t('stores.needsTable.whatTheFiguresMean')}</summary>
        <dl>
          {(['fitted', 'spares', 'toHave', 'onHand', 'short', 'lostOfAllPieces'] as const).map(
            (id) => (
              <Fragment key={id}>
                <dt>{t(`stores.needsTable.${id}`)}</dt>
                <dd>{t(`stores.needsTable.means.${id}`)}</dd>
              </Fragment>
            ),
          )}
        </dl>
      </details>
      <DataTable
        name={t('stores.needsTable.needs')}
        columns={columnsOf(t, items)}
        rows={packed}
        keyOf={({ key }) => key}
        below={(need) => (need.short > 0 ? <Substitutes need={need} /> : null)}
      />
      {brought.length > 0 && <Brought needs={brought} />}
    </section>
  );
}

const columnsOf = (t: TFunction, items: readonly StockItem[]): readonly Column<Need>[] => {
  const figure = (id: 'fitted' | 'spares' | 'pieces' | 'onHand', head: string): Column<Need> => ({
    id,
    head,
    isNumber: true,
    look: () => 'mono',
    by: (need) => need[id],
    cell: (need) => need[id],
  });
  return [
    {
      id: 'picture',
      head: t('stores.needsTable.looksLike'),
      look: () => 'picture',
      cell: ({ part }) => <PartThumbnail part={asPart(part)} />,
    },
    {
      id: 'what',
      head: t('stores.needsTable.whatItIs'),
      by: ({ part }) => stockName(t, part),
      cell: (need) => (
        <>
          {stockName(t, need.part)}
          <Places need={need} items={items} />
        </>
      ),
    },
    figure('fitted', t('stores.needsTable.fitted')),
    figure('spares', t('stores.needsTable.spares')),
    figure('pieces', t('stores.needsTable.toHave')),
    figure('onHand', t('stores.needsTable.onHand')),
    {
      id: 'short',
      head: t('stores.needsTable.short'),
      isNumber: true,
      look: ({ short }) => (short > 0 ? 'mono short' : 'mono'),
      by: ({ short }) => short,
      cell: ({ short }) =>
        short > 0 ? (
          <>
            <Glyph name="warn" /> {short}
          </>
        ) : (
          '–'
        ),
    },
    {
      id: 'lost',
      head: t('stores.needsTable.lostOfAllPieces'),
      by: ({ rate }) => meanOf(rate),
      cell: ({ rate, fitted }) => (
        <>
          {t('stores.needsTable.percent', { percent: decimal(meanOf(rate) * 100, 1) })}
          <div className="note">
            {t('stores.needsTable.aboutLost', {
              lost: decimal(meanOf(rate) * fitted, 1),
              fitted,
            })}
          </div>
          <div className="note">
            {rate.pieces === 0
              ? t('stores.needsTable.commonPracticeOnly')
              : t('stores.needsTable.ofInYourRooms', { lost: rate.lost, pieces: rate.pieces })}
          </div>
        </>
      ),
    },
  ];
};

/** The drawers that it lies in. */
function Places({ need, items }: { readonly need: Need; readonly items: readonly StockItem[] }) {
  const { t } = useTranslation();
  const places = items.filter(({ id }) => need.itemIds.includes(id));
  return (
    <div className="note">
      {places.length === 0
        ? t('stores.needsTable.inNoDrawer')
        : places.map(({ id, location }, index) => (
            <Fragment key={id}>
              {index > 0 && ', '}
              <Link to={`/stores/drawers/${id}`}>{location || t('stores.needsTable.drawer')}</Link>
            </Fragment>
          ))}
    </div>
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
