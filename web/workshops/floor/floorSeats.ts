import { useMemo } from 'react';
import { useStore } from 'zustand';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import { maxSeats } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import type { SeatState } from '#core/build/foldSeat';
import { foldSeat } from '#core/build/foldSeat';
import { type Memo, memo, memoOfObject, type ObjectMemo } from '#core/memo';
import type { Forecast, SeatForecast } from '#core/pace/evening/forecast';
import { tonightOf } from '#core/pace/tonight/tonight';
import type { BuildLog } from '../../app/buildLog.ts';
import { useFloorForecast } from '../forecast/useFloorForecast.ts';
import { kindsOf, paceOfSeat } from '../learnt.ts';
import type { FloorSeat } from './floorSeat.ts';

const nothing: readonly BuildEvent[] = [];

/**
 * Every seat with its state and how it is getting on, in the order of the seats. A seat is worked out again only when
 * its own log has grown or the clock has moved on; until then it stays the same object, so that its lane need not be
 * drawn again.
 */
function useFloorSeats(
  log: BuildLog,
  workshop: Workshop,
  paces: LearntPaces,
  now: Date,
): readonly FloorSeat[] {
  const bySeat = useStore(log.store, (state) => state.bySeat);
  const kinds = useMemo(() => kindsOf(paces), [paces]);
  const seatsOf = seatsOfWorkshop.of(workshop, () => memoOfObject(workshop.title));
  const seatsAt = seatsOf.of(paces, () => memoOfObject(workshop.title));
  return workshop.seats.map((seat) => {
    const events = bySeat[seat.id] ?? nothing;
    return seatsAt
      .of(events, () => memo({ name: 'a seat of the floor', most: mostAt(events) }))
      .of(`${seat.id} ${now.getTime()}`, () => {
        const { steps } = workshop;
        const state = statesOf
          .of(events, () => memo({ name: 'states of a log', most: maxSeats }))
          .of(workshop.id, () =>
            foldSeat(
              steps.map(({ id }) => id),
              events,
            ),
          );
        const pace = paceOfSeat(seat, paces);
        const tonight = tonightOf({ ...workshop, kinds }, state, events, pace, now, null);
        return { seat, steps, state, tonight, now };
      });
  });
}

/** The same seats with what the room's forecast says of each. */
function withForecast(
  seats: readonly FloorSeat[],
  forecast: Forecast | null,
): readonly FloorSeat[] {
  const bySeat = new Map(forecast?.seats.map((one) => [one.id, one]));
  return seats.map((at) => {
    const ofSeat = bySeat.get(at.seat.id);
    return ofSeat
      ? forecastSeats
          .of(at, () => memoOfObject<SeatForecast, FloorSeat>('a forecast'))
          .of(ofSeat, () => ({ ...at, tonight: { ...at.tonight, forecast: ofSeat } }))
      : at;
  });
}

/** The floor's seats, and what will be of the room. */
export function useFloor(
  log: BuildLog,
  workshop: Workshop,
  paces: LearntPaces,
  now: Date,
): { readonly seats: readonly FloorSeat[]; readonly forecast: Forecast | null } {
  const seats = useFloorSeats(log, workshop, paces, now);
  const version = useStore(log.store, ({ bySeat }) =>
    workshop.seats.map(({ id }) => bySeat[id]?.length ?? 0).join(' '),
  );
  const forecast = useFloorForecast(workshop, paces, version, now, () =>
    seats.map(({ state, tonight }) => ({ state, times: tonight.times })),
  );
  return { seats: useMemo(() => withForecast(seats, forecast), [seats, forecast]), forecast };
}

const forecastSeats = memoOfObject<FloorSeat, ObjectMemo<SeatForecast, FloorSeat>>(
  'forecasts of seats',
);

/** Seats where nothing has happened share one empty log. */
const mostAt = (events: readonly BuildEvent[]) => (events.length === 0 ? maxSeats : 1);

type AtLog = ObjectMemo<readonly BuildEvent[], Memo<string, FloorSeat>>;

/** Of a seat where nothing has happened the very same object comes back: what was drawn of it is kept. */
const seatsOfWorkshop = memoOfObject<Workshop, ObjectMemo<LearntPaces, AtLog>>(
  'seats of workshops',
);
const statesOf = memoOfObject<readonly BuildEvent[], Memo<string, SeatState>>('states of seats');
