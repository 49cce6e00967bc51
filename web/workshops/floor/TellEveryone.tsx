import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { useWorkshop } from '../WorkshopFrame.tsx';
import type { FloorSeat } from './floorSeat.ts';

export interface Told {
  readonly stepId: string;
  readonly designators: readonly string[];
  readonly text: string;
  /** Seats that are past it are held at their next check. */
  readonly holds?: true;
}

interface TellEveryoneProps {
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly FloorSeat[];
  /** The step that is asked about first. */
  readonly firstStepId: string;
  readonly tell: (told: Told) => void;
  readonly close: () => void;
}

const longest = 300;

/** Something about a step or a part that every seat must know now. */
export function TellEveryone({ steps, seats, firstStepId, tell, close }: TellEveryoneProps) {
  const { t } = useTranslation();
  const typed = useTyped<{
    stepId: string | null;
    chosen: readonly string[];
    text: string;
    holds: boolean;
  }>(`message ${useWorkshop().id}`, { stepId: null, chosen: [], text: '', holds: false });
  const { chosen, text, holds } = typed.value;
  const stepId = typed.value.stepId ?? firstStepId;
  const [tried, setTried] = useState(false);
  const step = steps.find(({ id }) => id === stepId);
  const places =
    !step || step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  const past = seats.filter(({ state }) => stepId in state.doneAt).length;
  const missing = text.trim() === '';
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="tell-title">
      <DialogTitle id="tell-title">{t('workshops.tellEveryone.tellEveryone')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <FoundAgain typed={typed} />
        <TextField
          select
          label={t('workshops.tellEveryone.aboutStep')}
          value={stepId}
          onChange={({ target }) => {
            typed.set({ stepId: target.value, chosen: [] });
          }}
          sx={{ mt: 1 }}
        >
          {steps.map((one, index) => (
            <MenuItem key={one.id} value={one.id}>
              {index + 1} {stepTitle(t, one)} {stepPlaces(one)}
            </MenuItem>
          ))}
        </TextField>
        {places.length > 1 && (
          <Box role="group" aria-label={t('workshops.tellEveryone.aboutParts')}>
            {places.map((place) => (
              <FormControlLabel
                key={place}
                label={<span className="mono">{place}</span>}
                control={
                  <Checkbox
                    checked={chosen.includes(place)}
                    onChange={({ target }) =>
                      typed.set({
                        chosen: target.checked
                          ? [...chosen, place]
                          : chosen.filter((other) => other !== place),
                      })
                    }
                  />
                }
              />
            ))}
          </Box>
        )}
        <TextField
          label={t('workshops.tellEveryone.whatEverybodyMustKnow')}
          multiline
          minRows={2}
          value={text}
          onChange={({ target }) => typed.set({ text: target.value })}
          error={tried && missing}
          helperText={
            tried && missing
              ? t('workshops.tellEveryone.writeWhatEverybodyMustKnow')
              : t('workshops.tellEveryone.suchAsTheFlatOfThese')
          }
          slotProps={{ htmlInput: { maxLength: longest } }}
        />
        <Box role="status">
          {t('workshops.tellEveryone.ofSeatsHaveThisStepBefore', {
            ahead: seats.length - past,
            count: seats.length,
          })}{' '}
          {past > 0 && t('workshops.tellEveryone.past', { count: past })}
        </Box>
        {past > 0 && (
          <FormControlLabel
            label={t('workshops.tellEveryone.hold', { count: past })}
            control={
              <Checkbox
                checked={holds}
                onChange={({ target }) => typed.set({ holds: target.checked })}
              />
            }
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={close}>
          {t('workshops.tellEveryone.notNow')}
        </Button>
        <Button
          variant="contained"
          onClick={() => {
            setTried(true);
            if (missing) return;
            typed.saved();
            tell({
              stepId,
              designators: chosen.length > 0 ? chosen : places.length === 1 ? places : [],
              text: text.trim(),
              ...(holds && past > 0 ? { holds: true } : {}),
            });
          }}
        >
          {t('workshops.tellEveryone.tellAllSeats', { count: seats.length })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
