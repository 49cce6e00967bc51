/** So long after its end an evening is still cleared away. */
const clearingMs = 3 * 3600_000;

/**
 * Whether an evening is of the day that helpers may look at: the same day by this computer's calendar, or one that runs
 * or is being cleared away past midnight.
 */
export function isOfToday(
  { startsAt, lengthMinutes }: { readonly startsAt: string; readonly lengthMinutes: number },
  now: Date,
): boolean {
  const start = new Date(startsAt);
  if (start.toDateString() === now.toDateString()) return true;
  const since = now.getTime() - start.getTime();
  return since >= 0 && since <= lengthMinutes * 60_000 + clearingMs;
}
