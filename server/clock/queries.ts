import type { HoursOfClock, SiteClock } from '#contract/timeZone';
import type { Queryable } from '../db/database.ts';

/** The time zone is null as long as nobody has chosen one. */
export async function selectClock(
  db: Queryable,
): Promise<{ readonly timeZone: string | null; readonly hours: HoursOfClock }> {
  const [row] = await db.query<{ time_zone: string | null; hours: HoursOfClock }>(
    'select time_zone, hours from site',
  );
  return { timeZone: row?.time_zone ?? null, hours: row?.hours ?? 24 };
}

export async function updateClock(db: Queryable, { timeZone, hours }: SiteClock): Promise<void> {
  await db.query('update site set time_zone = $1, hours = $2', [timeZone, hours]);
}
