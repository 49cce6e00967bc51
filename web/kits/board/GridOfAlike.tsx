import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Grid } from '#core/board/together';

interface GridOfAlikeProps {
  readonly count: number;
  readonly grid: Grid | undefined;
  readonly setGrid: (grid: Grid | undefined) => void;
}

/** Equal parts at once: how many in a row, and how far apart. */
export function GridOfAlike({ count, grid, setGrid }: GridOfAlikeProps) {
  const { t } = useTranslation();
  const field = (name: keyof Grid, most: number) => (
    <TextField
      key={name}
      size="small"
      type="number"
      label={t(`kits.tray.grid.${name}`)}
      defaultValue={grid?.[name]}
      onChange={({ target }) => {
        const value = Number(target.value);
        if (grid && value > 0 && value <= most) {
          setGrid({ ...grid, [name]: name === 'columns' ? Math.round(value) : value });
        }
      }}
    />
  );
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 1 }}>
      <FormControlLabel
        control={
          <Checkbox
            checked={grid !== undefined}
            onChange={(_, checked) =>
              setGrid(
                checked
                  ? { columns: Math.ceil(Math.sqrt(count)), acrossMm: 10.16, downMm: 10.16 }
                  : undefined,
              )
            }
          />
        }
        label={t('kits.tray.grid.all', { count })}
      />
      {grid && field('columns', 100)}
      {grid && field('acrossMm', 100)}
      {grid && field('downMm', 100)}
    </Box>
  );
}
