import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { isMapped, type PlacementColumn, type PlacementMapping } from '#core/board/placementList';
import { ink } from '../../app/tokens.ts';

/** A file of positions whose headings do not say what they are. */
export interface AskedColumns {
  readonly text: string;
  readonly columns: readonly string[];
  readonly mapping: PlacementMapping;
}

const order: readonly PlacementColumn[] = ['place', 'x', 'y', 'rotation', 'side'];

interface PlacementColumnsProps {
  readonly asked: AskedColumns;
  readonly take: (mapping: PlacementMapping) => void;
}

/** Says once which column is which; the next file with the same headings is read the same way. */
export function PlacementColumns({ asked, take }: PlacementColumnsProps) {
  const { t } = useTranslation();
  const [mapping, setMapping] = useState(asked.mapping);
  return (
    <Box sx={{ border: `1px solid ${ink('line')}`, p: 1.5, mt: 1, display: 'grid', gap: 1.5 }}>
      <Typography variant="h2">{t('kits.placementColumns.whichColumnIsWhich')}</Typography>
      {order.map((id) => (
        <TextField
          key={id}
          select
          size="small"
          label={t(`kits.placementColumns.${id}`)}
          value={String(mapping[id])}
          onChange={({ target }) => setMapping({ ...mapping, [id]: Number(target.value) })}
        >
          <MenuItem value="-1">{t('kits.placementColumns.none')}</MenuItem>
          {asked.columns.map((heading, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
            <MenuItem key={index} value={String(index)}>
              {heading || t('kits.placementColumns.column', { index: index + 1 })}
            </MenuItem>
          ))}
        </TextField>
      ))}
      <Button variant="outlined" disabled={!isMapped(mapping)} onClick={() => take(mapping)}>
        {t('kits.placementColumns.takeThePositionsOver')}
      </Button>
    </Box>
  );
}
