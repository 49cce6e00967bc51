import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkLines } from './checkLines.ts';
import { duplicated, merged, movedDown, movedUp, split, withoutLines } from './listEdits.ts';
import type { Part } from './part.ts';

const resistor = (designators: readonly string[], ohm: number, quantity = designators.length) => ({
  part: {
    designators,
    quantity,
    family: 'resistor-axial',
    value: { kind: 'amount', unit: 'ohm', amount: ohm },
    description: `resistor ${ohm}`,
    supply: 'in-kit',
  } satisfies Part,
});
const lines = [resistor(['R1', 'R2'], 470), resistor(['R3'], 1000), resistor(['R4'], 470)];
const places = (of: readonly { readonly part: Part }[]) =>
  of.map(({ part }) => part.designators.join(' '));

describe('a list that is changed by hand', () => {
  it('loses, doubles and splits lines', () => {
    expect(places(withoutLines(lines, new Set([1])))).toEqual(['R1 R2', 'R4']);
    expect(places(duplicated(lines, new Set([0, 2])))).toEqual([
      'R1 R2',
      'R5 R6',
      'R3',
      'R4',
      'R7',
    ]);
    expect(places(split(lines, new Set([0])))).toEqual(['R1', 'R2', 'R3', 'R4']);
    expect(split([resistor([], 470, 3)], new Set([0]))).toHaveLength(3);
  });

  it('moves lines together, as far as there is room', () => {
    expect(places(movedUp(lines, new Set([1, 2])))).toEqual(['R3', 'R4', 'R1 R2']);
    expect(places(movedUp(lines, new Set([0, 1])))).toEqual(['R1 R2', 'R3', 'R4']);
    expect(places(movedDown(lines, new Set([0])))).toEqual(['R3', 'R1 R2', 'R4']);
  });

  it('makes one line of the same part, and says why not of others', () => {
    const one = merged(lines, new Set([0, 2]));
    expect(one.ok && places(one.value)).toEqual(['R1 R2 R4', 'R3']);
    expect(merged(lines, new Set([0, 1]))).toMatchObject({
      problem: { says: 'lists.edit.notTheSamePart' },
    });
    expect(merged(lines, new Set([0]))).toMatchObject({
      problem: { says: 'lists.edit.chooseTwoLines' },
    });
    expect(merged([...lines, resistor([], 470, 1)], new Set([0, 3]))).toMatchObject({
      problem: { says: 'lists.edit.placesMissing' },
    });
  });

  it('keeps every piece, and contradicts itself never', () => {
    const list = fc.array(
      fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 3 })),
      {
        minLength: 1,
        maxLength: 6,
      },
    );
    const named = (of: readonly { readonly part: Part }[]) =>
      of.flatMap(({ part }) => part.designators).sort();
    const pieces = (of: readonly { readonly part: Part }[]) =>
      of.reduce((sum, { part }) => sum + part.quantity, 0);
    fc.assert(
      fc.property(list, fc.array(fc.nat(5)), (shape, meant) => {
        let next = 0;
        const made = shape.map(([count, kind]) =>
          count === 0
            ? resistor([], 100 * kind, 2)
            : resistor(
                Array.from({ length: count }, () => {
                  next += 1;
                  return `R${next}`;
                }),
                100 * kind,
              ),
        );
        const chosen = new Set(meant.filter((index) => index < made.length));
        for (const edit of [split, movedUp, movedDown]) {
          expect(pieces(edit(made, chosen))).toBe(pieces(made));
          expect(named(edit(made, chosen))).toEqual(named(made));
        }
        const results = [duplicated(made, chosen), split(made, chosen), withoutLines(made, chosen)];
        const one = merged(made, chosen);
        if (one.ok) results.push(one.value);
        for (const result of results) {
          expect(checkLines(result.map(({ part }) => part))).toEqual([]);
        }
      }),
    );
  });
});
