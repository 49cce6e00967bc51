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
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import type { CallProblem } from '../../app/call.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import {
  type Amendable,
  amendments,
  type DraftProblems,
  draftOf,
  type EntryDraft,
} from './entryDraft.ts';
import '../../ui/form.css';

interface CorrectEntryProps {
  readonly entry: Amendable;
  readonly save: (deeds: readonly Deed[]) => Promise<void>;
  readonly refusal: CallProblem | undefined;
  readonly close: () => void;
}

/** Anything but a mistake that was logged wrongly: when it was, and what of it there is to say otherwise. */
export function CorrectEntry({ entry, save, refusal, close }: CorrectEntryProps) {
  const { t } = useTranslation();
  const { steps } = useWorkshop();
  const [draft, setDraft] = useState<EntryDraft>(() => draftOf(entry, steps));
  const [problems, setProblems] = useState<DraftProblems>({});
  const change = (changed: Partial<EntryDraft>) => setDraft({ ...draft, ...changed });
  const step = steps.find(({ id }) => id === draft.stepId);
  const places =
    !step || step.kind === 'check' ? [] : step.parts.flatMap(({ designators }) => designators);
  const told = (field: keyof EntryDraft) => {
    const problem = problems[field];
    return { error: problem !== undefined, helperText: problem && saying(t, problem) };
  };
  const submit = () => {
    const made = amendments(entry, draft, steps, new Date());
    if ('problems' in made) setProblems(made.problems);
    else if (made.deeds.length === 0) close();
    else void save(made.deeds);
  };
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="correct-entry">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <DialogTitle id="correct-entry">{t('workshops.correct.entryTitle')}</DialogTitle>
        <DialogContent className="form-column">
          {draft.stepId !== undefined && (
            <TextField
              select
              label={t('workshops.correct.step')}
              value={draft.stepId}
              onChange={({ target }) =>
                change({ stepId: target.value, ...(draft.places && { places: [] }) })
              }
            >
              {steps.map((one, index) => (
                <MenuItem key={one.id} value={one.id}>
                  {index + 1} {stepTitle(t, one)}
                </MenuItem>
              ))}
            </TextField>
          )}
          {draft.places && (
            <TextField
              select
              label={t('workshops.correct.places')}
              value={draft.places}
              slotProps={{ select: { multiple: true } }}
              onChange={({ target }) =>
                change({ places: target.value as unknown as readonly string[] })
              }
              {...told('places')}
            >
              {[...new Set([...places, ...draft.places])].map((place) => (
                <MenuItem key={place} value={place}>
                  {place}
                </MenuItem>
              ))}
            </TextField>
          )}
          {draft.amount !== undefined && (
            <TextField
              label={t('workshops.correct.amount')}
              value={draft.amount}
              onChange={({ target }) => change({ amount: target.value })}
              {...told('amount')}
            />
          )}
          {draft.text !== undefined && (
            <TextField
              multiline
              minRows={2}
              label={t('workshops.correct.note')}
              value={draft.text}
              onChange={({ target }) => change({ text: target.value })}
              slotProps={{ htmlInput: { maxLength: 500 } }}
              {...told('text')}
            />
          )}
          <TextField
            type="datetime-local"
            label={t(
              draft.until === undefined ? 'workshops.correct.when' : 'workshops.correct.from',
            )}
            value={draft.when}
            onChange={({ target }) => change({ when: target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
            {...told('when')}
          />
          {draft.until !== undefined && (
            <TextField
              type="datetime-local"
              label={t('workshops.correct.until')}
              value={draft.until}
              onChange={({ target }) => change({ until: target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
              {...told('until')}
            />
          )}
          {refusal && <Alert severity="error">{refusal.message}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('workshops.editWorkshop.cancel')}
          </Button>
          <Button type="submit" variant="contained">
            {t('workshops.correct.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
