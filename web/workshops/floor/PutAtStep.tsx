import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import '../../ui/form.css';

interface PutAtStepProps {
  readonly at: FloorSeat;
  readonly seats: readonly FloorSeat[];
  readonly put: (seats: readonly FloorSeat[], stepId: string) => void;
  readonly close: () => void;
}

/** Somebody without a phone, or a room that goes on together: a seat is put at a step by hand. */
export function PutAtStep({ at, seats, put, close }: PutAtStepProps) {
  const { t } = useTranslation();
  const { steps, state, seat } = at;
  const now = steps.findIndex(({ id }) => id === state.currentStepId);
  const [stepId, setStepId] = useState(steps[now + 1]?.id ?? steps.at(-1)?.id ?? '');
  const [others, setOthers] = useState(false);
  const number = stepNumber(steps, stepId);
  const behind = seats.filter(
    (one) =>
      one.seat.id !== seat.id &&
      one.state.currentStepId !== null &&
      stepNumber(one.steps, one.state.currentStepId) < number,
  );
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="put-at-step">
      <form
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          put(others ? [at, ...behind] : [at], stepId);
        }}
      >
        <DialogTitle id="put-at-step">
          {t('workshops.putAtStep.title', { seat: seatName(seat) })}
        </DialogTitle>
        <DialogContent className="form-column">
          <Typography>{t('workshops.putAtStep.help')}</Typography>
          <TextField
            select
            label={t('workshops.putAtStep.step')}
            value={stepId}
            onChange={({ target }) => setStepId(target.value)}
          >
            {steps.map((one, index) => (
              <MenuItem key={one.id} value={one.id}>
                {index + 1} {stepTitle(t, one)} {stepPlaces(one)}
              </MenuItem>
            ))}
          </TextField>
          {behind.length > 0 && (
            <FormControlLabel
              control={
                <Checkbox checked={others} onChange={({ target }) => setOthers(target.checked)} />
              }
              label={t('workshops.putAtStep.others', {
                count: behind.length,
                names: behind.map((one) => seatName(one.seat)).join(', '),
              })}
            />
          )}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('workshops.tellEveryone.notNow')}
          </Button>
          <Button type="submit" variant="contained">
            {t('workshops.putAtStep.put', { number })}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
