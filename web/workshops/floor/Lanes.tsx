import { type CSSProperties, useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { plannedStepAt } from '#core/pace/againstPlan';
import { elapsedMinutes } from '#core/pace/phase';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { totalMinutes } from '#core/pace/stepMinutes';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { type FloorSeat, stepNumber } from './floorSeat.ts';
import { Lane } from './Lane.tsx';
import './lanes.css';

interface LanesProps {
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly FloorSeat[];
  readonly startsAt: string;
  readonly now: Date;
  readonly chosenId: string | undefined;
  readonly choose: (seatId: string | undefined) => void;
  readonly visit: (at: FloorSeat) => void;
  readonly openGrid: (seatId: string, anchor: HTMLElement) => void;
}

/** One lane a seat, along the plan's minutes; a line through all of them shows where the plan is now. */
export function Lanes({
  steps,
  seats,
  startsAt,
  now,
  chosenId,
  choose,
  visit,
  openGrid,
}: LanesProps) {
  const { t } = useTranslation();
  const elapsed = elapsedMinutes(startsAt, now);
  const share = Math.min(1, Math.max(0, elapsed / totalMinutes(steps)));
  // Worked out once for all lanes: each of them has every step.
  const titles = useMemo(() => steps.map((step) => stepTitle(t, step)), [t, steps]);
  return (
    <>
      <div className="lane-head">
        <span>{t('workshops.lanes.seat')}</span>
        <PlanScale steps={steps} titles={titles} elapsed={elapsed} share={share} />
        <span>{t('workshops.lanes.againstPlanChanceToFinish')}</span>
      </div>
      <ul
        className="lanes"
        aria-label={t('workshops.lanes.seats')}
        style={{ '--plan-share': share } as CSSProperties}
      >
        {seats.map((at) => (
          <Lane
            key={at.seat.id}
            at={at}
            steps={steps}
            titles={titles}
            startsAt={startsAt}
            isChosen={at.seat.id === chosenId}
            choose={choose}
            visit={visit}
            openGrid={openGrid}
          />
        ))}
      </ul>
    </>
  );
}

interface PlanScaleProps {
  readonly steps: readonly PlannedStep[];
  /** Of each step. */
  readonly titles: readonly string[];
  readonly elapsed: number;
  readonly share: number;
}

/** Narrower than this share of the scale, a step has no room for its number. */
const shareForNumber = 0.028;

function PlanScale({ steps, titles, elapsed, share }: PlanScaleProps) {
  const { t } = useTranslation();
  const planned = plannedStepAt(steps, elapsed);
  const total = totalMinutes(steps);
  const flag = planned
    ? t('workshops.lanes.planNow', {
        stepNumber: stepNumber(steps, planned.id),
        stepPlaces: stepPlaces(planned) || stepTitle(t, planned),
      })
    : elapsed < 0
      ? t('workshops.lanes.planNotBegun')
      : t('workshops.lanes.planAllDone');
  return (
    <div className="plan-scale">
      <div className="plan-flags">
        <span style={{ flex: share }} />
        <span className="plan-flag">{flag}</span>
        <span style={{ flex: 1 - share }} />
      </div>
      <div className="plan-numbers">
        {steps.map((step, index) => (
          <span key={step.id} title={titles[index]} style={{ flex: `${step.minutes} 0 0` }}>
            {step.minutes / total > shareForNumber ? index + 1 : '·'}
          </span>
        ))}
      </div>
    </div>
  );
}
