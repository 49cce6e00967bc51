import { useTranslation } from 'react-i18next';
import { useStore } from 'zustand';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import type { BuildLog } from '../app/buildLog.ts';
import { timeOfDay } from '../ui/clock.ts';

interface NotSavedProps {
  readonly log: BuildLog;
  readonly steps: readonly PlannedStep[];
}

/** Entries that the server did not take: kept here until the learner sends them again or lets them go. */
export function NotSaved({ log, steps }: NotSavedProps) {
  const { t } = useTranslation();
  const aside = useStore(log.store, (state) => state.aside);
  if (aside.length === 0) return null;
  const what = (event: (typeof aside)[number]['event']) => {
    const step = 'stepId' in event && steps.find(({ id }) => id === event.stepId);
    return step ? `${timeOfDay(event.at)}, ${stepTitle(t, step)}` : timeOfDay(event.at);
  };
  return (
    <div role="alert" className="alarm-box">
      <p>{t('seat.notSaved')}</p>
      {aside.map((one) => (
        <p key={one.event.id}>
          {what(one.event)}{' '}
          <button type="button" className="text-button" onClick={() => log.tryAgain(one)}>
            {t('seat.tryAgain')}
          </button>{' '}
          <button type="button" className="text-button" onClick={() => log.discard(one)}>
            {t('seat.discard')}
          </button>
        </p>
      ))}
    </div>
  );
}
