import Button from '@mui/material/Button';
import { memo } from 'react';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import { Standing } from './Standing.tsx';
import { Track } from './Track.tsx';

interface LaneProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  readonly startsAt: string;
  /** Where the plan is, as a share of its length. */
  readonly planShare: number;
  readonly isChosen: boolean;
  readonly choose: (seatId: string | undefined) => void;
  readonly visit: (at: FloorSeat) => void;
  readonly openGrid: (seatId: string, anchor: HTMLElement) => void;
}

/** One seat on the floor. It is drawn again only when its own log, the choice or the clock has moved on. */
export const Lane = memo(function Lane({
  at,
  steps,
  startsAt,
  planShare,
  isChosen,
  choose,
  visit,
  openGrid,
}: LaneProps) {
  const { t } = useTranslation();
  const { seat, state } = at;
  const current = steps.find(({ id }) => id === state.currentStepId);
  const where = current
    ? t('workshops.lane.step', {
        stepNumber: stepNumber(steps, current.id),
        stepTitle: stepTitle(t, current),
      })
    : t('workshops.lane.done');
  return (
    <li
      data-seat={seat.number}
      className={isChosen ? 'lane lane-chosen' : state.help ? 'lane lane-help' : 'lane'}
    >
      <button
        type="button"
        className="lane-name"
        aria-pressed={isChosen}
        aria-label={t('workshops.lane.seat', { seatName: seatName(seat), where })}
        onClick={() => choose(isChosen ? undefined : seat.id)}
      >
        <span className="mono">{seat.number}</span> {seat.name}
      </button>
      <Track state={state} steps={steps} planShare={planShare} />
      <Standing at={at} startsAt={startsAt} />
      <div className="lane-buttons">
        <Button
          id={`mistake-${seat.id}`}
          variant="outlined"
          color="inherit"
          aria-label={t('workshops.lane.logAMistakeAtSeat', { number: seat.number })}
          onClick={({ currentTarget }) => openGrid(seat.id, currentTarget)}
          sx={buttonStyle}
        >
          {t('workshops.lane.mistake')}
        </Button>
        <Button
          variant={state.help ? 'contained' : 'outlined'}
          color={state.help ? 'primary' : 'inherit'}
          aria-label={t('workshops.lane.visitSeat', { number: seat.number })}
          onClick={() => visit(at)}
          sx={buttonStyle}
        >
          {t('workshops.lane.visit')}
        </Button>
      </div>
    </li>
  );
});

const buttonStyle = { minHeight: 44, minWidth: 0, px: 1.25 };
