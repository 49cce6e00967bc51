import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Notice } from '#core/build/foldSeat';
import { shortDesignators } from '#core/parts/label';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

interface NoticesProps {
  readonly seats: readonly FloorSeat[];
  readonly check: (at: FloorSeat, notice: Notice) => void;
  readonly takeBack: (notice: string) => void;
}

/** What everybody was told, and the seats that were past it: those must be looked at. */
export function Notices({ seats, check, takeBack }: NoticesProps) {
  const told = new Map<string, { notice: Notice; at: FloorSeat }[]>();
  for (const at of seats) {
    for (const notice of at.state.notices) {
      told.set(notice.notice, [...(told.get(notice.notice) ?? []), { notice, at }]);
    }
  }
  if (told.size === 0) return null;
  return (
    <Box component="section" aria-label="Told everyone">
      <Typography variant="h2">Told everyone</Typography>
      {[...told].reverse().map(([id, ones]) => {
        const [first] = ones;
        if (!first) return null;
        const { text, stepId, designators } = first.notice;
        const toCheck = ones.filter(({ notice }) => notice.standing === 'to-check');
        return (
          <Box key={id} sx={{ borderBottom: `1px solid ${ink('line')}`, py: 1 }}>
            <Box>
              <strong>
                step {stepNumber(first.at.steps, stepId)}{' '}
                <span className="mono">{shortDesignators(designators)}</span>
              </strong>{' '}
              {text}
            </Box>
            {toCheck.length === 0 ? (
              <Box sx={{ color: ink('faded') }}>
                <Glyph name="tick" /> No seat is left to look at.
              </Box>
            ) : (
              <Box>To look at, past it already:</Box>
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, my: 0.5 }}>
              {toCheck.map(({ at, notice }) => (
                <Button
                  key={at.seat.id}
                  variant="outlined"
                  color="inherit"
                  onClick={() => check(at, notice)}
                  aria-label={`Seat ${at.seat.number} is looked at: ${text}`}
                  sx={{ minHeight: 44 }}
                >
                  {seatName(at.seat)}: looked at
                </Button>
              ))}
            </Box>
            <Button size="small" onClick={() => takeBack(id)} aria-label={`Take back: ${text}`}>
              Take it back
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
