import { useTranslation } from 'react-i18next';
import type { Notice, SeatState } from '#core/build/foldSeat';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { shortDesignators } from '#core/parts/label';
import { Glyph } from '../ui/Glyph.tsx';

interface FromTheInstructorProps {
  readonly state: SeatState;
  readonly steps: readonly PlannedStep[];
}

/**
 * What the instructor tells this seat: notices to everybody as long as the step they are about is not done, or is to be
 * looked at; and praise until the next step is done.
 */
export function FromTheInstructor({ state, steps }: FromTheInstructorProps) {
  const { t } = useTranslation();
  const notices = state.notices.filter(
    ({ standing, stepId }) =>
      standing === 'to-check' || (standing === 'ahead' && !(stepId in state.doneAt)),
  );
  const praise = state.praises.at(-1);
  const lastDone = Object.values(state.doneAt).sort().at(-1) ?? '';
  return (
    <div role="status">
      {praise && praise.at > lastDone && (
        <p className="praise">
          <Glyph name="tick" /> {t('seat.wellDone')}
        </p>
      )}
      {notices.map((notice) => (
        <section key={notice.eventId} className="mind">
          <h2>
            <Glyph name="warn" /> {t('seat.told.title')}
            {notice.designators.length > 0 && (
              <span className="place-names"> {shortDesignators(notice.designators)}</span>
            )}
          </h2>
          <p>
            <strong>{notice.text}</strong>
          </p>
          <p>{t(`seat.told.${placeOf(notice, state)}`, { number: numberOf(notice, steps) })}</p>
        </section>
      ))}
    </div>
  );
}

const numberOf = ({ stepId }: Notice, steps: readonly PlannedStep[]): number =>
  steps.findIndex(({ id }) => id === stepId) + 1;

function placeOf({ standing, stepId }: Notice, state: SeatState): 'now' | 'ahead' | 'to-check' {
  if (standing === 'to-check') return 'to-check';
  return stepId === state.currentStepId ? 'now' : 'ahead';
}
