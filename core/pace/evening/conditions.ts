import type { Capacity } from './room.ts';

/** What an evening has to do with, as far as it moves the clock. */
export interface Conditions {
  readonly capacity: Capacity;
  /** Said before anybody begins. */
  readonly welcomeMinutes: number;
  /** When everybody stops, in minutes from the start, and for how long. */
  readonly breaks: readonly { readonly at: number; readonly minutes: number }[];
  /** So many of a hundred learners come late, by up to so many minutes. */
  readonly late: { readonly percent: number; readonly minutes: number };
}

/**
 * What a room usually has for so many seats: an iron each, but one for two who work together; a meter for four, the rest
 * once (common practice).
 */
const usualCapacity = (seats: number, pairs: number): Capacity => ({
  iron: Math.max(1, seats - pairs),
  meter: Math.ceil(seats / 4),
  desoldering: 1,
  helper: 1,
});

/** Names, safety, what will be built: said before anybody begins (common practice). */
const usualWelcomeMinutes = 10;

/** How late those come who come late, at the most (common practice). */
const usualLateMinutes = 20;

/** @param pairs how many times two of the seats work together */
export const usualConditions = (seats: number, pairs = 0): Conditions => ({
  capacity: usualCapacity(seats, pairs),
  welcomeMinutes: usualWelcomeMinutes,
  breaks: [],
  late: { percent: 0, minutes: usualLateMinutes },
});

/** The same of a workshop with its partners. */
export const usualConditionsOf = (
  seats: readonly { readonly partner: number | null }[],
): Conditions =>
  usualConditions(
    seats.length,
    Math.floor(seats.filter(({ partner }) => partner !== null).length / 2),
  );
