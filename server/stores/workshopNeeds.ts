import type { FamilyId } from '#core/parts/families/ids';
import { countLosses, type LossCount } from '#core/stores/lossRate';
import { type Needs, needsOf, type PlannedBags } from '#core/stores/needs';
import type { Queryable } from '../db/database.ts';
import { selectDeedsOfAll } from '../events/queries.ts';
import { selectRevision } from '../kits/queries.ts';
import { selectPlans, selectSeats, selectWorkshop } from '../workshops/queries.ts';
import { selectItems } from './queries.ts';

/**
 * What some workshops need together, against the drawers as they are and the losses that the rooms have seen.
 *
 * @param losses as `lossesSeen` tells them, where several workshops are looked at one after the other
 * @returns undefined where one of the workshops does not exist
 */
export async function workshopNeeds(
  db: Queryable,
  workshopIds: readonly string[],
  runOut: number,
  losses?: LossesSeen,
): Promise<Needs | undefined> {
  const planned: PlannedBags[] = [];
  for (const id of workshopIds) {
    const workshop = await selectWorkshop(db, id);
    const revision = workshop && (await selectRevision(db, workshop.kitId, workshop.revision));
    if (!workshop || !revision) return undefined;
    planned.push({
      title: workshop.title,
      seats: (await selectSeats(db, id)).length,
      parts: revision.lines.map(({ part }) => part),
    });
  }
  const stock = (await selectItems(db)).map(({ id, part, level }) => ({ itemId: id, part, level }));
  return needsOf(planned, stock, losses ?? (await lossesSeen(db)), runOut);
}

export type LossesSeen = ReadonlyMap<FamilyId, LossCount>;

/** Pieces and losses by family, over all workshops. */
export async function lossesSeen(db: Queryable): Promise<Map<FamilyId, LossCount>> {
  const seen = new Map<FamilyId, LossCount>();
  const logs = await selectDeedsOfAll(db, ['step-done', 'mistake', 'corrected', 'undo']);
  for (const [id, steps] of await selectPlans(db)) {
    for (const [family, { pieces, lost }] of countLosses(steps, logs.get(id) ?? [])) {
      const before = seen.get(family) ?? { pieces: 0, lost: 0 };
      seen.set(family, { pieces: before.pieces + pieces, lost: before.lost + lost });
    }
  }
  return seen;
}
