import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Part } from '../parts/part.ts';
import { putBack, takeOut } from './takeOut.ts';

const resistor = (ohm: number, quantity: number, more: Partial<Part> = {}): Part => ({
  designators: [],
  quantity,
  family: 'resistor-axial',
  value: { kind: 'amount', unit: 'ohm', amount: ohm },
  description: '',
  supply: 'in-kit',
  ...more,
});
const drawer = (itemId: string, ohm: number, level: number) => ({
  itemId,
  level,
  part: {
    family: 'resistor-axial' as const,
    value: { kind: 'amount' as const, unit: 'ohm' as const, amount: ohm },
  },
});

describe('bags out of drawers', () => {
  it('take from the next drawer where one is empty, and say what is missing', () => {
    const drawers = [drawer('a', 470, 10), drawer('b', 470, 5), drawer('c', 1000, 50)];
    expect(takeOut([resistor(470, 2), resistor(1000, 1)], 9, drawers)).toEqual({
      taken: [
        { itemId: 'a', pieces: 10 },
        { itemId: 'b', pieces: 5 },
        { itemId: 'c', pieces: 9 },
      ],
      missing: 3,
    });
  });

  it('leave alone what somebody brings', () => {
    const brought = resistor(470, 2, { supply: 'not-in-kit' });
    expect(takeOut([brought], 5, [drawer('a', 470, 10)])).toEqual({ taken: [], missing: 0 });
  });

  it('never take more than there is, and account for every piece', () => {
    const amounts = fc.constantFrom(100, 220, 470);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(amounts, fc.integer({ min: 1, max: 5 })), { maxLength: 6 }),
        fc.array(fc.tuple(amounts, fc.integer({ min: 0, max: 40 })), { maxLength: 6 }),
        fc.integer({ min: 1, max: 12 }),
        (lines, stock, bags) => {
          const drawers = stock.map(([ohm, level], index) => drawer(String(index), ohm, level));
          const { taken, missing } = takeOut(
            lines.map(([ohm, quantity]) => resistor(ohm, quantity)),
            bags,
            drawers,
          );
          const out = taken.reduce((sum, { pieces }) => sum + pieces, 0);
          expect(out + missing).toBe(lines.reduce((sum, [, n]) => sum + n * bags, 0));
          for (const { itemId, pieces } of taken) {
            expect(pieces).toBeLessThanOrEqual(stock[Number(itemId)]?.[1] ?? 0);
          }
        },
      ),
    );
  });
});

describe('bags that go back', () => {
  const taken = fc.array(fc.nat({ max: 60 }), { maxLength: 6 });

  it('bring what they hold, and never more than was taken', () => {
    fc.assert(
      fc.property(taken, fc.integer({ min: 1, max: 12 }), fc.nat(), (pieces, bags, some) => {
        const unopened = 1 + (some % bags);
        const all = pieces.map((one, at) => ({ itemId: String(at), pieces: one * bags }));
        const { back, left } = putBack(all, bags, unopened);
        for (const [at, one] of pieces.entries()) {
          const of = (list: typeof back) =>
            list.find(({ itemId }) => itemId === String(at))?.pieces ?? 0;
          expect(of(back)).toBe(one * unopened);
          expect(of(back) + of(left)).toBe(one * bags);
        }
      }),
    );
  });
});
