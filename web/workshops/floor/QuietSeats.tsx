import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { silentMinutes } from '#core/pace/tonight/visitReasons';
import { ink } from '../../app/tokens.ts';
import { type FloorSeat, seatName } from './floorSeat.ts';

interface QuietSeatsProps {
  readonly seats: readonly FloorSeat[];
  readonly choose: (seatId: string) => void;
}

/** Everybody who has not tapped for longer than their step takes, in one row. */
export function QuietSeats({ seats, choose }: QuietSeatsProps) {
  const { t } = useTranslation();
  const minutes = Math.min(...seats.map(silentMinutes));
  return (
    <Box
      sx={{ borderInlineStart: `6px solid ${ink('faded')}`, background: ink('sheet'), p: 1, mt: 1 }}
    >
      <Box sx={{ fontWeight: 650 }}>
        {t('workshops.whoNext.quiet', { count: seats.length, minutes: Math.floor(minutes) })}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.5 }}>
        {seats.map(({ seat }) => (
          <Button
            key={seat.id}
            variant="outlined"
            color="inherit"
            onClick={() => choose(seat.id)}
            sx={{ minHeight: 44 }}
          >
            {seatName(seat)}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
