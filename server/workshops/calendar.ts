import { createEvent, type DateArray } from 'ics';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import type { StoredWorkshop } from './queries.ts';

/** Bags are packed the day before (common practice). */
const reminderDays = 1;

/**
 * The evening for a calendar, as iCalendar (RFC 5545), with a reminder to pack.
 *
 * @param parts of the kit: those that are not in it are what to bring
 */
export function calendarOf(
  { id, title, kitName, startsAt, lengthMinutes }: StoredWorkshop,
  parts: readonly Part[],
  seats: number,
): string {
  const bring = parts
    .filter(({ supply }) => supply === 'not-in-kit')
    .map(
      (part) => `${part.description} (${shortDesignators(part.designators) || `${part.quantity}`})`,
    );
  const { value, error } = createEvent({
    uid: `${id}@ozzet`,
    productId: 'ozzet',
    title,
    start: utc(startsAt),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { hours: Math.floor(lengthMinutes / 60), minutes: lengthMinutes % 60 },
    description: [
      `${kitName} for ${seats} ${seats === 1 ? 'seat' : 'seats'}.`,
      ...(bring.length > 0 ? [`Not in the kit, to be brought: ${bring.join(', ')}.`] : []),
    ].join('\n'),
    alarms: [
      {
        action: 'display',
        description: `Pack the bags: ${title}`,
        trigger: { days: reminderDays, before: true },
      },
    ],
  });
  if (!value) throw error ?? new Error('no calendar was made');
  return value;
}

function utc(iso: string): DateArray {
  const date = new Date(iso);
  return [
    date.getUTCFullYear(),
    date.getUTCMonth() + 1,
    date.getUTCDate(),
    date.getUTCHours(),
    date.getUTCMinutes(),
  ];
}
