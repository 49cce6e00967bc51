import type { TFunction } from 'i18next';
import { memo } from 'react';
import { useTranslation } from 'react-i18next';
import type { SeatState } from '#core/build/foldSeat';
import { type PlannedStep, totalMinutes } from '#core/pace/stepMinutes';
import { other } from '#core/parts/families/other';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { Glyph } from '../../ui/Glyph.tsx';

interface TrackProps {
  readonly state: SeatState;
  readonly steps: readonly PlannedStep[];
  /** Of each step. */
  readonly titles: readonly string[];
}

/** The plan's steps, wide as their minutes: filled where done, with a tick where staff have checked it, copper where the seat is, a cross where a mistake was made. The time moves nothing here but the line of the plan, which is the style's. */
export const Track = memo(function Track({ state, steps, titles }: TrackProps) {
  const { t } = useTranslation();
  const checked = new Set(state.checkedGood.map(({ stepId }) => stepId));
  const made = new Map<string, number>();
  const at = steps.findIndex(({ id }) => id === state.currentStepId);
  const current = steps[at];
  for (const { madeAtStepId } of state.mistakes)
    made.set(madeAtStepId, (made.get(madeAtStepId) ?? 0) + 1);
  return (
    <div className="track" aria-hidden="true">
      {steps.map((step, index) => {
        const mistakes = made.get(step.id) ?? 0;
        return (
          <div
            key={step.id}
            title={titles[index]}
            className={
              step === current
                ? 'track-cell track-now'
                : step.id in state.doneAt
                  ? checked.has(step.id)
                    ? 'track-cell track-done track-checked'
                    : 'track-cell track-done'
                  : 'track-cell'
            }
            style={{ flex: `${step.minutes} 0 0` }}
          >
            {checked.has(step.id) && (
              <span className="track-check">
                <Glyph name="tick" />
              </span>
            )}
            {mistakes > 0 && (
              <span className="track-mistakes">
                <Glyph name="cross" />
                {mistakes > 1 && mistakes}
              </span>
            )}
          </div>
        );
      })}
      {current && (
        <div className="track-labels">
          <span
            style={{
              flexBasis: `${(totalMinutes(steps.slice(0, at)) / totalMinutes(steps)) * 100}%`,
            }}
          />
          <span className="track-label">{laneLabel(t, current)}</span>
        </div>
      )}
      <div className="track-plan" />
    </div>
  );
});

/** The shortest name of a step: its places, or what it is about. */
const laneLabel = (t: TFunction, step: PlannedStep): string =>
  stepPlaces(step) ||
  (step.kind === 'own' ? stepTitle(t, step) : undefined) ||
  (step.kind === 'check'
    ? t('workshops.lane.check')
    : t(`family.${step.parts[0]?.family ?? other.id}.many`));
