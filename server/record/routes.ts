import { getRecord, recordPageLength } from '#contract/record';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { selectEntries } from './queries.ts';

export function recordRoutes(api: Api, db: Database): void {
  api.serve(getRecord, async ({ params: { before } }) => {
    if (before !== 'latest' && !/^\d{1,15}$/.test(before)) {
      throw notFound('recordPage');
    }
    const from = before === 'latest' ? null : Number(before);
    const found = await selectEntries(db, from, recordPageLength + 1);
    const entries = found.slice(0, recordPageLength);
    const last = entries.at(-1);
    return { entries, before: found.length > entries.length && last ? last.seq : null };
  });
}
