import dayjs from 'dayjs';
import type { Workshop } from '#contract/workshops';
import { formFormat, siteTime } from './siteTime.ts';

/** What the form of a new workshop begins with where it is planned like an earlier one. */
export interface Copied {
  readonly title: string;
  readonly kitId: string;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly seatCount: number;
  readonly names: string;
}

/** The same hour of the same day of the week, the next time that it comes. */
const nextWeekly = (startsAt: string, now: Date): string => {
  const weeks = Math.max(1, Math.floor(dayjs(now).diff(startsAt, 'day') / 7) + 1);
  return siteTime(startsAt).add(weeks, 'week').format(formFormat);
};

/** A workshop as the beginning of another one, a week or more later, with as many seats and the same people. */
export const copyOf = (
  { title, kitId, startsAt, lengthMinutes, seats }: Workshop,
  now: Date,
): Copied => ({
  title,
  kitId,
  startsAt: nextWeekly(startsAt, now),
  lengthMinutes,
  seatCount: seats.length,
  names: seats
    .map(({ name }) => name)
    .filter((name) => name !== '')
    .join('\n'),
});

/** What a page was opened with, where it is such a beginning: the state of a history may be any. */
export function copiedIn(state: unknown): Copied | undefined {
  const copied = (state as { readonly copied?: Partial<Copied> } | null)?.copied;
  return copied && typeof copied.kitId === 'string' && typeof copied.title === 'string'
    ? (copied as Copied)
    : undefined;
}
