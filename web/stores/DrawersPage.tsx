import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { StockItem } from '#contract/stores';
import { plain } from '#core/partslist/plain';
import { money } from '#core/stores/money';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { useChoices } from '../app/useChoices.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { Glyph } from '../ui/Glyph.tsx';
import { PictureCell } from '../ui/PictureCell.tsx';
import { ItemDialog } from './ItemDialog.tsx';
import { useStores } from './StoresFrame.tsx';
import '../ui/plainTable.css';

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
    <div className="table-scroll">
      <table className="plain" aria-label={t('stores.drawersPage.drawers')}>
        <thead>
          <tr>
            <th scope="col">{t('stores.drawersPage.looksLike')}</th>
            <th scope="col">{t('stores.drawersPage.whatItIs')}</th>
            <th scope="col">{t('stores.drawersPage.where')}</th>
            <th scope="col" className="number">
              {t('stores.drawersPage.onHand')}
            </th>
            <th scope="col" className="number">
              {t('stores.drawersPage.minimum')}
            </th>
            <th scope="col">{t('stores.drawersPage.cheapestPack')}</th>
          </tr>
        </thead>
        <tbody>
          {items.map(({ id, part, location, level, minimum, offers }) => {
            const cheapest = [...offers].sort(
              (a, b) =>
                (a.breaks[0]?.packCents ?? 0) / a.packSize -
                (b.breaks[0]?.packCents ?? 0) / b.packSize,
            )[0];
            const supplier = suppliers.find(({ id }) => id === cheapest?.supplierId);
            return (
              <tr key={id}>
                <PictureCell part={asPart(part)} />
                <td>
                  <Link to={`/stores/drawers/${id}`}>{stockName(t, part)}</Link>
                </td>
                <td>{location || '–'}</td>
                <td className={`mono number ${level < minimum ? 'short' : ''}`}>
                  {level < minimum && (
                    <Trans
                      i18nKey="stores.drawersPage.low"
                      components={{ glyph: <Glyph name="warn" /> }}
                    />
                  )}
                  {level}
                </td>
                <td className="mono number">{minimum}</td>
                <td>
                  {cheapest && supplier
                    ? t('stores.drawersPage.for', {
                        packSize: cheapest.packSize,
                        money: money(cheapest.breaks[0]?.packCents ?? 0),
                        name: supplier.name,
                      })
                    : t('stores.drawersPage.noOffer')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
