import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type ColumnId, columns } from '#core/partslist/columns';
import { ink } from '../../app/tokens.ts';
import type { OpenPartsList } from './usePartsListFile.ts';

interface ColumnChoiceProps {
  readonly open: OpenPartsList;
  readonly choose: (index: number, meaning: ColumnId | undefined) => void;
  readonly headingsAt: (line: number) => void;
}

/** What a column that nothing is read from stands for; no column is called so. */
const notNeeded = '-';
const shownRows = 3;
/** So far down somebody may point at the headings. */
const possibleHeadings: readonly number[] = Array.from({ length: 20 }, (_, index) => index + 1);

/** The first rows as they stand in the file, and above each column what it means. */
export function ColumnChoice({ open, choose, headingsAt }: ColumnChoiceProps) {
  const { t } = useTranslation();
  const { headings, rows } = open.table;
  const meaningOf = (index: number) =>
    columns.find(({ id }) => open.mapping[id] === index)?.id ?? notNeeded;
  return (
    <section aria-labelledby="columns">
      <Typography variant="h2" id="columns">
        {t('kits.columnChoice.n2WhichColumnIsWhich')}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        {t('kits.columnChoice.guessedFromTheHeadingsAndRemembered')}
      </Typography>
      <TextField
        select
        size="small"
        label={t('kits.columnChoice.headingsAreIn')}
        value={open.headingLine ?? open.table.headingLine ?? 1}
        onChange={({ target }) => headingsAt(Number(target.value))}
        sx={{ mb: 1.5, minWidth: 180 }}
      >
        <MenuItem value={0}>{t('kits.columnChoice.noRow')}</MenuItem>
        {possibleHeadings.map((row) => (
          <MenuItem key={row} value={row}>
            {t('kits.columnChoice.row', { row })}
          </MenuItem>
        ))}
      </TextField>
      <TableContainer sx={{ border: `1px solid ${ink('line')}` }}>
        <Table size="small" aria-label={t('kits.columnChoice.columnsOfTheFile')}>
          <TableHead>
            <TableRow>
              {headings.map((heading, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
                <TableCell key={index} sx={{ minWidth: 150, verticalAlign: 'top' }}>
                  <Box sx={{ color: ink('ink'), mb: 0.75 }}>
                    {heading || t('kits.columnChoice.column', { index: index + 1 })}
                  </Box>
                  <TextField
                    select
                    size="small"
                    fullWidth
                    value={meaningOf(index)}
                    slotProps={{
                      htmlInput: {
                        'aria-label': t('kits.columnChoice.meaningOf', {
                          heading: heading || t('kits.columnChoice.column', { index: index + 1 }),
                        }),
                      },
                    }}
                    onChange={({ target }) =>
                      choose(
                        index,
                        target.value === notNeeded ? undefined : (target.value as ColumnId),
                      )
                    }
                  >
                    <MenuItem value={notNeeded}>{t('kits.columnChoice.notNeeded2')}</MenuItem>
                    {columns.map(({ id }) => (
                      <MenuItem key={id} value={id}>
                        {t(`lists.column.${id}`)}
                      </MenuItem>
                    ))}
                  </TextField>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.slice(0, shownRows).map(({ line, cells }) => (
              <TableRow key={line}>
                {cells.map((cell, index) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: a cell is known by its place
                  <TableCell key={index} className="mono">
                    {cell}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
    </section>
  );
}
