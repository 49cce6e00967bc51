import { t } from 'i18next';
import { memo } from '#core/memo';
import { localeNow } from '../app/languages.ts';
import { siteClock } from './siteClock.ts';

const cycles = { 12: 'h12', 24: 'h23' } as const;

/** To make one takes a hundred times as long as to use it, and a floor tells the time at every seat. */
const formats = memo<string, Intl.DateTimeFormat>({ name: 'forms of times', most: 50 });

/** A time in words, in the site's zone and by its clocks, in the reader's language. */
export function timeInWords(iso: string, options: Intl.DateTimeFormatOptions): string {
  const { timeZone, hours } = siteClock();
  const locale = localeNow();
  const asked = {
    ...options,
    timeZone,
    ...(options.hour ? { hourCycle: cycles[hours] } : {}),
  };
  return formats
    .of(`${locale} ${JSON.stringify(asked)}`, () => new Intl.DateTimeFormat(locale, asked))
    .format(new Date(iso));
}

const time = { hour: '2-digit', minute: '2-digit' } as const;

/** `18:30`, `06:30 pm` */
export const timeOfDay = (iso: string): string => timeInWords(iso, time);

/** `Thu 26 Nov 2026, 18:30` */
export const dateAndTime = (iso: string): string =>
  timeInWords(iso, { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', ...time });

/** `1 h 20 min`, `45 min` */
export function duration(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours === 0) return t('ui.clock.min', { whole });
  return whole % 60 === 0
    ? t('ui.clock.hours', { hours })
    : t('ui.clock.hMin', { hours, whole: whole % 60 });
}
