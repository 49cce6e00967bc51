import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { StockItem } from '#contract/stores';
import type { ReadDrawer, ReadOffer } from '#core/stores/drawerlist/readDrawers';
import { areOnePart, asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { type Column, DataTable } from '../../ui/DataTable.tsx';
import '../../ui/form.css';
import { PartThumbnail } from '../../ui/PictureCell.tsx';
import { useAmount } from '../amount.ts';
import type { DecidedDrawer, Fate } from './useDecidedDrawers.ts';

interface DrawersReadProps {
  readonly drawers: readonly DecidedDrawer[];
  readonly items: readonly StockItem[];
  readonly decide: (drawer: ReadDrawer, fate: Fate) => void;
}

/** Each drawer as the list says it, beside what is there now; which drawer is meant can be chosen. */
export function DrawersRead({ drawers, items, decide }: DrawersReadProps) {
  const { t } = useTranslation();
  const amount = useAmount();
  /** What a list says, with what is there now where that is something else. */
  const beside = (says: string | number | undefined, now: string | number | undefined) => {
    if (says === undefined || says === '') return now === undefined ? '–' : String(now);
    if (now === undefined || says === now) return String(says);
    return t('stores.drawerList.insteadOf', { says, now: now === '' ? '–' : now });
  };
  const columns: readonly Column<DecidedDrawer>[] = [
    {
      id: 'picture',
      head: t('stores.drawersPage.looksLike'),
      look: () => 'picture',
      cell: ({ read }) => <PartThumbnail part={asPart(read.part)} />,
    },
    {
      id: 'what',
      head: t('stores.drawersPage.whatItIs'),
      isName: true,
      by: ({ read }) => stockName(t, read.part),
      cell: ({ read: { part, confidence } }) => (
        <>
          {stockName(t, part)}
          {confidence !== 'sure' && confidence !== 'told' && (
            <span className="unsure"> {t('stores.drawerList.notSure')}</span>
          )}
        </>
      ),
    },
    {
      id: 'fate',
      head: t('stores.drawerList.becomes'),
      cell: (row) => <FateChoice row={row} items={items} decide={decide} />,
    },
    {
      id: 'where',
      head: t('stores.drawersPage.where'),
      by: ({ read }) => read.location || null,
      cell: ({ read, there }) => beside(read.location, there?.location),
    },
    {
      id: 'pieces',
      head: t('stores.drawersPage.onHand'),
      isNumber: true,
      look: () => 'mono',
      by: ({ read }) => read.pieces ?? null,
      cell: ({ read, there }) => beside(read.pieces, there?.level),
    },
    {
      id: 'minimum',
      head: t('stores.drawersPage.minimum'),
      isNumber: true,
      look: () => 'mono',
      by: ({ read }) => read.minimum ?? null,
      cell: ({ read, there }) => beside(read.minimum, there?.minimum),
    },
    {
      id: 'offers',
      head: t('stores.drawerList.offers'),
      cell: ({ read }) =>
        read.offers.length === 0
          ? '–'
          : read.offers.map((offer) => <div key={keyOf(offer)}>{offerWords(offer)}</div>),
    },
  ];
  const offerWords = ({ supplier, packSize, breaks }: ReadOffer) =>
    t('stores.drawersPage.for', {
      packSize,
      money: amount(breaks[0]?.packCents ?? 0),
      name: supplier,
    });
  return (
    <section aria-labelledby="drawers-read">
      <Typography variant="h2" id="drawers-read" sx={{ mb: 1 }}>
        {t('stores.drawerList.asItWillBeRead', { count: drawers.length })}
      </Typography>
      <DataTable
        name={t('stores.drawersPage.drawers')}
        columns={columns}
        rows={drawers}
        keyOf={({ read }) => String(read.line)}
      />
    </section>
  );
}

const keyOf = ({ supplier, packSize }: ReadOffer): string => `${supplier} ${packSize}`;

interface FateChoiceProps {
  readonly row: DecidedDrawer;
  readonly items: readonly StockItem[];
  readonly decide: (drawer: ReadDrawer, fate: Fate) => void;
}

function FateChoice({ row: { read, there, isLeftOut }, items, decide }: FateChoiceProps) {
  const { t } = useTranslation();
  const possible = items.filter(({ part }) => areOnePart([part, read.part]));
  const fateOf = (value: string): Fate =>
    value === 'new' || value === 'leave' ? value : { itemId: value };
  return (
    <select
      className="field-in-row is-wide"
      aria-label={t('stores.drawerList.becomesOf', { name: stockName(t, read.part) })}
      value={isLeftOut ? 'leave' : (there?.id ?? 'new')}
      onChange={({ target }) => decide(read, fateOf(target.value))}
    >
      <option value="new">{t('stores.drawerList.newDrawer')}</option>
      {possible.map(({ id, location }) => (
        <option key={id} value={id}>
          {location === ''
            ? t('stores.drawerList.changeOne')
            : t('stores.drawerList.change', { location })}
        </option>
      ))}
      <option value="leave">{t('stores.drawerList.leaveOut')}</option>
    </select>
  );
}
