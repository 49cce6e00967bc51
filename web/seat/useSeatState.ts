import { useMemo } from 'react';
import { useStore } from 'zustand';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { useOpenSeat } from './Seat.tsx';

const nothing: readonly BuildEvent[] = [];

/** What has happened at this seat, and how it stands by that. */
export function useSeatState() {
  const { view, log } = useOpenSeat();
  const { steps, seatId } = view;
  const events = useStore(log.store, ({ bySeat }) => bySeat[seatId] ?? nothing);
  const state = useMemo(
    () =>
      foldSeat(
        steps.map(({ id }) => id),
        events,
      ),
    [steps, events],
  );
  return { events, state };
}
