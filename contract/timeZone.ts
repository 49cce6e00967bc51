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
