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
import type { Table as ListTable } from '#core/partslist/table';

import { ink } from '../app/tokens.ts';

interface ColumnChoiceProps<Id extends string> {
  readonly open: {
    readonly table: ListTable;
    /** The line of the headings as a person chose it. */
    readonly headingLine?: number;
    readonly mapping: Readonly<Partial<Record<Id, number>>>;
  };
  /** What a column can mean; each has its name in the catalogue of lists. */
  readonly meanings: readonly Id[];
  readonly choose: (index: number, meaning: Id | undefined) => void;
  readonly headingsAt: (line: number) => void;
}

/** What a column that nothing is read from stands for; no column is called so. */
const notNeeded = '-';
const shownRows = 3;
/** So far down somebody may point at the headings. */
const possibleHeadings: readonly number[] = Array.from({ length: 20 }, (_, index) => index + 1);

/** The first rows as they stand in the file, and above each column what it means. */
export function ColumnChoice<Id extends string>({
  open,
  meanings,
  choose,
  headingsAt,
}: ColumnChoiceProps<Id>) {
  const { t } = useTranslation();
  const { headings, rows } = open.table;
  const meaningOf = (index: number) =>
    meanings.find((id) => open.mapping[id] === index) ?? notNeeded;
  return (
    <section aria-labelledby="columns">
      <Typography variant="h2" id="columns">
        {t('lists.columnChoice.n2WhichColumnIsWhich')}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        {t('lists.columnChoice.guessedFromTheHeadingsAndRemembered')}
      </Typography>
      <TextField
        select
        size="small"
        label={t('lists.columnChoice.headingsAreIn')}
        value={open.headingLine ?? open.table.headingLine ?? 1}
        onChange={({ target }) => headingsAt(Number(target.value))}
        sx={{ mb: 1.5, minWidth: 180 }}
      >
        <MenuItem value={0}>{t('lists.columnChoice.noRow')}</MenuItem>
        {possibleHeadings.map((row) => (
          <MenuItem key={row} value={row}>
            {t('lists.columnChoice.row', { row })}
          </MenuItem>
        ))}
      </TextField>
      <TableContainer sx={{ border: `1px solid ${ink('line')}` }}>
        <Table size="small" aria-label={t('lists.columnChoice.columnsOfTheFile')}>
          <TableHead>
            <TableRow>
              {headings.map((heading, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a column is known by its place
                <TableCell key={index} sx={{ minWidth: 150, verticalAlign: 'top' }}>
                  <Box sx={{ color: ink('ink'), mb: 0.75 }}>
                    {heading || t('lists.columnChoice.column', { index: index + 1 })}
                  </Box>
                  <TextField
                    select
                    size="small"
                    fullWidth
                    value={meaningOf(index)}
                    slotProps={{
                      htmlInput: {
                        'aria-label': t('lists.columnChoice.meaningOf', {
                          heading: heading || t('lists.columnChoice.column', { index: index + 1 }),
                        }),
                      },
                    }}
                    onChange={({ target }) =>
                      choose(index, target.value === notNeeded ? undefined : (target.value as Id))
                    }
                  >
                    <MenuItem value={notNeeded}>{t('lists.columnChoice.notNeeded2')}</MenuItem>
                    {meanings.map((id) => (
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
