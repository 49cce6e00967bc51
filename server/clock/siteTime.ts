import type { HoursOfClock, SiteClock } from '#contract/timeZone';
import type { Queryable } from '../db/database.ts';
import { selectClock } from './queries.ts';

/** That of the computer, asked before a site sets its own. */
const ofThisComputer = new Intl.DateTimeFormat().resolvedOptions().timeZone;

let now: SiteClock = { timeZone: ofThisComputer, hours: 24 };

/** How the times of the site are told; one process serves one site. */
export const siteClock = (): SiteClock => now;

/** Reads what the site has chosen; papers, calendars and certificates tell times by it from then on. */
export async function readSiteClock(db: Queryable): Promise<SiteClock> {
  const { timeZone, hours } = await selectClock(db);
  now = { timeZone: timeZone ?? ofThisComputer, hours };
  return now;
}

const cycles: Readonly<Record<HoursOfClock, 'h12' | 'h23'>> = { 12: 'h12', 24: 'h23' };

/**
 * A time in words, in the site's zone and by its clocks.
 *
 * @param locale as BCP 47 has it
 * @param at ISO 8601
 */
export const timeInWords = (
  locale: string,
  at: string,
  options: Intl.DateTimeFormatOptions,
): string =>
  new Intl.DateTimeFormat(locale, {
    ...options,
    timeZone: now.timeZone,
    ...(options.timeStyle || options.hour ? { hourCycle: cycles[now.hours] } : {}),
  }).format(new Date(at));
