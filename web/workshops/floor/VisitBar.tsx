import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { minutesSince } from '#core/pace/waiting';
import { ink } from '../../app/tokens.ts';
import { type OpenVisit, seatName } from './floorSeat.ts';

interface VisitBarProps {
  readonly visits: readonly OpenVisit[];
  /** The helper on this device; undefined for the instructor. */
  readonly me: string | undefined;
  readonly choose: (seatId: string) => void;
  readonly leave: (visit: OpenVisit) => void;
}

/** Who is where, so that two people do not go to one seat; and the end of one’s own visit. */
export function VisitBar({ visits, me, choose, leave }: VisitBarProps) {
  return visits.map((open) => {
    const { at, visit } = open;
    const minutes = minutesSince(visit.at, at.now);
    const isMine = visit.helper === me;
    const who = isMine ? 'You are' : `${visit.helper ?? 'The instructor'} is`;
    return (
      <Box
        key={visit.eventId}
        role="status"
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          gap: 1,
          background: ink('copperSoft'),
          borderLeft: `6px solid ${ink('copper')}`,
          p: 1,
        }}
      >
        <span>
          {who} with{' '}
          <Box
            component="button"
            type="button"
            onClick={() => choose(at.seat.id)}
            sx={{
              font: 'inherit',
              fontWeight: 700,
              color: 'inherit',
              background: 'none',
              border: 0,
              p: 0,
              cursor: 'pointer',
              textDecoration: 'underline',
            }}
          >
            {seatName(at.seat)}
          </Box>
          {minutes > 0 && ` for ${minutes} min`}
        </span>
        {isMine && (
          <Button
            variant="contained"
            onClick={() => leave(open)}
            sx={{ minHeight: 44, whiteSpace: 'nowrap' }}
          >
            Gone on
          </Button>
        )}
      </Box>
    );
  });
}
