import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type FormEvent, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { isFamilyId } from '#core/parts/families/index';
import { type ColumnId, columns } from '#core/partslist/columns';
import { readDesignators } from '#core/partslist/designators';
import { cellsOf, editRow, type RowCells } from '#core/partslist/editTable';
import { readPartsList } from '#core/partslist/readPartsList';
import { recognise } from '#core/partslist/recognise';
import { partName } from '#core/words/partWords';
import { saying, written } from '#core/words/sayings';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { PartPicture, pictureScale } from '../../ui/PartPicture.tsx';
import { FamilyField } from '../FamilyField.tsx';
import type { OpenPartsList } from './openPartsList.ts';

interface RowDialogProps {
  readonly list: OpenPartsList;
  /** Line of the row in the file. */
  readonly line: number;
  readonly save: (cells: RowCells) => void;
  /** Absent for a row that is new, and for the only one. */
  readonly leaveOut?: (() => void) | undefined;
  /** The row is not in the file. */
  readonly isNew: boolean;
  readonly close: () => void;
}

/** One row of a file before it is taken over: its cells, and what is made of them while they are written. */
export function RowDialog({ list, line, save, leaveOut, isNew, close }: RowDialogProps) {
  const { t } = useTranslation();
  const [before] = useState(() => cellsOf(list, line));
  // By what stands in it: the same row of the same file, wherever it is opened again.
  const typed = useTyped(`row ${JSON.stringify(Object.values(before))}`, before);
  const cells = typed.value;
  const read = useMemo(() => {
    const edited = editRow(list, line, cells);
    const { lines, problems } = readPartsList(edited.table, edited.mapping, list.remembered);
    return {
      part: lines.find((one) => one.line === line)?.part,
      problems: problems.filter((problem) => problem.line === line),
    };
  }, [list, line, cells]);
  const names = readDesignators(cells.designators);
  const likely = recognise({
    text: `${cells.description} ${cells.value}`,
    designators: names.ok ? names.value : [],
  });
  const write = (id: ColumnId, text: string) => typed.set({ [id]: text });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    typed.saved();
    save(cells);
    close();
  };
  return (
    <Dialog open onClose={close} maxWidth="md" fullWidth aria-labelledby="row-title">
      <form onSubmit={submit} noValidate>
        <DialogTitle id="row-title">
          {isNew ? t('kits.rowDialog.newRow') : t('kits.rowDialog.correctRow', { line })}
        </DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: { sm: '1fr 240px' } }}>
          <Box sx={{ display: 'grid', gap: 2, pt: 1, gridTemplateColumns: { sm: '1fr 1fr' } }}>
            <Box sx={{ gridColumn: '1 / -1' }}>
              <FoundAgain typed={typed} />
              <FamilyField
                value={isFamilyId(cells.family) ? cells.family : (read.part?.family ?? '')}
                likely={likely}
                choose={(family) => write('family', family)}
              />
            </Box>
            {columns
              .filter(({ id }) => id !== 'family')
              .map(({ id }) => (
                <TextField
                  key={id}
                  size="small"
                  label={t(`lists.column.${id}`)}
                  value={cells[id]}
                  onChange={({ target }) => write(id, target.value)}
                  helperText={t(`lists.hint.${id}`)}
                />
              ))}
          </Box>
          <Box aria-live="polite" sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
            <Typography sx={{ color: 'text.secondary' }}>
              {t('kits.rowDialog.asItWillBeRead')}
            </Typography>
            {read.part && (
              <>
                <PartPicture part={read.part} pixelsPerMm={pictureScale(read.part, pictureRoom)} />
                <Typography sx={{ fontWeight: 650 }}>{partName(t, read.part)}</Typography>
              </>
            )}
            {read.problems.map(({ column, message }) => (
              <Typography key={saying(t, message)}>
                <strong>{written(t, column)}:</strong> {saying(t, message)}
              </Typography>
            ))}
          </Box>
        </DialogContent>
        <DialogActions>
          {leaveOut && (
            <Button
              color="inherit"
              onClick={() => {
                leaveOut();
                close();
              }}
              sx={{ mr: 'auto' }}
            >
              {t('kits.rowDialog.leaveOut')}
            </Button>
          )}
          <Button onClick={close}>{t('kits.rowDialog.cancel')}</Button>
          <Button type="submit" variant="contained">
            {t('kits.rowDialog.saveTheRow')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

const pictureRoom = { width: 200, height: 210 };
