import { getPaces } from '#contract/pace';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectSeats } from '../workshops/queries.ts';
import { learntPaces } from './learntPaces.ts';

/** What earlier workshops have taught about minutes. */
export function paceRoutes(api: Api, db: Database, memory: LogMemory): void {
  api.serve(getPaces, async ({ params: { workshopId } }) => {
    const seats = isUuid(workshopId) ? await selectSeats(db, workshopId) : [];
    if (seats.length === 0) throw notFound('workshop');
    const { learners, ...rest } = learntPaces(
      await selectBuilds(db, memory, 'everybody'),
      new Date(),
    );
    const here = new Set(seats.map(({ learnerId }) => learnerId));
    return { ...rest, learners: learners.filter(({ id }) => here.has(id)) };
  });
}
