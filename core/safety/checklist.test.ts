import { describe, expect, it } from 'vitest';
import type { FamilyId } from '../parts/families/ids.ts';
import type { Part } from '../parts/part.ts';
import { checklistItems, checklistOf } from './checklist.ts';

const part = (family: FamilyId): Part => ({
  designators: ['X1'],
  quantity: 1,
  family,
  value: { kind: 'none' },
  description: family,
  supply: 'in-kit',
});
const idsOf = (families: readonly FamilyId[], supplyVolt: number | null = 3) =>
  checklistOf({ parts: families.map(part), supplyVolt }).map(({ id }) => id);

describe('the checklist of a room', () => {
  it('has the usual cautions whatever the kit (common practice)', () => {
    const always = idsOf([]);
    for (const id of ['local-rules', 'air', 'first-aid', 'stands', 'no-food', 'glasses', 'alcohol'])
      expect(always).toContain(id);
    expect(checklistOf({ parts: [], supplyVolt: null }).some(({ group }) => group === 'kit')).toBe(
      false,
    );
  });

  it('puts the rules of the place first', () => {
    expect(idsOf(['coin-holder'])[0]).toBe('local-rules');
  });

  // Common practice: swallowed cells are an emergency; reversed electrolytics can burst; bright LEDs hurt the eye.
  it.each([
    ['coin-holder', ['coin-cells', 'cells']],
    ['battery-holder', ['cells']],
    ['capacitor-electrolytic', ['electrolytics']],
    ['capacitor-tantalum', ['electrolytics']],
    ['led-5mm', ['bright-leds']],
    ['resistor-axial', []],
  ] as const)('adds what a %s brings', (family, expected) => {
    const added = idsOf([family]).filter((id) => !idsOf([]).includes(id));
    expect(added.sort()).toEqual([...expected].sort());
  });

  // 60 V DC is the limit of extra-low voltage (IEC 61140, from memory).
  it.each([
    [60, false],
    [61, true],
    [null, false],
  ])('asks for a qualified instructor at a supply of %s V: %s', (volt, asked) => {
    expect(idsOf([], volt).includes('high-voltage')).toBe(asked);
  });

  it('knows each line by one id', () => {
    expect(new Set(checklistItems.map(({ id }) => id)).size).toBe(checklistItems.length);
  });
});
