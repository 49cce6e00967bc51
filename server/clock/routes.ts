import { getSiteClock, setSiteClock } from '#contract/siteClock';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { updateClock } from './queries.ts';
import { readSiteClock } from './siteTime.ts';

export function clockRoutes(api: Api, db: Database): void {
  api.serve(getSiteClock, () => readSiteClock(db));
  api.serve(setSiteClock, async ({ body }) => {
    await updateClock(db, body);
    return readSiteClock(db);
  });
}
