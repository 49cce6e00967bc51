import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getItemLedger, type ItemLedger, ledgerCsvPath } from '#contract/stores';
import { ledgerOf, type MoveKind } from '#core/stores/ledger';
import { asPart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { dateAndTime } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { ItemDialog } from './ItemDialog.tsx';
import { MoveForm } from './MoveForm.tsx';
import { Offers } from './Offers.tsx';
import '../ui/plainTable.css';

export const loadItem = ({ params }: LoaderFunctionArgs) =>
  call(getItemLedger, { params: { itemId: String(params.itemId) } });

const moveWords: Readonly<Record<MoveKind, string>> = {
  in: 'came in',
  out: 'went out',
  spoiled: 'spoiled or lost',
  count: 'counted',
};

/** One drawer: its ledger, which explains the level, and what it can be bought for. */
export function ItemPage() {
  const { t } = useTranslation();
  const { item, moves } = useLoaderData<ItemLedger>();
  const [changing, setChanging] = useState(false);
  const rows = ledgerOf(moves).reverse();
  const part = asPart(item.part);
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: '1fr 440px' } }}>
      <Box>
        <Link to="/stores/drawers">All drawers</Link>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', my: 1.5, flexWrap: 'wrap' }}>
          <PartPicture part={part} pixelsPerMm={pictureScale(part, { width: 150, height: 90 })} />
          <Box sx={{ flex: 1, minWidth: 220 }}>
            <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
              {stockName(t, item.part)}
            </Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              {item.location || 'no place given'} · at least {item.minimum}
            </Typography>
          </Box>
          <Typography className="mono" sx={{ fontSize: '2rem' }}>
            {item.level}
          </Typography>
          <Button onClick={() => setChanging(true)}>Change</Button>
        </Box>
        <MoveForm itemId={item.id} />
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 3, mb: 0.5 }}>
          <Typography variant="h2">Ledger, newest first</Typography>
          {rows.length > 0 && (
            <Button size="small" href={ledgerCsvPath(item.id)}>
              Export the ledger as CSV
            </Button>
          )}
        </Box>
        {rows.length === 0 ? (
          <EmptyState
            title="Nothing booked yet"
            text="Count what lies in the drawer and book it; from then on the ledger explains the level."
          />
        ) : (
          <table className="plain" aria-label="Ledger">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">What</th>
                <th scope="col" className="number">
                  Change
                </th>
                <th scope="col" className="number">
                  Level
                </th>
                <th scope="col">Note</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ move, change, level }) => (
                <tr key={move.id}>
                  <td>{dateAndTime(move.at)}</td>
                  <td>{moveWords[move.kind]}</td>
                  <td className="mono number">{change > 0 ? `+${change}` : change}</td>
                  <td className="mono number">{level}</td>
                  <td>{move.note}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Box>
      <Offers item={item} />
      {changing && <ItemDialog item={item} close={() => setChanging(false)} />}
    </Box>
  );
}
