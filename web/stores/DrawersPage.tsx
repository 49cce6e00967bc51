import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { StockItem } from '#contract/stores';
import { plain } from '#core/partslist/plain';
import { money } from '#core/stores/money';
import type { Offer, Supplier } from '#core/stores/offers';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { useChoices } from '../app/useChoices.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { PartThumbnail } from '../ui/PictureCell.tsx';
import { ItemDialog } from './ItemDialog.tsx';
import { useStores } from './StoresFrame.tsx';

/** Every drawer: what it is, where it lies, how many there are. */
export function DrawersPage() {
  const { t } = useTranslation();
  const { items } = useStores();
  const [search, choose] = useChoices();
  const [adding, setAdding] = useState(false);
  const asked = search.get('find') ?? '';
  const onlyShort = search.has('short');
  const set = (name: string, value: string | undefined) => choose({ [name]: value || undefined });
  const found = items.filter(
    (item) =>
      plain(`${stockName(t, item.part)} ${item.location}`).includes(plain(asked)) &&
      (!onlyShort || item.level < item.minimum),
  );
  const add = (
    <Button variant="contained" onClick={() => setAdding(true)}>
      {t('stores.drawersPage.addADrawer')}
    </Button>
  );
  return (
    <>
      {items.length === 0 ? (
        <EmptyState
          title={t('stores.drawersPage.noDrawerYet')}
          text={t('stores.drawersPage.addWhatYouKeepWriteIt')}
        >
          {add}
        </EmptyState>
      ) : (
        <>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
            <TextField
              size="small"
              type="search"
              label={t('stores.drawersPage.findByNameOrPlace')}
              value={asked}
              onChange={({ target }) => set('find', target.value)}
              sx={{ minWidth: 290 }}
            />
            <FormControlLabel
              control={
                <Switch
                  checked={onlyShort}
                  onChange={(_, on) => set('short', on ? 'yes' : undefined)}
                />
              }
              label={t('stores.drawersPage.onlyWhatIsBelowItsMinimum')}
            />
            <Box sx={{ flex: 1 }} />
            {add}
          </Box>
          {found.length === 0 ? (
            <Typography role="status">{t('stores.drawersPage.noDrawerIsLikeThat')}</Typography>
          ) : (
            <DrawerTable items={found} />
          )}
        </>
      )}
      {adding && <ItemDialog close={() => setAdding(false)} />}
    </>
  );
}

function DrawerTable({ items }: { readonly items: readonly StockItem[] }) {
  const { t } = useTranslation();
  const { suppliers } = useStores();
  return (
    <DataTable
      name={t('stores.drawersPage.drawers')}
      columns={columnsOf(t, suppliers)}
      rows={items}
      keyOf={({ id }) => id}
    />
  );
}

const columnsOf = (t: TFunction, suppliers: readonly Supplier[]): readonly Column<StockItem>[] => [
  {
    id: 'picture',
    head: t('stores.drawersPage.looksLike'),
    look: () => 'picture',
    cell: ({ part }) => <PartThumbnail part={asPart(part)} />,
  },
  {
    id: 'what',
    head: t('stores.drawersPage.whatItIs'),
    by: ({ part }) => stockName(t, part),
    cell: ({ id, part }) => <Link to={`/stores/drawers/${id}`}>{stockName(t, part)}</Link>,
  },
  {
    id: 'where',
    head: t('stores.drawersPage.where'),
    by: ({ location }) => location || null,
    cell: ({ location }) => location || '–',
  },
  {
    id: 'level',
    head: t('stores.drawersPage.onHand'),
    isNumber: true,
    look: (item) => (isLow(item) ? 'mono short' : 'mono'),
    by: ({ level }) => level,
    cell: (item) => (
      <>
        {isLow(item) && (
          <Trans i18nKey="stores.drawersPage.low" components={{ glyph: <Glyph name="warn" /> }} />
        )}
        {isLow(item) && ' '}
        {item.level}
      </>
    ),
  },
  {
    id: 'minimum',
    head: t('stores.drawersPage.minimum'),
    isNumber: true,
    look: () => 'mono',
    by: ({ minimum }) => minimum,
    cell: ({ minimum }) => minimum,
  },
  {
    id: 'cheapest',
    head: t('stores.drawersPage.cheapestPack'),
    cell: (item) => cheapestWords(t, item, suppliers),
  },
];

const isLow = ({ level, minimum }: StockItem): boolean => level < minimum;

function cheapestWords(
  t: TFunction,
  { offers }: StockItem,
  suppliers: readonly Supplier[],
): string {
  const pieceCents = ({ breaks, packSize }: Offer) => (breaks[0]?.packCents ?? 0) / packSize;
  const [cheapest] = [...offers].sort((a, b) => pieceCents(a) - pieceCents(b));
  const supplier = suppliers.find(({ id }) => id === cheapest?.supplierId);
  return cheapest && supplier
    ? t('stores.drawersPage.for', {
        packSize: cheapest.packSize,
        money: money(cheapest.breaks[0]?.packCents ?? 0),
        name: supplier.name,
      })
    : t('stores.drawersPage.noOffer');
}
