import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
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
      Add a drawer
    </Button>
  );
  return (
    <>
      {items.length === 0 ? (
        <EmptyState
          title="No drawer yet"
          text="Add what you keep: write it as you would on a list, for example “4k7 5%” or “LED red 5mm”. Its level then follows from what comes in, goes out and is counted."
        >
          {add}
        </EmptyState>
      ) : (
        <>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
            <TextField
              size="small"
              type="search"
              label="Find by name or place"
              value={asked}
              onChange={({ target }) => set('find', target.value)}
              sx={{ minWidth: 260 }}
            />
            <FormControlLabel
              control={
                <Switch
                  checked={onlyShort}
                  onChange={(_, on) => set('short', on ? 'yes' : undefined)}
                />
              }
              label="only what is below its minimum"
            />
            <Box sx={{ flex: 1 }} />
            {add}
          </Box>
          {found.length === 0 ? (
            <Typography role="status">No drawer is like that.</Typography>
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
      <table className="plain" aria-label="Drawers">
        <thead>
          <tr>
            <th scope="col">Looks like</th>
            <th scope="col">What it is</th>
            <th scope="col">Where</th>
            <th scope="col" className="number">
              On hand
            </th>
            <th scope="col" className="number">
              Minimum
            </th>
            <th scope="col">Cheapest pack</th>
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
                    <>
                      <Glyph name="warn" /> low{' '}
                    </>
                  )}
                  {level}
                </td>
                <td className="mono number">{minimum}</td>
                <td>
                  {cheapest && supplier
                    ? `${cheapest.packSize} for ${money(cheapest.breaks[0]?.packCents ?? 0)}, ${supplier.name}`
                    : 'no offer'}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
