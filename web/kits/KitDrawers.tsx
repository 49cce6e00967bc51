import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { getStores, type StockItem } from '#contract/stores';
import { shortDesignators } from '#core/parts/label';
import { drawersOf, type PartWithDrawer } from '#core/stores/drawersOf';
import { partName } from '#core/words/partWords';
import { call } from '../app/call.ts';
import { orNothing } from '../lists/knownBefore.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { useKit } from './KitFrame.tsx';

/** Where the parts of a kit lie in the stores. */
export function KitDrawers() {
  const { t } = useTranslation();
  const { lines } = useKit();
  const [items, setItems] = useState<readonly StockItem[]>();
  useEffect(() => {
    // What cannot be told now is left out: the kit itself is what the page is about.
    void orNothing(() => call(getStores, {})).then((stores) => setItems(stores?.items));
  }, []);
  if (!items) return null;
  const rows = drawersOf(
    lines.map(({ part }) => part),
    items,
  );
  const homeless = rows.filter(({ drawer }) => !drawer).length;
  return (
    <section aria-labelledby="drawers">
      <Typography variant="h2" id="drawers">
        {t('kits.kitDrawers.title')}
      </Typography>
      {homeless > 0 && (
        <Typography>
          {t('kits.kitDrawers.without', { count: homeless })}{' '}
          <Link to="/stores/needs">{t('kits.kitDrawers.makeThem')}</Link>
        </Typography>
      )}
      {homeless < rows.length && (
        <DataTable
          name={t('kits.kitDrawers.title')}
          columns={columnsOf(t)}
          rows={rows.filter(({ drawer }) => drawer)}
          keyOf={({ part }) => `${part.family} ${part.designators.join() || part.description}`}
        />
      )}
    </section>
  );
}

const columnsOf = (t: TFunction): readonly Column<PartWithDrawer<StockItem>>[] => [
  {
    id: 'part',
    head: t('kits.kitDrawers.part'),
    isName: true,
    by: ({ part }) => partName(t, part),
    cell: ({ part }) => [shortDesignators(part.designators), partName(t, part)].join(' ').trim(),
  },
  {
    id: 'drawer',
    head: t('kits.kitDrawers.drawer'),
    by: ({ drawer }) => drawer?.location ?? '',
    cell: ({ drawer }) =>
      drawer && (
        <Link to={`/stores/drawers/${drawer.id}`}>
          {drawer.location || t('kits.kitDrawers.noName')}
        </Link>
      ),
  },
  {
    id: 'level',
    head: t('kits.kitDrawers.onHand'),
    isNumber: true,
    by: ({ drawer }) => drawer?.level ?? 0,
    cell: ({ drawer }) => drawer?.level,
  },
];
