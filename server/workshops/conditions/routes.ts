import { changeConditions } from '#contract/conditions';
import type { Database } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { changedMeanwhile, notFound } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { selectConditions, updateConditions } from './queries.ts';

/** What an evening has to do with: read with its paces, said here. */
export function conditionsRoutes(api: Api, db: Database): void {
  const existing = async (workshopId: string) => {
    const found = isUuid(workshopId) ? await selectConditions(db, workshopId) : undefined;
    if (!found) throw notFound('workshop');
    return found;
  };
  api.serve(changeConditions, async ({ params: { workshopId }, body: { conditions, version } }) => {
    await existing(workshopId);
    if (!(await updateConditions(db, workshopId, conditions, version))) throw changedMeanwhile();
    return existing(workshopId);
  });
}
