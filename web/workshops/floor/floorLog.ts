import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import {
  logAtSeat,
  type Workshop,
  type WorkshopLog,
  workshopStreamPath,
} from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { BuildLog } from '../../app/buildLog.ts';
import { call } from '../../app/call.ts';
import { Outbox } from '../../app/outbox.ts';
import type { FloorSeat } from './floorSeat.ts';

/** The live log of a workshop, followed as long as the page shows. */
export function useFloorLog(workshop: Workshop, snapshot: WorkshopLog): BuildLog {
  const [log] = useState(() => {
    const created = new BuildLog({
      author: 'instructor',
      outbox: new Outbox(workshop.id),
      send: (seatId, events) =>
        call(logAtSeat, {
          params: { workshopId: workshop.id, seatId },
          body: { events: [...events] },
        }),
      streamPath: (after) => `${workshopStreamPath(workshop.id)}?after=${after}`,
    });
    created.load(snapshot.events, snapshot.now);
    return created;
  });
  useEffect(() => log.follow(), [log]);
  return log;
}

const nothing: readonly BuildEvent[] = [];

/**
 * Every seat with its state, in the order of the seats. A seat is folded again only when its own log has grown; until
 * then it stays the same object, so that its lane need not be drawn again.
 */
export function useFloorSeats(log: BuildLog, { seats, steps }: Workshop): readonly FloorSeat[] {
  const bySeat = useStore(log.store, (state) => state.bySeat);
  const [known] = useState(
    () => new Map<string, { readonly events: readonly BuildEvent[]; readonly at: FloorSeat }>(),
  );
  return seats.map((seat) => {
    const events = bySeat[seat.id] ?? nothing;
    const last = known.get(seat.id);
    if (last?.events === events) return last.at;
    const state = foldSeat(
      steps.map(({ id }) => id),
      events,
    );
    const at = { seat, state };
    known.set(seat.id, { events, at });
    return at;
  });
}
