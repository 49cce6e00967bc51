import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { partsOfItem } from '#core/learning/drills/exercise';
import { fitOf, type ItemTally } from '#core/learning/practice/difficulty';
import { isFew, shareOfCount } from '#core/learning/shares';
import { saying } from '#core/words/sayings';
import { type Column, DataTable } from '../ui/DataTable.tsx';

/** How often each exercise went right, by everybody together: which are too easy, and which too hard, for most. */
export function HowHard({ items }: { readonly items: readonly ItemTally[] }) {
  const { t } = useTranslation();
  if (items.length === 0) return null;
  return (
    <Box component="section" aria-label={t('practice.howHard.title')} sx={{ mt: 4, maxWidth: 900 }}>
      <Typography variant="h2">{t('practice.howHard.title')}</Typography>
      <p>{t('practice.howHard.whatFor')}</p>
      <DataTable
        name={t('practice.howHard.title')}
        columns={columnsOf(t)}
        rows={items}
        keyOf={({ item }) => item}
        keptAs="how-hard"
      />
    </Box>
  );
}

const nameOf = (t: TFunction, item: string): string => {
  const parts = partsOfItem(item);
  return parts ? saying(t, parts.kind.name(parts.key)) : item;
};

/** From few answers nothing is concluded. */
const fitWords = (t: TFunction, { right, of }: ItemTally): string =>
  isFew({ of }) ? t('practice.howHard.few') : t(`practice.howHard.fit.${fitOf(right / of)}`);

const columnsOf = (t: TFunction): readonly Column<ItemTally>[] => [
  {
    id: 'item',
    head: t('practice.howHard.exercise'),
    isName: true,
    by: ({ item }) => nameOf(t, item),
    cell: ({ item }) => nameOf(t, item),
  },
  {
    id: 'right',
    head: t('practice.howHard.right'),
    isNumber: true,
    by: ({ right, of }) => right / of,
    cell: ({ right, of }) => {
      const { low, high } = shareOfCount(right, of);
      return t('practice.howHard.share', {
        count: right,
        of,
        low: Math.round(100 * low),
        high: Math.round(100 * high),
      });
    },
  },
  {
    id: 'fit',
    head: t('practice.howHard.forMost'),
    by: (tally) => fitWords(t, tally),
    cell: (tally) => fitWords(t, tally),
  },
];
