import { useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { tonightOf } from '#core/pace/tonight/tonight';
import type { BuildLog } from '../../app/buildLog.ts';
import { kindsOf, paceOfSeat } from '../learnt.ts';
import type { FloorSeat } from './floorSeat.ts';

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
