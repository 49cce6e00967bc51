import type { Capacity } from './room.ts';

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
