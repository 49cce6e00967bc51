import { describe, expect, it } from 'vitest';
import { footprintOf } from '../board/footprint.ts';
import { allMarks } from './allMarks.ts';
import { checkLine } from './checkLines.ts';
import { examplePart, usesPins } from './examplePart.ts';
import type { FamilyId } from './families/ids.ts';
import { families, familyOf } from './families/index.ts';
import { flagsOf } from './flags.ts';

describe('the example of a family', () => {
  it.each(families.map((family) => [family.id, family] as const))(
    '%s is a part that could stand in a list: nothing is wrong with it, nothing odd about it',
    (_, family) => {
      const part = examplePart(family);
      expect(checkLine(part)).toEqual([]);
      expect(flagsOf(part)).toEqual([]);
      expect(part.pins !== undefined).toBe(usesPins(family));
    },
  );

  it('has the marks that people know such parts by (common practice)', () => {
    const prints = (family: FamilyId) =>
      allMarks(examplePart(familyOf({ family }))).prints.map(({ text }) => text);
    expect(prints('capacitor-ceramic')).toContain('104');
    expect(prints('resistor-chip')).toContain('472');
    expect(prints('capacitor-electrolytic')).toEqual(['10µF', '16V']);
    expect(prints('ic-dip')).toEqual(['NE555']);
  });

  it('a polarised part names a mark that tells its two ends apart, or its outline', () => {
    for (const family of families.filter(({ polarity }) => polarity === 'polarised')) {
      expect([family.id, family.signs.length]).not.toEqual([family.id, 0]);
    }
  });

  it('bodies are no larger than the room between their own leads allows', () => {
    for (const family of families) {
      const part = examplePart(family);
      const { pins, widthMm, heightMm } = footprintOf(part);
      for (const { x, y } of pins) {
        expect(Math.abs(x)).toBeLessThanOrEqual(widthMm / 2 + 1e-6);
        expect(Math.abs(y)).toBeLessThanOrEqual(heightMm / 2 + 1e-6);
      }
    }
  });
});
