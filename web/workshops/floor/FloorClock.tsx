import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { elapsedMinutes } from '#core/pace/phase';
import { ink } from '../../app/tokens.ts';
import { duration, timeOfDay } from '../../ui/clock.ts';
import type { FloorSeat } from './floorSeat.ts';

interface FloorClockProps {
  readonly now: Date;
  readonly lengthMinutes: number;
  readonly startsAt: string;
  readonly seats: readonly FloorSeat[];
}

/** How much of the evening is left, and how many are done. */
export function FloorClock({ now, lengthMinutes, startsAt, seats }: FloorClockProps) {
  const { t } = useTranslation();
  const elapsed = elapsedMinutes(startsAt, now);
  const left = lengthMinutes - elapsed;
  const finished = seats.filter(({ state }) => state.currentStepId === null).length;
  return (
    <Box sx={{ borderBottom: `2px solid ${ink('ink')}`, pb: 1 }}>
      <Box sx={{ fontSize: '1.7rem', fontWeight: 700, lineHeight: 1.1 }}>
        {elapsed < 0 && t('workshops.floorClock.startsIn', { duration: duration(-elapsed) })}
        {elapsed >= 0 &&
          (left >= 0
            ? t('workshops.floorClock.left', { duration: duration(left) })
            : t('workshops.floorClock.overSince', { duration: duration(-left) }))}
      </Box>
      <Box sx={{ color: ink('faded') }}>
        {[
          elapsed >= 0 && t('workshops.floorClock.minute', { minute: Math.floor(elapsed) }),
          t('workshops.floorClock.toOfDone', {
            from: timeOfDay(startsAt),
            to: timeOfDay(new Date(Date.parse(startsAt) + lengthMinutes * 60_000).toISOString()),
            finished,
            count: seats.length,
          }),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Box>
    </Box>
  );
}
