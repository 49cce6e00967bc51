import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { minutesSince } from '#core/pace/waiting';
import { stepTitle } from '#core/words/partWords';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName } from './floorSeat.ts';

interface NeedsYouProps {
  readonly seats: readonly FloorSeat[];
  readonly steps: readonly PlannedStep[];
  readonly now: Date;
  readonly visit: (at: FloorSeat) => void;
  readonly choose: (seatId: string) => void;
}

/** Who asked for help, longest waiting first. */
export function NeedsYou({ seats, steps, now, visit, choose }: NeedsYouProps) {
  const { t } = useTranslation();
  const calls = seats
    .flatMap((at) => (at.state.help ? [{ at, help: at.state.help }] : []))
    .sort((a, b) => a.help.askedAt.localeCompare(b.help.askedAt));
  return (
    <Box component="section" aria-label="Asked for help" aria-live="polite">
      <Typography variant="h2">Asked for help</Typography>
      {calls.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>Nobody is waiting.</Typography>
      )}
      {calls.map(({ at, help }) => {
        const step = steps.find(({ id }) => id === help.stepId);
        const minutes = minutesSince(help.askedAt, now);
        return (
          <Box
            key={at.seat.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              gap: 1,
              background: ink('alarmSoft'),
              borderLeft: `6px solid ${ink('alarm')}`,
              p: 1,
              mt: 1,
            }}
          >
            <Box>
              <Box
                component="button"
                type="button"
                onClick={() => choose(at.seat.id)}
                sx={{
                  font: 'inherit',
                  fontSize: '1.2rem',
                  fontWeight: 700,
                  color: 'inherit',
                  background: 'none',
                  border: 0,
                  p: 0,
                  cursor: 'pointer',
                  textDecoration: 'underline',
                }}
              >
                <Glyph name="hand" /> {seatName(at.seat)}
              </Box>
              <Box sx={{ fontWeight: 650 }}>
                {minutes === 0 ? 'just now' : `${minutes} min ago`}
              </Box>
              <Box>{step && stepTitle(t, step)}</Box>
            </Box>
            <Button
              variant="contained"
              onClick={() => visit(at)}
              sx={{ minHeight: 48 }}
              aria-label={`Go to seat ${at.seat.number}`}
            >
              I’m there
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
