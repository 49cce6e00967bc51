import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { LearntPaces } from '#contract/pace';
import { logAtSeat, type Workshop, workshopStreamPath } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { tonightOf } from '#core/pace/tonight/tonight';
import { BuildLog } from '../../app/buildLog.ts';
import { call } from '../../app/call.ts';
import type { Kept } from '../../app/kept.ts';
import { Outbox } from '../../app/outbox.ts';
import { useHelperName } from '../../app/staff.ts';
import { kindsOf, paceOfSeat } from '../learnt.ts';
import type { FloorSeat } from './floorSeat.ts';
import type { FloorData } from './keptFloor.ts';

/** The live log of a workshop, followed as long as the page shows. */
export function useFloorLog(workshop: Workshop, { data, isFresh }: Kept<FloorData>): BuildLog {
  const helper = useHelperName();
  const [log] = useState(() => {
    const created = new BuildLog({
      author: 'instructor',
      helper,
      outbox: new Outbox(workshop.id),
      keptAs: `log.${workshop.id}`,
      send: (seatId, events) =>
        call(logAtSeat, {
          params: { workshopId: workshop.id, seatId },
          body: { events: [...events] },
        }),
      streamPath: (after) => `${workshopStreamPath(workshop.id)}?after=${after}`,
    });
    created.load(data.log.events, isFresh ? data.log.now : undefined);
    return created;
  });
  useEffect(() => log.follow(), [log]);
  return log;
}

const nothing: readonly BuildEvent[] = [];

/**
 * Every seat with its state and how it is getting on, in the order of the seats. A seat is worked out again only when
 * its own log has grown or the clock has moved on; until then it stays the same object, so that its lane need not be
 * drawn again.
 */
export function useFloorSeats(
  log: BuildLog,
  workshop: Workshop,
  paces: LearntPaces,
  now: Date,
): readonly FloorSeat[] {
  const bySeat = useStore(log.store, (state) => state.bySeat);
  const [known] = useState(
    () => new Map<string, { readonly events: readonly BuildEvent[]; readonly at: FloorSeat }>(),
  );
  const kinds = useMemo(() => kindsOf(paces), [paces]);
  const { steps, seats } = workshop;
  return seats.map((seat) => {
    const events = bySeat[seat.id] ?? nothing;
    const last = known.get(seat.id);
    if (last?.events === events && last.at.now === now) return last.at;
    const state =
      last?.events === events
        ? last.at.state
        : foldSeat(
            steps.map(({ id }) => id),
            events,
          );
    const plan = { ...workshop, kinds };
    const tonight = tonightOf(plan, state, events, paceOfSeat(seat, paces), now);
    const at = { seat, steps, state, tonight, now };
    known.set(seat.id, { events, at });
    return at;
  });
}
