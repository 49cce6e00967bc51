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

/** What a room usually has for so many seats: an iron each, a meter for four, the rest once (common practice). */
export const usualCapacity = (seats: number): Capacity => ({
  iron: seats,
  meter: Math.ceil(seats / 4),
  desoldering: 1,
  helper: 1,
});

/** Names, safety, what will be built: said before anybody begins (common practice). */
export const usualWelcomeMinutes = 10;

/** How late those come who come late, at the most (common practice). */
export const usualLateMinutes = 20;

export const usualConditions = (seats: number): Conditions => ({
  capacity: usualCapacity(seats),
  welcomeMinutes: usualWelcomeMinutes,
  breaks: [],
  late: { percent: 0, minutes: usualLateMinutes },
});
