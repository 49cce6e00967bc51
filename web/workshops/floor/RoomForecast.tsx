import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import type { Forecast } from '#core/pace/evening/forecast';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { timeOfDay } from '../../ui/clock.ts';
import type { FloorSeat } from './floorSeat.ts';

interface RoomForecastProps {
  readonly forecast: Forecast | null;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly seats: readonly FloorSeat[];
}

/**
 * Whether everybody will be done, and when the last one is; said only of those who are not. Until it is worked out its
 * place is kept free: what comes in above a button must not push it from under a finger.
 */
export function RoomForecast({ forecast, startsAt, lengthMinutes, seats }: RoomForecastProps) {
  const { t } = useTranslation();
  const isDone = seats.every(({ state }) => state.currentStepId === null);
  if (isDone) return null;
  const at = (minutes: number) =>
    timeOfDay(new Date(Date.parse(startsAt) + minutes * 60_000).toISOString());
  const end = lengthMinutes;
  const { last, chance } = forecast ?? { last: { p50: end, p05: end, p95: end }, chance: 1 / 2 };
  return (
    <Box
      sx={{ pt: 0.75, color: ink('faded'), visibility: forecast ? 'visible' : 'hidden' }}
      aria-hidden={!forecast}
    >
      {t('workshops.roomForecast.everybody', {
        chance: saying(t, chanceOf(chance)),
        time: at(last.p50),
        from: at(last.p05),
        to: at(last.p95),
      })}
    </Box>
  );
}
