import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { addSeat } from '#contract/workshops';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { useWorkshop } from './WorkshopFrame.tsx';

interface AddSeatProps {
  /** Gets the new seat, to show its link. */
  readonly added: (seatId: string) => void;
  readonly close: () => void;
}

/** Somebody has walked in: a seat more, with a name or without. */
export function AddSeat({ added, close }: AddSeatProps) {
  const { t } = useTranslation();
  const { id } = useWorkshop();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal, saving } = useSave();
  const [name, setName] = useState('');
  const add = () =>
    run(async () => {
      const seat = await call(addSeat, { params: { workshopId: id }, body: { name: name.trim() } });
      await revalidate();
      close();
      added(seat.id);
      enqueueSnackbar(t('workshops.addSeat.added', { number: seat.number }));
    });
  return (
    <Dialog open onClose={close} maxWidth="xs" fullWidth aria-labelledby="add-seat">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <DialogTitle id="add-seat">{t('workshops.addSeat.add')}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            label={t('workshops.addSeat.name')}
            value={name}
            onChange={({ target }) => setName(target.value)}
            error={refusal !== undefined}
            helperText={
              refusal ? (refusal.about('name') ?? refusal.message) : t('workshops.addSeat.help')
            }
            slotProps={{ htmlInput: { maxLength: 40 } }}
            sx={{ mt: 1 }}
          />
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('workshops.editWorkshop.cancel')}
          </Button>
          <Button type="submit" variant="contained" loading={saving}>
            {t('workshops.addSeat.add')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
