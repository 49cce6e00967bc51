import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { addedKey, nothingOwn, type OwnSteps } from '#core/order/own/own';
import { withHidden, withoutAdded, withWords } from '#core/order/own/ownSteps';
import type { Step } from '#core/order/step';
import { stepTitle } from '#core/words/partWords';
import type { OrderDraft } from './orderDraft.ts';
import { StepDialog } from './stepDialogWhenOpened.ts';

interface OwnDeedsProps {
  readonly step: Step;
  readonly number: number;
  /** What is done in the step, as arrangements call it. */
  readonly keys: readonly string[];
  readonly draft: OrderDraft;
}

/** What an instructor can do with a step beside moving it: other words, a step after it, leaving it out. */
export function OwnDeeds({ step, number, keys, draft }: OwnDeedsProps) {
  const { t } = useTranslation();
  const [open, setOpen] = useState<'words' | 'new' | 'hide'>();
  const { settings, change } = draft;
  const own = settings.own ?? nothingOwn;
  const set = (next: OwnSteps) => change({ own: next });
  const named = { number, title: stepTitle(t, step) };
  const isOwn = step.kind === 'own';
  const add = (
    words: OwnSteps['added'][number]['words'],
    sort: OwnSteps['added'][number]['sort'],
  ) => {
    const id = crypto.randomUUID();
    const after = keys.at(-1) ?? null;
    const added = [...own.added, { id, sort, after, words }];
    const { arrangement } = settings;
    if (!arrangement) return set({ ...own, added });
    // Where the instructor has put the steps in order himself, a new one has its place there.
    const at = arrangement.findIndex((one) => one.includes(after ?? ''));
    change({
      own: { ...own, added },
      arrangement: [...arrangement.slice(0, at + 1), [addedKey(id)], ...arrangement.slice(at + 1)],
    });
  };
  if (step.own?.hidden !== undefined) {
    return (
      <Button
        size="small"
        onClick={() => set(withHidden(own, keys, undefined))}
        aria-label={t('kits.ownStep.bringBackNamed', named)}
      >
        {t('kits.ownStep.bringBack')}
      </Button>
    );
  }
  return (
    <>
      <Button
        size="small"
        onClick={() => setOpen('words')}
        aria-label={t('kits.ownStep.editNamed', named)}
      >
        {t('kits.ownStep.edit')}
      </Button>
      <Button
        size="small"
        onClick={() => setOpen('new')}
        aria-label={t('kits.ownStep.addAfterNamed', named)}
      >
        {t('kits.ownStep.addAfter')}
      </Button>
      <Button
        size="small"
        color="inherit"
        onClick={() => (isOwn ? set(withoutAdded(own, keys)) : setOpen('hide'))}
        aria-label={t(isOwn ? 'kits.ownStep.deleteNamed' : 'kits.ownStep.leaveOutNamed', named)}
      >
        {t(isOwn ? 'kits.ownStep.delete' : 'kits.ownStep.leaveOut')}
      </Button>
      <Suspense>
        {open === 'words' && (
          <StepDialog
            step={step}
            save={(words) => set(withWords(own, keys, step, words))}
            close={() => setOpen(undefined)}
          />
        )}
        {open === 'new' && <StepDialog save={add} close={() => setOpen(undefined)} />}
      </Suspense>
      {open === 'hide' && (
        <LeaveOut
          leave={(reason) => set(withHidden(own, keys, reason))}
          close={() => setOpen(undefined)}
        />
      )}
    </>
  );
}

interface LeaveOutProps {
  readonly leave: (reason: string) => void;
  readonly close: () => void;
}

/** A step is left out for a reason, which stays with it. */
function LeaveOut({ leave, close }: LeaveOutProps) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  return (
    <form
      className="leave-out"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') leave(reason.trim());
      }}
    >
      <TextField
        size="small"
        autoFocus
        label={t('kits.ownStep.whyLeftOut')}
        value={reason}
        onChange={({ target }) => setReason(target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <Button type="submit" size="small" variant="outlined" disabled={reason.trim() === ''}>
        {t('kits.ownStep.leaveOut')}
      </Button>
      <Button size="small" color="inherit" onClick={close}>
        {t('kits.ownStep.cancel')}
      </Button>
    </form>
  );
}
