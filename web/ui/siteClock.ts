import { getSiteClock } from '#contract/siteClock';
import { isTimeZone, type SiteClock } from '#contract/timeZone';
import { call } from '../app/call.ts';

const key = 'ozzet.clock';

const ofThisDevice = (): SiteClock => ({
  timeZone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
  hours: 24,
});

let now = kept() ?? ofThisDevice();

/** How the times of the site are told: as the server says, and without network as it said last. */
export const siteClock = (): SiteClock => now;

/** Takes over how the site tells times. */
export function takeClock(clock: SiteClock): void {
  now = clock;
  localStorage.setItem(key, JSON.stringify(clock));
}

/** Asks the server; what is drawn later tells times by it. */
export const loadSiteClock = (): Promise<void> =>
  call(getSiteClock, {}).then(takeClock, () => undefined);

function kept(): SiteClock | undefined {
  try {
    const clock = JSON.parse(localStorage.getItem(key) ?? 'null') as SiteClock | null;
    return clock && isTimeZone(clock.timeZone) && [12, 24].includes(clock.hours)
      ? clock
      : undefined;
  } catch {
    return undefined;
  }
}
