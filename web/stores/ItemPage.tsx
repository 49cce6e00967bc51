import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getItemLedger, type ItemLedger, ledgerFilePath } from '#contract/stores';
import { type LedgerRow, ledgerOf, type MoveKind } from '#core/stores/ledger';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { TableFiles } from '../ui/TableFiles.tsx';
import { ItemDialog } from './itemDialogWhenOpened.ts';
import { MoveForm } from './MoveForm.tsx';
import { Offers } from './Offers.tsx';

export const loadItem = ({ params }: LoaderFunctionArgs) =>
  call(getItemLedger, { params: { itemId: String(params.itemId) } });

const moveWords = (t: TFunction): Readonly<Record<MoveKind, string>> => ({
  in: t('stores.itemPage.cameIn'),
  out: t('stores.itemPage.wentOut'),
  spoiled: t('stores.itemPage.spoiledOrLost'),
  count: t('stores.itemPage.counted'),
});

/** One drawer: its ledger, which explains the level, and what it can be bought for. */
export function ItemPage() {
  const { t, i18n } = useTranslation();
  const { item, moves } = useLoaderData<ItemLedger>();
  const [changing, setChanging] = useState(false);
  const rows = ledgerOf(moves).reverse();
  const part = asPart(item.part);
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: '1fr 440px' } }}>
      <Box>
        <Link to="/stores/drawers">{t('stores.itemPage.allDrawers')}</Link>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', my: 1.5, flexWrap: 'wrap' }}>
          <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 150, height: 90 })} />
          <Box sx={{ flex: 1, minWidth: 220 }}>
            <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
              {stockName(t, item.part)}
            </Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              {t('stores.itemPage.atLeast', {
                location: item.location || t('stores.itemPage.noPlaceGiven'),
                minimum: item.minimum,
              })}
            </Typography>
          </Box>
          <Typography className="mono" sx={{ fontSize: '2rem' }}>
            {item.level}
          </Typography>
          <Button onClick={() => setChanging(true)}>{t('stores.itemPage.change')}</Button>
        </Box>
        <MoveForm itemId={item.id} />
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 3, mb: 0.5 }}>
          <Typography variant="h2">{t('stores.itemPage.ledgerNewestFirst')}</Typography>
          {rows.length > 0 && (
            <TableFiles
              size="small"
              pathOf={(format) => ledgerFilePath(item.id, format, i18n.language)}
              label={(format) => t('stores.itemPage.exportTheLedgerAs', { format })}
            />
          )}
        </Box>
        {rows.length === 0 ? (
          <EmptyState
            title={t('stores.itemPage.nothingBookedYet')}
            text={t('stores.itemPage.countWhatLiesInTheDrawer')}
          />
        ) : (
          <DataTable
            name={t('stores.itemPage.ledger')}
            columns={columnsOf(t)}
            rows={rows}
            keyOf={({ move }) => move.id}
          />
        )}
      </Box>
      <Offers item={item} />
      {changing && (
        <Suspense>
          <ItemDialog item={item} close={() => setChanging(false)} />
        </Suspense>
      )}
    </Box>
  );
}

const columnsOf = (t: TFunction): readonly Column<LedgerRow>[] => [
  { id: 'when', head: t('stores.itemPage.when'), cell: ({ move }) => dateAndTime(move.at) },
  { id: 'what', head: t('stores.itemPage.what'), cell: ({ move }) => moveWords(t)[move.kind] },
  {
    id: 'change',
    head: t('stores.itemPage.change'),
    isNumber: true,
    look: () => 'mono',
    cell: ({ change }) => (change > 0 ? `+${change}` : change),
  },
  {
    id: 'level',
    head: t('stores.itemPage.level'),
    isNumber: true,
    look: () => 'mono',
    cell: ({ level }) => level,
  },
  { id: 'note', head: t('stores.itemPage.note'), cell: ({ move }) => move.note },
];
