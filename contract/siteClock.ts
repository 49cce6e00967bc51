import { endpoint } from './endpoint.ts';

export const hoursOfClocks = [12, 24] as const;
export type HoursOfClock = (typeof hoursOfClocks)[number];

/** How all times of a site are told. */
export interface SiteClock {
  /** By the time zone database of IANA, as `Europe/Lisbon`. */
  readonly timeZone: string;
  readonly hours: HoursOfClock;
}

/** Whether this computer knows a time zone of that name. */
export function isTimeZone(name: string | undefined): boolean {
  if (!name) return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** Seats tell times too. */
export const getSiteClock = endpoint<SiteClock>()({
  method: 'GET',
  path: '/api/clock',
  access: 'public',
});

export const setSiteClock = endpoint<SiteClock>()({
  method: 'PUT',
  path: '/api/clock',
  access: 'instructor',
  recorded: 'clock-set',
  body: async () => (await import('./siteClockBody.ts')).siteClockBody,
});
