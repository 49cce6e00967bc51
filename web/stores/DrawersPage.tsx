import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import type { TFunction } from 'i18next';
import { Suspense, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { StockItem } from '#contract/stores';
import type { Offer, Supplier } from '#core/stores/offers';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { useIsInstructor } from '../app/staff.ts';
import { useChoices } from '../app/useChoices.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { PartThumbnail } from '../ui/PictureCell.tsx';
import { type Amount, useAmount } from './amount.ts';
import { DrawerDeeds } from './DrawerDeeds.tsx';
import { ItemDialog } from './itemDialogWhenOpened.ts';
import { useStores } from './StoresFrame.tsx';

/** Every drawer: what it is, where it lies, how many there are. */
export function DrawersPage() {
  const { t } = useTranslation();
  const { items, suppliers } = useStores();
  const amount = useAmount();
  const [search, choose] = useChoices();
  const [adding, setAdding] = useState(false);
  const onlyShort = search.has('short');
  const isInstructor = useIsInstructor();
  const add = (
    <>
      <Button variant="contained" onClick={() => setAdding(true)}>
        {t('stores.drawersPage.addADrawer')}
      </Button>
      {isInstructor && (
        <Button component={Link} to="/stores/drawers/list" variant="outlined">
          {t('stores.drawerList.title')}
        </Button>
      )}
    </>
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
        <DataTable
          name={t('stores.drawersPage.drawers')}
          columns={columnsOf(t, suppliers, amount)}
          rows={items.filter((item) => !onlyShort || isLow(item))}
          keyOf={({ id }) => id}
          keptAs="drawers"
          {...(isInstructor && {
            bulk: {
              nameOf: ({ part }: StockItem) => stockName(t, part),
              actions: (chosen: readonly StockItem[], done: () => void) => (
                <DrawerDeeds chosen={chosen} done={done} />
              ),
            },
          })}
          find={{
            label: t('stores.drawersPage.findByNameOrPlace'),
            wordsOf: ({ part, location }) => `${stockName(t, part)} ${location}`,
            none: t('stores.drawersPage.noDrawerIsLikeThat'),
          }}
          tools={
            <>
              <FormControlLabel
                control={
                  <Switch
                    checked={onlyShort}
                    onChange={(_, on) => choose({ short: on ? 'yes' : undefined })}
                  />
                }
                label={t('stores.drawersPage.onlyWhatIsBelowItsMinimum')}
              />
              {add}
            </>
          }
        />
      )}
      {adding && (
        <Suspense>
          <ItemDialog close={() => setAdding(false)} />
        </Suspense>
      )}
    </>
  );
}

const columnsOf = (
  t: TFunction,
  suppliers: readonly Supplier[],
  amount: Amount,
): readonly Column<StockItem>[] => [
  {
    id: 'picture',
    canBeHidden: true,
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
    canBeHidden: true,
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
    canBeHidden: true,
    head: t('stores.drawersPage.minimum'),
    isNumber: true,
    look: () => 'mono',
    by: ({ minimum }) => minimum,
    cell: ({ minimum }) => minimum,
  },
  {
    id: 'cheapest',
    canBeHidden: true,
    head: t('stores.drawersPage.cheapestPack'),
    cell: (item) => cheapestWords(t, item, suppliers, amount),
  },
];

const isLow = ({ level, minimum }: StockItem): boolean => level < minimum;

function cheapestWords(
  t: TFunction,
  { offers }: StockItem,
  suppliers: readonly Supplier[],
  amount: Amount,
): string {
  const pieceCents = ({ breaks, packSize }: Offer) => (breaks[0]?.packCents ?? 0) / packSize;
  const [cheapest] = [...offers].sort((a, b) => pieceCents(a) - pieceCents(b));
  const supplier = suppliers.find(({ id }) => id === cheapest?.supplierId);
  return cheapest && supplier
    ? t('stores.drawersPage.for', {
        packSize: cheapest.packSize,
        money: amount(cheapest.breaks[0]?.packCents ?? 0),
        name: supplier.name,
      })
    : t('stores.drawersPage.noOffer');
}
