import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import {
  logAtSeat,
  type Workshop,
  type WorkshopLog,
  workshopStreamPath,
} from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { foldSeat, type SeatState } from '#core/build/foldSeat';
import { BuildLog } from '../../app/buildLog.ts';
import { call } from '../../app/call.ts';
import { Outbox } from '../../app/outbox.ts';

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

/** The state of every seat, in the order of the seats. A seat is folded again only when its own log has grown. */
export function useSeatStates(log: BuildLog, workshop: Workshop): readonly SeatState[] {
  const bySeat = useStore(log.store, (state) => state.bySeat);
  const [folded] = useState(() => new WeakMap<readonly BuildEvent[], SeatState>());
  const stepIds = workshop.steps.map(({ id }) => id);
  return workshop.seats.map(({ id }) => {
    const events = bySeat[id] ?? nothing;
    const known = folded.get(events);
    if (known) return known;
    const state = foldSeat(stepIds, events);
    folded.set(events, state);
    return state;
  });
}
