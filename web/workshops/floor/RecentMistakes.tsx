import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { useTranslation } from 'react-i18next';
import type { Seat } from '#contract/workshops';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { minutesSince } from '#core/pace/waiting';
import { ink } from '../../app/tokens.ts';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

interface RecentMistakesProps {
  readonly seats: readonly FloorSeat[];
  readonly steps: readonly PlannedStep[];
  readonly now: Date;
  readonly undo: (seatId: string, eventId: string) => void;
}

const shown = 8;

/** Mistakes of the whole room as they come, the newest first. */
export function RecentMistakes({ seats, steps, now, undo }: RecentMistakesProps) {
  const { t } = useTranslation();
  const recent = seats
    .flatMap(({ seat, state }) => state.mistakes.map((mistake) => ({ seat, mistake })))
    .sort((a, b) => (a.mistake.foundAt < b.mistake.foundAt ? 1 : -1));
  return (
    <Box component="section" aria-label={t('workshops.recentMistakes.mistakes')} aria-live="polite">
      <Typography variant="h2">
        {t('workshops.recentMistakes.mistakes2', { count: recent.length })}
      </Typography>
      {recent.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          {t('workshops.recentMistakes.noneYet')}
        </Typography>
      )}
      {recent.slice(0, shown).map(({ seat, mistake }) => (
        <MistakeRow
          key={mistake.eventId}
          eventId={mistake.eventId}
          seat={seat}
          what={t(`mistake.${mistake.mistake}.name`)}
          designator={mistake.designator}
          step={stepNumber(steps, mistake.madeAtStepId)}
          minutes={minutesSince(mistake.foundAt, now)}
          undo={undo}
        />
      ))}
      {recent.length > shown && (
        <Typography sx={{ color: 'text.secondary' }}>
          {t('workshops.recentMistakes.andEarlier', { count: recent.length - shown })}
        </Typography>
      )}
    </Box>
  );
}

interface MistakeRowProps {
  readonly eventId: string;
  readonly seat: Seat;
  readonly what: string;
  readonly designator: string | undefined;
  readonly step: number;
  readonly minutes: number;
  readonly undo: (seatId: string, eventId: string) => void;
}

const MistakeRow = memo(function MistakeRow({
  eventId,
  seat,
  what,
  designator,
  step,
  minutes,
  undo,
}: MistakeRowProps) {
  const { t } = useTranslation();
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr auto',
        alignItems: 'center',
        py: 0.5,
        borderBottom: `1px solid ${ink('line')}`,
      }}
    >
      <Box sx={{ lineHeight: 1.25 }}>
        <strong>{what}</strong> {designator && <span className="mono">{designator}</span>}
        <Box sx={{ color: ink('faded') }}>
          {t('workshops.recentMistakes.step', {
            seat: seatName(seat),
            step,
            when: t('workshops.recentMistakes.ago', { count: minutes }),
          })}
        </Box>
      </Box>
      <Button
        size="small"
        onClick={() => undo(seat.id, eventId)}
        aria-label={t('workshops.recentMistakes.undoOfSeat', { what, number: seat.number })}
      >
        {t('workshops.recentMistakes.undo')}
      </Button>
    </Box>
  );
});
