import ical from 'ical.js';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import type { Speaker } from '../../words/speak.ts';
import type { StoredWorkshop } from '../queries.ts';

/** Bags are packed the day before (common practice). */
const reminderDays = 1;

/**
 * The evening for a calendar, as iCalendar (RFC 5545), with a reminder to pack.
 *
 * @param parts of the kit: those that are not in it are what to bring
 * @param forecast when everybody will be done, in words
 */
export function calendarOf(
  { t, language }: Speaker,
  { id, title, kitName, startsAt, lengthMinutes, place, setAside }: StoredWorkshop,
  parts: readonly Part[],
  seats: number,
  forecast: string,
  now: Date,
): string {
  const bring = parts
    .filter(({ supply }) => supply === 'not-in-kit')
    .map(
      (part) => `${part.description} (${shortDesignators(part.designators) || `${part.quantity}`})`,
    );
  const calendar = new ical.Component('vcalendar');
  calendar.addPropertyWithValue('prodid', `-//Ozzet//Workshops//${language.toUpperCase()}`);
  calendar.addPropertyWithValue('version', '2.0');
  const event = new ical.Component('vevent');
  event.addPropertyWithValue('uid', `${id}@ozzet`);
  event.addPropertyWithValue('dtstamp', ical.Time.fromJSDate(now, true));
  event.addPropertyWithValue('dtstart', ical.Time.fromJSDate(new Date(startsAt), true));
  event.addPropertyWithValue('duration', ical.Duration.fromSeconds(lengthMinutes * 60));
  event.addPropertyWithValue('summary', text(title));
  if (setAside === 'cancelled') event.addPropertyWithValue('status', 'CANCELLED');
  if (place !== '') event.addPropertyWithValue('location', text(place));
  event.addPropertyWithValue(
    'description',
    text(
      [
        t('papers.calendar.kitForSeats', { kit: kitName, count: seats }),
        ...(forecast === '' ? [] : [forecast]),
        ...(bring.length > 0 ? [t('papers.calendar.bring', { bring: bring.join(', ') })] : []),
      ].join('\n'),
    ),
  );
  const alarm = new ical.Component('valarm');
  alarm.addPropertyWithValue('action', 'DISPLAY');
  alarm.addPropertyWithValue('description', text(t('papers.calendar.packTheBags', { title })));
  alarm.addPropertyWithValue('trigger', ical.Duration.fromSeconds(-reminderDays * 24 * 3600));
  event.addSubcomponent(alarm);
  calendar.addSubcomponent(event);
  return `${calendar.toString()}\r\n`;
}

/** RFC 5545, 3.3.11: a text holds no control characters but the tab; a line ends in one way only. */
const text = (words: string): string =>
  words
    .replace(/\r\n?/g, '\n')
    // biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is taken out
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f]/g, ' ');
