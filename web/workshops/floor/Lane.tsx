import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { minutesAhead } from '#core/pace/againstPlan';
import { elapsedMinutes } from '#core/pace/phase';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { minutesSince } from '#core/pace/waiting';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { stepPlaces, stepTitle } from '../../ui/partWords.ts';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

interface LaneProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  readonly elapsed: number;
  readonly now: Date;
  /** Where the plan is, as a share of its length. */
  readonly planShare: number;
  readonly isSelected: boolean;
  readonly select: (seatId: string | undefined) => void;
  readonly visit: (at: FloorSeat) => void;
  readonly openGrid: (seatId: string, anchor: HTMLElement) => void;
}

/** Name, track, state, two buttons. */
export const laneColumns = '112px minmax(0, 1fr) 116px 158px';

export function Lane({
  at,
  steps,
  elapsed,
  now,
  planShare,
  isSelected,
  select,
  visit,
  openGrid,
}: LaneProps) {
  const { t } = useTranslation();
  const { seat, state } = at;
  const current = steps.find(({ id }) => id === state.currentStepId);
  const where = current
    ? `step ${stepNumber(steps, current.id)}, ${stepTitle(t, current)}`
    : 'done';
  return (
    <Box
      component="li"
      data-seat={seat.number}
      sx={{
        display: 'grid',
        gridTemplateColumns: laneColumns,
        gap: 1,
        alignItems: 'center',
        minHeight: 46,
        borderTop: `1px solid ${ink('line')}`,
        background: isSelected ? ink('copperSoft') : state.help ? ink('alarmSoft') : 'transparent',
      }}
    >
      <Box
        component="button"
        type="button"
        aria-pressed={isSelected}
        aria-label={`Seat ${seatName(seat)}: ${where}`}
        onClick={() => select(isSelected ? undefined : seat.id)}
        sx={{
          font: 'inherit',
          fontSize: '1.05rem',
          fontWeight: 650,
          color: 'inherit',
          textAlign: 'left',
          background: 'none',
          border: 'none',
          minHeight: 44,
          px: 0.5,
          cursor: 'pointer',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          whiteSpace: 'nowrap',
        }}
      >
        <span className="mono">{seat.number}</span> {seat.name}
      </Box>
      <Box
        sx={{ position: 'relative', alignSelf: 'stretch', display: 'flex', alignItems: 'center' }}
      >
        <Track at={at} steps={steps} />
        <Box
          sx={{
            position: 'absolute',
            top: 0,
            bottom: 0,
            left: `${planShare * 100}%`,
            borderLeft: `2px solid ${ink('ink')}`,
          }}
        />
      </Box>
      <Standing at={at} steps={steps} elapsed={elapsed} now={now} />
      <Box sx={{ display: 'flex', gap: 0.5, justifyContent: 'flex-end' }}>
        <Button
          id={`mistake-${seat.id}`}
          variant="outlined"
          color="inherit"
          aria-label={`Log a mistake at seat ${seat.number}`}
          onClick={({ currentTarget }) => openGrid(seat.id, currentTarget)}
          sx={buttonStyle}
        >
          Mistake
        </Button>
        <Button
          variant={state.help ? 'contained' : 'outlined'}
          color={state.help ? 'primary' : 'inherit'}
          aria-label={`Visit seat ${seat.number}`}
          onClick={() => visit(at)}
          sx={buttonStyle}
        >
          Visit
        </Button>
      </Box>
    </Box>
  );
}

/** The shortest name of a step: its places, or what it is about. */
const laneLabel = (t: TFunction, step: PlannedStep): string =>
  stepPlaces(step) ||
  (step.kind === 'check' ? 'check' : t(`family.${step.parts[0]?.family ?? 'other'}.many`));

const buttonStyle = { minHeight: 40, minWidth: 0, px: 1.25 };

/** The plan's steps as a track: filled where done, copper where the seat is, a cross where a mistake was made. */
function Track({
  at: { state },
  steps,
}: {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
}) {
  const { t } = useTranslation();
  const made = new Map<string, number>();
  for (const { madeAtStepId } of state.mistakes)
    made.set(madeAtStepId, (made.get(madeAtStepId) ?? 0) + 1);
  return (
    <Box aria-hidden="true" sx={{ display: 'flex', width: '100%', height: 30 }}>
      {steps.map((step) => {
        const isDone = step.id in state.doneAt;
        const isNow = step.id === state.currentStepId;
        const count = made.get(step.id) ?? 0;
        return (
          <Box
            key={step.id}
            title={stepTitle(t, step)}
            sx={{
              flex: `${step.minutes} 0 0`,
              minWidth: 0,
              position: 'relative',
              overflow: 'visible',
              border: `1px solid ${ink(isNow ? 'copper' : isDone ? 'board' : 'line')}`,
              marginRight: '1px',
              background: isNow ? ink('copper') : isDone ? ink('boardSoft') : 'transparent',
            }}
          >
            {isNow && (
              <Box
                component="span"
                className="mono"
                sx={{
                  position: 'absolute',
                  left: 4,
                  top: -1,
                  lineHeight: '30px',
                  zIndex: 1,
                  fontSize: 14,
                  whiteSpace: 'nowrap',
                  background: ink('copper'),
                  color: ink('onCopper'),
                  pr: '5px',
                }}
              >
                {laneLabel(t, step)}
              </Box>
            )}
            {count > 0 && (
              <Box
                component="span"
                sx={{
                  position: 'absolute',
                  right: 0,
                  bottom: -3,
                  zIndex: 2,
                  fontSize: 13,
                  lineHeight: '14px',
                  fontWeight: 800,
                  px: '3px',
                  background: ink('alarm'),
                  color: ink('paper'),
                }}
              >
                <Glyph name="cross" />
                {count > 1 && count}
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}

interface StandingProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  readonly elapsed: number;
  readonly now: Date;
}

/** The one thing to know about a seat, readable from two metres away; a shape and a word, never colour alone. */
function Standing({ at: { seat, state }, steps, elapsed, now }: StandingProps) {
  const style = {
    fontSize: '1.15rem',
    fontWeight: 700,
    lineHeight: 1.1,
    whiteSpace: 'nowrap',
  } as const;
  if (state.help) {
    const minutes = minutesSince(state.help.askedAt, now);
    return (
      <Box sx={{ ...style, color: ink('alarm') }} data-standing={seat.number}>
        <Glyph name="hand" /> help
        <Box sx={{ fontSize: '0.85rem' }}>{minutes === 0 ? 'just now' : `for ${minutes} min`}</Box>
      </Box>
    );
  }
  if (state.finishedAt) {
    return (
      <Box sx={{ ...style, color: ink('board') }} data-standing={seat.number}>
        <Glyph name="tick" /> done
        <Box sx={{ fontSize: '0.85rem' }}>
          minute {Math.round(elapsedMinutesOf(state.finishedAt, elapsed, now))}
        </Box>
      </Box>
    );
  }
  const ahead = Math.round(minutesAhead(steps, state.currentStepId, Math.max(0, elapsed)));
  if (ahead <= -1) {
    return (
      <Box
        sx={{ ...style, color: ahead <= -10 ? ink('alarm') : ink('ink') }}
        data-standing={seat.number}
      >
        <Glyph name="down" /> {-ahead} min
        <Box sx={{ fontSize: '0.85rem' }}>behind</Box>
      </Box>
    );
  }
  return (
    <Box sx={{ ...style, color: ink('board') }} data-standing={seat.number}>
      <Glyph name={ahead >= 1 ? 'up' : 'dot'} /> {ahead >= 1 ? `${ahead} min` : 'on plan'}
      {ahead >= 1 && <Box sx={{ fontSize: '0.85rem' }}>ahead</Box>}
    </Box>
  );
}

/** The minute of the workshop at which something happened. */
const elapsedMinutesOf = (at: string, elapsed: number, now: Date): number =>
  elapsed - elapsedMinutes(at, now);
