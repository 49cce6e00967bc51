import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import ListItemText from '@mui/material/ListItemText';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { longestBreak, type MessageSort, messageSorts } from '#core/build/event';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { type FloorSeat, seatName } from './floorSeat.ts';
import '../../ui/form.css';

export interface ToSend {
  readonly sort: MessageSort;
  readonly text: string;
  readonly minutes?: number | undefined;
}

interface SendMessageProps {
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly FloorSeat[];
  readonly send: (to: readonly FloorSeat[], message: ToSend) => void;
  readonly close: () => void;
}

type Whom = 'all' | 'at-step' | 'some';
const whoms: readonly Whom[] = ['all', 'at-step', 'some'];
const longest = 300;
const usualBreak = '10';

/** Words to the seats that are about no step: a hint, a break, stop. */
export function SendMessage({ steps, seats, send, close }: SendMessageProps) {
  const { t } = useTranslation();
  const typed = useTyped<{
    sort: MessageSort;
    text: string;
    minutes: string;
    whom: Whom;
    stepId: string;
    chosen: readonly string[];
  }>(`words to seats ${useWorkshop().id}`, {
    sort: 'hint',
    text: '',
    minutes: usualBreak,
    whom: 'all',
    stepId: steps[0]?.id ?? '',
    chosen: [],
  });
  const { sort, text, minutes, whom, stepId, chosen } = typed.value;
  const [tried, setTried] = useState(false);
  const to = seats.filter(
    ({ seat, state }) =>
      whom === 'all' ||
      (whom === 'at-step' ? state.currentStepId === stepId : chosen.includes(seat.id)),
  );
  const length = Number(minutes);
  const isWrongBreak =
    sort === 'break' && !(Number.isInteger(length) && length >= 1 && length <= longestBreak);
  const missing = text.trim() === '';
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="send-message">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          setTried(true);
          if (missing || isWrongBreak || to.length === 0) return;
          typed.saved();
          send(to, { sort, text: text.trim(), ...(sort === 'break' ? { minutes: length } : {}) });
        }}
      >
        <DialogTitle id="send-message">{t('workshops.message.title')}</DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={typed} />
          <TextField
            select
            label={t('workshops.message.kind')}
            value={sort}
            onChange={({ target }) => typed.set({ sort: target.value as MessageSort })}
          >
            {messageSorts.map((one) => (
              <MenuItem key={one} value={one}>
                {t(`workshops.message.sort.${one}`)}
              </MenuItem>
            ))}
          </TextField>
          {sort === 'break' && (
            <TextField
              label={t('workshops.message.minutes')}
              value={minutes}
              onChange={({ target }) => typed.set({ minutes: target.value })}
              error={isWrongBreak}
              helperText={
                isWrongBreak
                  ? t('workshops.message.wrongMinutes', { most: longestBreak })
                  : undefined
              }
              slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 3 } }}
            />
          )}
          <TextField
            label={t('workshops.message.text')}
            multiline
            minRows={2}
            required
            value={text}
            onChange={({ target }) => typed.set({ text: target.value })}
            error={tried && missing}
            helperText={tried && missing ? t('workshops.message.write') : undefined}
            slotProps={{ htmlInput: { maxLength: longest } }}
          />
          <TextField
            select
            label={t('workshops.message.whom')}
            value={whom}
            onChange={({ target }) => typed.set({ whom: target.value as Whom })}
          >
            {whoms.map((one) => (
              <MenuItem key={one} value={one}>
                {t(`workshops.message.to.${one}`)}
              </MenuItem>
            ))}
          </TextField>
          {whom === 'at-step' && (
            <TextField
              select
              label={t('workshops.message.step')}
              value={stepId}
              onChange={({ target }) => typed.set({ stepId: target.value })}
            >
              {steps.map((one, index) => (
                <MenuItem key={one.id} value={one.id}>
                  {index + 1} {stepTitle(t, one)} {stepPlaces(one)}
                </MenuItem>
              ))}
            </TextField>
          )}
          {whom === 'some' && (
            <TextField
              select
              label={t('workshops.message.seats')}
              value={chosen}
              slotProps={{
                select: {
                  multiple: true,
                  renderValue: () => to.map(({ seat }) => seatName(seat)).join(', '),
                },
              }}
              onChange={({ target }) =>
                typed.set({ chosen: target.value as unknown as readonly string[] })
              }
            >
              {seats.map(({ seat }) => (
                <MenuItem key={seat.id} value={seat.id}>
                  <Checkbox checked={chosen.includes(seat.id)} />
                  <ListItemText primary={seatName(seat)} />
                </MenuItem>
              ))}
            </TextField>
          )}
          {to.length === 0 && <p role="status">{t('workshops.message.nobody')}</p>}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('workshops.tellEveryone.notNow')}
          </Button>
          <Button type="submit" variant="contained" disabled={to.length === 0}>
            {t('workshops.message.send', { count: to.length })}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
