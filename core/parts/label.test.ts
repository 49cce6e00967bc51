import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDesignators } from '../partslist/designators.ts';
import { shortDesignators, toleranceLabel, valueLabel } from './label.ts';
import { bandsOf } from './marks.ts';
import type { Part, PartValue } from './part.ts';

const part = (value: PartValue): Part => ({
  designators: ['R1'],
  quantity: 1,
  family: 'resistor-axial',
  value,
  description: '',
  supply: 'in-kit',
});

describe('labels', () => {
  it('say the value as a person would', () => {
    expect(valueLabel({ kind: 'amount', unit: 'ohm', amount: 47_000 })).toBe('47 kΩ');
    expect(valueLabel({ kind: 'type', print: '1N4148' })).toBe('1N4148');
    expect(valueLabel({ kind: 'colour', colour: 'green' })).toBe('green');
    expect(valueLabel({ kind: 'none' })).toBe('');
  });

  it('say the tolerance only where there is one', () => {
    expect(toleranceLabel({ kind: 'amount', unit: 'ohm', amount: 1, tolerancePercent: 1 })).toBe(
      '1 %',
    );
    expect(toleranceLabel({ kind: 'amount', unit: 'ohm', amount: 1 })).toBe('');
    expect(toleranceLabel({ kind: 'none' })).toBe('');
  });

  it.each([
    [['R1', 'R2'], 'R1, R2'],
    [['R1', 'R2', 'R3', 'R4', 'R7'], 'R1–R4, R7'],
    [['C1', 'R2'], 'C1, R2'],
    [[], ''],
  ])('shorten %j to %s', (names, short) => {
    expect(shortDesignators(names)).toBe(short);
  });

  it('shortened places read back as the same places', () => {
    const places = fc
      .uniqueArray(fc.tuple(fc.constantFrom('R', 'C', 'LED'), fc.integer({ min: 1, max: 40 })), {
        maxLength: 20,
        selector: ([letters, number]) => letters + number,
      })
      .map((list) => list.map(([letters, number]) => letters + number));
    fc.assert(
      fc.property(places, (names) => {
        expect(readDesignators(shortDesignators(names))).toEqual({ ok: true, value: names });
      }),
    );
  });
});

describe('the bands of a line', () => {
  // Worked readings, common practice.
  it.each([
    [470, 5, undefined, 'yellow violet brown gold'],
    [47_000, 5, undefined, 'yellow violet orange gold'],
    [1000, 1, undefined, 'brown black black brown brown'],
    [1000, 5, 5, 'brown black black brown gold'],
  ] as const)('%s Ω %s %% with %s bands', (amount, tolerancePercent, bandCount, expected) => {
    const value: PartValue = {
      kind: 'amount',
      unit: 'ohm',
      amount,
      tolerancePercent,
      ...(bandCount ? { bandCount } : {}),
    };
    expect(bandsOf(part(value)).join(' ')).toBe(expected);
  });

  it('are none for what is not a resistance', () => {
    expect(bandsOf(part({ kind: 'amount', unit: 'farad', amount: 1e-7 }))).toEqual([]);
    expect(bandsOf(part({ kind: 'type', print: '470' }))).toEqual([]);
  });
});
