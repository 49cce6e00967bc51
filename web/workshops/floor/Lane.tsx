import Button from '@mui/material/Button';
import { memo, useCallback } from 'react';
import { useTranslation } from 'react-i18next';
import type { Seat } from '#contract/workshops';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { useLatest } from '../../app/useLatest.ts';
import { type FloorSeat, seatName } from './floorSeat.ts';
import { Standing } from './Standing.tsx';
import { Track } from './Track.tsx';

interface LaneProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  /** Of each step. */
  readonly titles: readonly string[];
  readonly startsAt: string;
  readonly isChosen: boolean;
  readonly choose: (seatId: string | undefined) => void;
  readonly visit: (at: FloorSeat) => void;
  readonly openGrid: (seatId: string, anchor: HTMLElement) => void;
}

/** One seat on the floor. It is drawn again only when its own log, the choice or the clock has moved on. */
export const Lane = memo(function Lane({
  at,
  steps,
  titles,
  startsAt,
  isChosen,
  choose,
  visit,
  openGrid,
}: LaneProps) {
  const { t } = useTranslation();
  const { seat, state } = at;
  const latest = useLatest(at);
  const visitIt = useCallback(() => visit(latest.current), [visit, latest]);
  const current = steps.findIndex(({ id }) => id === state.currentStepId);
  const where = steps[current]
    ? t('workshops.lane.step', { stepNumber: current + 1, stepTitle: titles[current] })
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
      <Track state={state} steps={steps} titles={titles} />
      <Standing at={at} startsAt={startsAt} />
      <LaneButtons
        seat={seat}
        asksForHelp={state.help !== null}
        visit={visitIt}
        openGrid={openGrid}
      />
    </li>
  );
});

interface LaneButtonsProps extends Pick<LaneProps, 'openGrid'> {
  readonly seat: Seat;
  readonly asksForHelp: boolean;
  readonly visit: () => void;
}

/** They stay as they are while the clock moves on. */
const LaneButtons = memo(function LaneButtons({
  seat: { id, number },
  asksForHelp,
  visit,
  openGrid,
}: LaneButtonsProps) {
  const { t } = useTranslation();
  return (
    <div className="lane-buttons">
      <Button
        id={`mistake-${id}`}
        variant="outlined"
        color="inherit"
        aria-label={t('workshops.lane.logAMistakeAtSeat', { number })}
        onClick={({ currentTarget }) => openGrid(id, currentTarget)}
        sx={buttonStyle}
      >
        {t('workshops.lane.mistake')}
      </Button>
      <Button
        variant={asksForHelp ? 'contained' : 'outlined'}
        color={asksForHelp ? 'primary' : 'inherit'}
        aria-label={t('workshops.lane.visitSeat', { number })}
        onClick={visit}
        sx={buttonStyle}
      >
        {t('workshops.lane.visit')}
      </Button>
    </div>
  );
});

const buttonStyle = { minHeight: 44, minWidth: 0, px: 1.25 };
