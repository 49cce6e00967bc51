import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { swapSeats } from '#contract/workshopShelf';
import type { Seat } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { offerUndo } from '../../app/offerUndo.tsx';
import { useSave } from '../../app/useSave.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { seatName } from './floorSeat.ts';
import '../../ui/form.css';

interface SwapSeatsProps {
  readonly seat: Seat;
  readonly close: () => void;
}

/** Two change places in the room, with all that is recorded of them. */
export function SwapSeats({ seat, close }: SwapSeatsProps) {
  const { t } = useTranslation();
  const { id: workshopId, seats } = useWorkshop();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const others = seats.filter(({ id }) => id !== seat.id);
  const [otherId, setOtherId] = useState(others[0]?.id ?? '');
  const swap = async () => {
    await call(swapSeats, { params: { workshopId, seatId: seat.id }, body: { with: otherId } });
    await revalidate();
  };
  const other = others.find(({ id }) => id === otherId);
  const save = () =>
    run(async () => {
      await swap();
      close();
      offerUndo(
        t('workshops.swapSeats.done', {
          seat: seatName(seat),
          other: other ? seatName(other) : '',
        }),
        swap,
      );
    });
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="swap-seats">
      <DialogTitle id="swap-seats">
        {t('workshops.swapSeats.title', { seat: seatName(seat) })}
      </DialogTitle>
      <DialogContent className="form-column">
        <Typography>{t('workshops.swapSeats.help')}</Typography>
        <TextField
          select
          label={t('workshops.swapSeats.with')}
          value={otherId}
          onChange={({ target }) => setOtherId(target.value)}
        >
          {others.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {seatName(one)}
            </MenuItem>
          ))}
        </TextField>
        {refusal && <Alert severity="error">{refusal.message}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={close}>
          {t('workshops.editWorkshop.cancel')}
        </Button>
        <Button variant="contained" disabled={!other} loading={saving} onClick={() => void save()}>
          {t('workshops.swapSeats.open')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
