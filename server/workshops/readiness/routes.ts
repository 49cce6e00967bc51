import { getReadiness, markReady, unmarkReady } from '#contract/readiness';
import { type Readiness, type ReadyItem, readinessOf, readyItems } from '#core/readiness/readiness';
import { staffOf } from '../../auth/sessions.ts';
import type { Database } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { notFound } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { type LossesSeen, lossesSeen } from '../../stores/workshopNeeds.ts';
import { type StoredWorkshop, selectWorkshop } from '../queries.ts';
import { deleteMark, insertMark, selectMarks } from './queries.ts';
import { readyFacts } from './readyFacts.ts';

export const readinessOfWorkshop = async (
  db: Database,
  workshop: StoredWorkshop,
  losses: LossesSeen,
): Promise<Readiness[]> =>
  readinessOf(await readyFacts(db, workshop, losses), await selectMarks(db, workshop.id));

/** What is ready for an evening: counted from what is known, and said by whoever has looked. */
export function readinessRoutes(api: Api, db: Database): void {
  const existing = async (workshopId: string) => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(db, workshopId) : undefined;
    if (!workshop) throw notFound('workshop');
    return workshop;
  };
  const itemNamed = (item: string): ReadyItem => {
    const known = readyItems.find((one) => one === item);
    if (!known) throw notFound('checklistLine');
    return known;
  };
  const readiness = async (workshopId: string) =>
    readinessOfWorkshop(db, await existing(workshopId), await lossesSeen(db));

  api.serve(getReadiness, ({ params }) => readiness(params.workshopId));

  api.serve(markReady, async ({ params, response }) => {
    const { id } = await existing(params.workshopId);
    await insertMark(db, id, itemNamed(params.item), staffOf(response).accountId);
    return readiness(id);
  });

  api.serve(unmarkReady, async ({ params }) => {
    const { id } = await existing(params.workshopId);
    await deleteMark(db, id, itemNamed(params.item));
    return readiness(id);
  });
}
