import fc from 'fast-check';
import type { FamilyId } from '../../parts/families/ids.ts';
import { families } from '../../parts/families/index.ts';
import type { Part, PartValue } from '../../parts/part.ts';

/** A line of a parts list for a test; the quantity follows from the places. */
export function line(
  family: FamilyId,
  places: string,
  value: PartValue = { kind: 'none' },
  pins?: number,
): Part {
  const designators = places.split(' ').filter((name) => name !== '');
  return {
    designators,
    quantity: Math.max(1, designators.length),
    family,
    value,
    description: family,
    supply: 'in-kit',
    ...(pins === undefined ? {} : { pins }),
  };
}

export const ohm = (amount: number): PartValue => ({ kind: 'amount', unit: 'ohm', amount });
export const farad = (amount: number): PartValue => ({ kind: 'amount', unit: 'farad', amount });
export const type = (print: string): PartValue => ({ kind: 'type', print });

/** Any kit: any families in any number, values that repeat, sockets that may or may not fit the chips. */
export const anyKit: fc.Arbitrary<Part[]> = fc
  .array(
    fc.record({
      family: fc.constantFrom(...families.map(({ id }) => id)),
      value: fc.constantFrom<PartValue>(
        { kind: 'none' },
        ohm(470),
        ohm(47_000),
        farad(1e-7),
        type('LM393'),
      ),
      pins: fc.constantFrom(undefined, 8, 14),
      pieces: fc.integer({ min: 1, max: 4 }),
    }),
    { maxLength: 14 },
  )
  .map((rows) => {
    let number = 0;
    return rows.map(({ family, value, pins, pieces }) =>
      line(family, Array.from({ length: pieces }, () => `X${++number}`).join(' '), value, pins),
    );
  });
