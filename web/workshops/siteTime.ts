import dayjs, { type Dayjs } from 'dayjs';
import timezone from 'dayjs/plugin/timezone';
import utc from 'dayjs/plugin/utc';
import { siteClock } from '../ui/siteClock.ts';

dayjs.extend(utc);
dayjs.extend(timezone);

/** As fields for a date and a time have it. */
export const formFormat = 'YYYY-MM-DDTHH:mm';

/** A moment by the site's clocks, wherever this device is. */
export const siteTime = (at: string | Date): Dayjs => dayjs(at).tz(siteClock().timeZone);

/** What was typed into such a field, by the site's clocks. */
export const typedTime = (typed: string): Dayjs => dayjs.tz(typed, siteClock().timeZone);
