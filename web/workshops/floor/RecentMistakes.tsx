import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
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
    .sort((a, b) => b.mistake.foundAt.localeCompare(a.mistake.foundAt));
  return (
    <Box component="section" aria-label="Mistakes" aria-live="polite">
      <Typography variant="h2">Mistakes: {recent.length}</Typography>
      {recent.length === 0 && <Typography sx={{ color: 'text.secondary' }}>None yet.</Typography>}
      {recent.slice(0, shown).map(({ seat, mistake }) => {
        const minutes = minutesSince(mistake.foundAt, now);
        return (
          <Box
            key={mistake.eventId}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              alignItems: 'center',
              py: 0.5,
              borderBottom: `1px solid ${ink('line')}`,
            }}
          >
            <Box sx={{ lineHeight: 1.25 }}>
              <strong>{t(`mistake.${mistake.mistake}.name`)}</strong>{' '}
              {mistake.designator && <span className="mono">{mistake.designator}</span>}
              <Box sx={{ color: ink('faded') }}>
                {seatName(seat)} · step {stepNumber(steps, mistake.madeAtStepId)} ·{' '}
                {minutes === 0 ? 'just now' : `${minutes} min ago`}
              </Box>
            </Box>
            <Button
              size="small"
              onClick={() => undo(seat.id, mistake.eventId)}
              aria-label={`Undo ${t(`mistake.${mistake.mistake}.name`)} of seat ${seat.number}`}
            >
              Undo
            </Button>
          </Box>
        );
      })}
      {recent.length > shown && (
        <Typography sx={{ color: 'text.secondary' }}>
          and {recent.length - shown} earlier
        </Typography>
      )}
    </Box>
  );
}
