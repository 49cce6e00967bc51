import { t } from 'i18next';
import { localeNow } from '../app/languages.ts';

const time = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/** `18:30` */
export const timeOfDay = (iso: string): string =>
  new Intl.DateTimeFormat(localeNow(), time).format(new Date(iso));

/** `Thu 26 Nov 2026, 18:30` */
export const dateAndTime = (iso: string): string =>
  new Intl.DateTimeFormat(localeNow(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    ...time,
  }).format(new Date(iso));

/** `1 h 20 min`, `45 min` */
export function duration(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours === 0) return t('ui.clock.min', { whole });
  return whole % 60 === 0
    ? t('ui.clock.hours', { hours })
    : t('ui.clock.hMin', { hours, whole: whole % 60 });
}
