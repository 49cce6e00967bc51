import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type AddedStep, addedKey, nothingOwn, type OwnSteps } from '#core/order/own/own';
import { withHidden, withoutAdded, withWords } from '#core/order/own/ownSteps';
import type { Step } from '#core/order/step';
import { stepTitle } from '#core/words/partWords';
import type { OrderDraft } from './orderDraft.ts';
import { AssemblyDialog, LeaveOut, StepDialog } from './whenOpened.ts';

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
  const [open, setOpen] = useState<'words' | 'new' | 'assembly' | 'hide'>();
  const { settings, change } = draft;
  const own = settings.own ?? nothingOwn;
  const set = (next: OwnSteps) => change({ own: next });
  const named = { number, title: stepTitle(t, step) };
  const isOwn = step.kind === 'own';
  const after = keys.at(-1) ?? null;
  const add = (steps: readonly AddedStep[], from = own) => {
    const next = { ...from, added: [...from.added, ...steps] };
    const { arrangement } = settings;
    if (!arrangement) return set(next);
    // Where the instructor has put the steps in order himself, new ones have their place there.
    const at = arrangement.findIndex((one) => one.includes(after ?? ''));
    const placed = steps.map(({ id }) => [addedKey(id)]);
    change({
      own: next,
      arrangement: [...arrangement.slice(0, at + 1), ...placed, ...arrangement.slice(at + 1)],
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
        onClick={() => setOpen('assembly')}
        aria-label={t('kits.assembly.addAfterNamed', named)}
      >
        {t('kits.assembly.add')}
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
        {open === 'new' && (
          <StepDialog
            save={(words, sort) => add([{ id: crypto.randomUUID(), sort, after, words }])}
            close={() => setOpen(undefined)}
          />
        )}
        {open === 'assembly' && (
          <AssemblyDialog
            after={after}
            replaced={isOwn || step.kind === 'check' ? undefined : named.title}
            save={(steps, reason) =>
              add(steps, reason === undefined ? own : withHidden(own, keys, reason))
            }
            close={() => setOpen(undefined)}
          />
        )}
        {open === 'hide' && (
          <LeaveOut
            name={keys.join(' ')}
            leave={(reason) => set(withHidden(own, keys, reason))}
            close={() => setOpen(undefined)}
          />
        )}
      </Suspense>
    </>
  );
}
