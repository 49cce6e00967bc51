/** A seat as it is paired: its number, and that of whoever works with it. */
export interface PairedSeat {
  readonly id: string;
  readonly number: number;
  readonly partner: number | null;
}

/**
 * The seats in the order of their numbers, each partner moved up behind the first of the pair. Nobody else changes
 * places more than that needs.
 */
export function sideBySide<Seat extends PairedSeat>(seats: readonly Seat[]): Seat[] {
  const byNumber = seats.toSorted((a, b) => a.number - b.number);
  const order: Seat[] = [];
  for (const seat of byNumber) {
    if (order.includes(seat)) continue;
    order.push(seat);
    const partner = byNumber.find(({ number }) => number === seat.partner);
    if (partner && partner.partner === seat.number && !order.includes(partner)) order.push(partner);
  }
  return order;
}

/** Whether everybody who works with somebody has them at the next number. */
export const areSideBySide = (seats: readonly PairedSeat[]): boolean =>
  sideBySide(seats).every(({ id }, at) => id === byNumberAt(seats, at));

const byNumberAt = (seats: readonly PairedSeat[], at: number): string | undefined =>
  seats.toSorted((a, b) => a.number - b.number)[at]?.id;
