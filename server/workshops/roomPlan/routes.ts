import { changeWorkshopRoom, getWorkshopRoom, type WorkshopRoom } from '#contract/roomPlan';
import { draftRoom, roomWith } from '#core/pace/seating/roomPlan';
import type { Database, Queryable } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { changedMeanwhile, notFound } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { selectSeats } from '../queries.ts';
import { selectRoom, updateRoom } from './queries.ts';

/** The room with the seats of today: as somebody made it, or a first draft. */
export async function roomOf(db: Queryable, workshopId: string): Promise<WorkshopRoom | undefined> {
  const [stored, seats] = await Promise.all([
    selectRoom(db, workshopId),
    selectSeats(db, workshopId),
  ]);
  if (!stored) return undefined;
  const ids = seats.map(({ id }) => id);
  const plan = stored.plan ? roomWith(stored.plan, ids) : draftRoom(ids);
  return { plan, version: stored.version };
}

export function roomPlanRoutes(api: Api, db: Database): void {
  const existing = async (workshopId: string): Promise<WorkshopRoom> => {
    const room = isUuid(workshopId) ? await roomOf(db, workshopId) : undefined;
    if (!room) throw notFound('workshop');
    return room;
  };
  api.serve(getWorkshopRoom, ({ params }) => existing(params.workshopId));
  api.serve(changeWorkshopRoom, async ({ params: { workshopId }, body: { plan, version } }) => {
    await existing(workshopId);
    if (!(await updateRoom(db, workshopId, plan, version))) throw changedMeanwhile();
    return existing(workshopId);
  });
}
