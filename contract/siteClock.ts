import { endpoint } from './endpoint.ts';
import type { SiteClock } from './timeZone.ts';

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
