import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { isMapped, type PlacementColumn, type PlacementMapping } from '#core/board/placementList';
import { ink } from '../../app/tokens.ts';

/** A file of positions whose headings do not say what they are. */
export interface AskedColumns {
  readonly text: string;
  readonly columns: readonly string[];
  readonly mapping: PlacementMapping;
}

const names: readonly (readonly [PlacementColumn, string])[] = [
  ['place', 'Place name'],
  ['x', 'X, from the left'],
  ['y', 'Y, from below'],
  ['rotation', 'Rotation'],
  ['side', 'Side'],
];

interface PlacementColumnsProps {
  readonly asked: AskedColumns;
  readonly take: (mapping: PlacementMapping) => void;
}

/** Says once which column is which; the next file with the same headings is read the same way. */
export function PlacementColumns({ asked, take }: PlacementColumnsProps) {
  const [mapping, setMapping] = useState(asked.mapping);
  return (
    <Box sx={{ border: `1px solid ${ink('line')}`, p: 1.5, mt: 1, display: 'grid', gap: 1.5 }}>
      <Typography variant="h2">Which column is which?</Typography>
      {names.map(([id, name]) => (
        <TextField
          key={id}
          select
          size="small"
          label={name}
          value={String(mapping[id])}
          onChange={({ target }) => setMapping({ ...mapping, [id]: Number(target.value) })}
        >
          <MenuItem value="-1">– none –</MenuItem>
          {asked.columns.map((heading, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
            <MenuItem key={index} value={String(index)}>
              {heading || `column ${index + 1}`}
            </MenuItem>
          ))}
        </TextField>
      ))}
      <Button variant="outlined" disabled={!isMapped(mapping)} onClick={() => take(mapping)}>
        Take the positions over
      </Button>
    </Box>
  );
}
