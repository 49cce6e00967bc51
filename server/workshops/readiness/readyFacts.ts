import { usualRunOut } from '#contract/stores';
import { unplacedOf } from '#core/board/layout';
import { partsByPlace } from '#core/board/pads';
import type { ReadyFacts } from '#core/readiness/readiness';
import { checklistOf } from '#core/safety/checklist';
import type { Queryable } from '../../db/database.ts';
import { selectRevision } from '../../kits/queries.ts';
import { selectBooking, selectTicks } from '../../stores/packing/queries.ts';
import { type LossesSeen, workshopNeeds } from '../../stores/workshopNeeds.ts';
import { type StoredWorkshop, selectSeats, selectSigns } from '../queries.ts';
import { selectPrinted } from './queries.ts';

/** What the database knows of how ready a workshop is. */
export async function readyFacts(
  db: Queryable,
  workshop: StoredWorkshop,
  losses: LossesSeen,
): Promise<ReadyFacts> {
  const { id, kitId, revision, supplyVolt } = workshop;
  const [kit, seats, signs, ticks, booking, printed] = await Promise.all([
    selectRevision(db, kitId, revision),
    selectSeats(db, id),
    selectSigns(db, id),
    selectTicks(db, id),
    selectBooking(db, id),
    selectPrinted(db, id),
  ]);
  const lines = kit?.lines ?? [];
  const parts = lines.map(({ part }) => part);
  const items = checklistOf({ parts, supplyVolt });
  const needs = booking ? undefined : await workshopNeeds(db, [id], usualRunOut, losses);
  return {
    unsureLines: lines.filter(
      ({ confidence }) => confidence === 'unsure' || confidence === 'unknown',
    ).length,
    unplaced: kit?.board ? unplacedOf(kit.board, partsByPlace(parts)).length : null,
    printed,
    shortParts: (needs?.lines ?? []).filter(({ short }) => short > 0).length,
    bagsClosed: seats.filter((seat) => ticks.includes(`bag:${seat.id}`)).length,
    seats: seats.length,
    toBring: parts.filter(({ supply }) => supply === 'not-in-kit').length,
    signed: items.filter(({ id: item }) => signs.some((sign) => sign.item === item)).length,
    toSign: items.length,
  };
}
