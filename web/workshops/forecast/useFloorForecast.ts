import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import type { SeatState } from '#core/build/foldSeat';
import { type Evening, nowMinutes, seatNow } from '#core/pace/evening/evening';
import type { Forecast } from '#core/pace/evening/forecast';
import type { StepTime } from '#core/pace/learnt/stepTimes';
import { beliefsOf, conditionsOf, paceOfSeat } from '../learnt.ts';
import type { ForecastWorker } from './forecast.worker.ts';
import { forecastWorker } from './forecastTask.ts';

/** A seat as its log says that it is. */
export interface SeatAsItIs {
  readonly state: SeatState;
  readonly times: readonly StepTime[];
}

/** However much happens, it is worked out anew only so often. */
const apartMs = 20_000;

/** So many times as long as one takes, the device has for other things: a full room on an old tablet takes many seconds. */
const restPerWork = 4;

/**
 * What will be, from where the seats are: worked out in a worker, again when something has happened or a minute has gone
 * by.
 *
 * @param version changes when something has happened
 * @param seats in the order of the workshop's
 * @returns null as long as nothing is worked out, or where it cannot be
 */
export function useFloorForecast(
  workshop: Workshop,
  paces: LearntPaces,
  version: string,
  now: Date,
  seats: () => readonly SeatAsItIs[],
): Forecast | null {
  const [forecast, setForecast] = useState<Forecast | null>(null);
  const latest = useRef({ workshop, paces, now, seats });
  useEffect(() => {
    latest.current = { workshop, paces, now, seats };
  });
  const ask = useRef<() => void>(undefined);

  useEffect(() => {
    const worker = forecastWorker();
    const room: Remote<ForecastWorker> = wrap<ForecastWorker>(worker);
    let [isOpen, isWorking, isAsked] = [true, false, false];
    let next = Number.NEGATIVE_INFINITY;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const work = async () => {
      const begun = performance.now();
      [isWorking, isAsked] = [true, false];
      try {
        const found = await room.now(eveningOf(latest.current));
        if (isOpen) setForecast(found);
      } finally {
        isWorking = false;
        const ended = performance.now();
        next = Math.max(begun + apartMs, ended + restPerWork * (ended - begun));
        if (isOpen && isAsked) later();
      }
    };
    const later = () => {
      isAsked = true;
      clearTimeout(timer);
      if (!isWorking) timer = setTimeout(() => void work(), next - performance.now());
    };
    ask.current = later;
    return () => {
      isOpen = false;
      clearTimeout(timer);
      worker.terminate();
    };
  }, []);

  const minute = Math.floor(now.getTime() / 60_000);
  // biome-ignore lint/correctness/useExhaustiveDependencies: these say when something has changed
  useEffect(() => ask.current?.(), [version, minute, workshop, paces]);
  return forecast;
}

function eveningOf({
  workshop,
  paces,
  now,
  seats,
}: {
  readonly workshop: Workshop;
  readonly paces: LearntPaces;
  readonly now: Date;
  readonly seats: () => readonly SeatAsItIs[];
}): Evening {
  const { steps, startsAt, lengthMinutes } = workshop;
  const conditions = conditionsOf(workshop, paces);
  const asTheyAre = seats();
  return {
    steps,
    lengthMinutes,
    nowMinutes: nowMinutes(startsAt, now),
    conditions,
    beliefs: beliefsOf(paces),
    seats: workshop.seats.flatMap((seat, index) => {
      const at = asTheyAre[index];
      return at
        ? seatNow(
            seat.id,
            paceOfSeat(seat, paces),
            steps,
            at.state,
            at.times,
            startsAt,
            conditions.welcomeMinutes,
            now,
          )
        : [];
    }),
  };
}
