import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';

interface RulerProps {
  readonly steps: readonly PlannedStep[];
  readonly doneAt: Readonly<Record<string, string>>;
  readonly currentIndex: number;
}

/** All steps as a row of marks, wide as their minutes: filled when done, open when to do, the present one raised. */
export function Ruler({ steps, doneAt, currentIndex }: RulerProps) {
  const { t } = useTranslation();
  const label = t('seat.stepOf', {
    number: Math.min(currentIndex + 1, steps.length),
    count: steps.length,
  });
  return (
    <div className="ruler" role="img" aria-label={label}>
      {steps.map(({ id, minutes }, index) => (
        <span
          key={id}
          className={
            id in doneAt ? 'mark mark-done' : index === currentIndex ? 'mark mark-now' : 'mark'
          }
          style={{ flexGrow: minutes }}
        />
      ))}
    </div>
  );
}
