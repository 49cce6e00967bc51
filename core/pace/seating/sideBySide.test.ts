import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areSideBySide, type PairedSeat, sideBySide } from './sideBySide.ts';

const seats = (...partners: readonly (number | null)[]): PairedSeat[] =>
  partners.map((partner, index) => ({ id: `seat ${index + 1}`, number: index + 1, partner }));
const order = (all: readonly PairedSeat[]) => sideBySide(all).map(({ number }) => number);

describe('partners side by side', () => {
  it.each([
    [seats(null, null, null), [1, 2, 3]],
    [seats(2, 1, 4, 3), [1, 2, 3, 4]],
    [seats(4, 3, 2, 1), [1, 4, 2, 3]],
    [seats(null, 4, null, 2), [1, 2, 4, 3]],
    // One who is not the other's partner moves nobody.
    [seats(3, null, null), [1, 2, 3]],
  ])('of %j are %j', (all, expected) => {
    expect(order(all)).toEqual(expected);
  });

  it('are everybody, once each, with every pair at two numbers in a row', () => {
    const anySeats = fc
      .shuffledSubarray(Array.from({ length: 12 }, (_, index) => index + 1))
      .map((paired) => {
        const partners: (number | null)[] = Array.from({ length: 12 }, () => null);
        for (let at = 0; at + 1 < paired.length; at += 2) {
          const [one, other] = [paired[at] ?? 0, paired[at + 1] ?? 0];
          partners[one - 1] = other;
          partners[other - 1] = one;
        }
        return seats(...partners);
      });
    fc.assert(
      fc.property(anySeats, (all) => {
        const moved = sideBySide(all);
        expect(moved.map(({ number }) => number).toSorted((a, b) => a - b)).toEqual(
          all.map(({ number }) => number),
        );
        for (const [at, seat] of moved.entries()) {
          if (seat.partner === null) continue;
          expect([moved[at - 1]?.number, moved[at + 1]?.number]).toContain(seat.partner);
        }
        const renumbered = moved.map((seat, at) => ({
          ...seat,
          number: at + 1,
          partner:
            seat.partner === null
              ? null
              : moved.findIndex(({ number }) => number === seat.partner) + 1,
        }));
        expect(areSideBySide(renumbered)).toBe(true);
      }),
    );
  });
});
