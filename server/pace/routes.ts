import { getPaces } from '#contract/pace';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectAllConditions, selectConditions } from '../workshops/conditions/queries.ts';
import { selectSeats } from '../workshops/queries.ts';
import { eveningsBehind, lookedBack } from './eveningsBehind.ts';
import { learntPaces } from './learntPaces.ts';

/** What earlier workshops have taught about minutes. */
export function paceRoutes(api: Api, db: Database, memory: LogMemory): void {
  api.serve(getPaces, async ({ params: { workshopId } }) => {
    const seats = isUuid(workshopId) ? await selectSeats(db, workshopId) : [];
    const own = isUuid(workshopId) ? await selectConditions(db, workshopId) : undefined;
    if (seats.length === 0 || !own) throw notFound('workshop');
    const { learners, ...rest } = learntPaces(await lookedBackAt(db, memory, new Date()));
    const here = new Set(seats.map(({ learnerId }) => learnerId));
    return { ...rest, ...own, learners: learners.filter(({ id }) => here.has(id)) };
  });
}

/** What all evenings of the site that are over have taught. */
export async function lookedBackAt(db: Database, memory: LogMemory, now: Date) {
  const builds = await selectBuilds(db, memory, 'everybody');
  return lookedBack(eveningsBehind(builds, await selectAllConditions(db), now));
}
