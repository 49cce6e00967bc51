import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Deed } from '#core/build/event';
import type { LoggedMistake } from '#core/build/foldSeat';
import { wrongValue } from '#core/learning/mistakes/fitting';
import { mistakesOf } from '#core/learning/mistakes/index';
import { otherValues } from '#core/learning/mistakes/otherValues';
import { partName, stepTitle } from '#core/words/partWords';
import type { CallProblem } from '../../app/call.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import '../../ui/form.css';

interface CorrectMistakeProps {
  readonly mistake: LoggedMistake;
  readonly save: (deed: Extract<Deed, { kind: 'corrected' }>) => Promise<void>;
  readonly refusal: CallProblem | undefined;
  readonly close: () => void;
}

/** A mistake that was logged wrongly: at which step it was made, what it is, at which part. */
export function CorrectMistake({ mistake, save, refusal, close }: CorrectMistakeProps) {
  const { t } = useTranslation();
  const { steps } = useWorkshop();
  const [stepId, setStepId] = useState(mistake.madeAtStepId);
  const [what, setWhat] = useState(mistake.mistake);
  const [place, setPlace] = useState(mistake.designator ?? '');
  const [instead, setInstead] = useState(mistake.instead ?? '');
  const step = steps.find(({ id }) => id === stepId);
  const kinds = step ? mistakesOf(step) : [];
  const places =
    !step || step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  // What another step does not know is asked anew.
  const kind = kinds.find(({ id }) => id === what) ?? kinds[0];
  const designator = places.includes(place) ? place : '';
  const others =
    kind?.id === wrongValue.id && designator !== '' ? otherValues(steps, designator) : [];
  const fitted = others.find(({ designators }) => designators.includes(instead));
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="correct-mistake">
      <DialogTitle id="correct-mistake">{t('workshops.correct.title')}</DialogTitle>
      <DialogContent className="form-column">
        <TextField
          select
          label={t('workshops.mistakeGrid.madeAtStep')}
          value={stepId}
          onChange={({ target }) => setStepId(target.value)}
        >
          {steps.map((one, index) => (
            <MenuItem key={one.id} value={one.id}>
              {index + 1} {stepTitle(t, one)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={t('workshops.correct.whatLabel')}
          value={kind?.id ?? ''}
          onChange={({ target }) => setWhat(target.value as LoggedMistake['mistake'])}
        >
          {kinds.map(({ id }) => (
            <MenuItem key={id} value={id}>
              {t(`mistake.${id}.name`)}
            </MenuItem>
          ))}
        </TextField>
        {places.length > 0 && (
          <TextField
            select
            label={t('workshops.correct.place')}
            value={designator}
            onChange={({ target }) => setPlace(target.value)}
          >
            <MenuItem value="">{t('workshops.mistakeGrid.notKnown')}</MenuItem>
            {places.map((name) => (
              <MenuItem key={name} value={name}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
        {others.length > 0 && (
          <TextField
            select
            label={t('workshops.mistakeGrid.whichValue', { place: designator })}
            value={fitted?.designators[0] ?? ''}
            onChange={({ target }) => setInstead(target.value)}
          >
            <MenuItem value="">{t('workshops.mistakeGrid.notKnown')}</MenuItem>
            {others.map((part) => (
              <MenuItem key={part.designators[0]} value={part.designators[0]}>
                {partName(t, { ...part, quantity: 1 })} ({part.designators.join(', ')})
              </MenuItem>
            ))}
          </TextField>
        )}
        {refusal && <Alert severity="error">{refusal.message}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={close}>
          {t('workshops.editWorkshop.cancel')}
        </Button>
        <Button
          variant="contained"
          disabled={!kind}
          onClick={() =>
            kind &&
            void save({
              kind: 'corrected',
              corrects: mistake.eventId,
              stepId,
              mistake: kind.id,
              ...(designator === '' ? {} : { designator }),
              ...(fitted?.designators[0] === undefined ? {} : { instead: fitted.designators[0] }),
            })
          }
        >
          {t('workshops.correct.save')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
