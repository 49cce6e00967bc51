import { describe, expect, it } from 'vitest';
import { footprintOf } from '../board/footprint.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { bodyLengthMm } from './body.ts';
import { bodyOf, chipSizeOf, chipSizes } from './bodyOf.ts';
import { drawFromAbove } from './drawing/seated/above.ts';
import { examplePart } from './examplePart.ts';
import { families, familyOf } from './families/index.ts';

const chip = (description: string) => ({ ...line('resistor-chip', 'R1', ohm(330)), description });

describe('the size of a chip part', () => {
  // A code is length and width in hundredths of an inch, rounded; 25.4 mm are an inch.
  it.each(Object.entries(chipSizes))('%s is as long and as wide as its code says', (code, size) => {
    const [length, width] = [Number(code.slice(0, 2)), Number(code.slice(2))];
    expect(Math.abs(size.lengthMm - length * 0.254)).toBeLessThan(0.2);
    expect(Math.abs(size.widthMm - width * 0.254)).toBeLessThan(0.2);
    expect(size.heightMm).toBeLessThan(size.widthMm);
  });

  // IEC 60115-8, metric names of the same sizes (from memory): RR1005M, RR1608M, RR2012M, RR3216M, RR3225M.
  it.each([
    ['0402', 1, 0.5],
    ['0603', 1.6, 0.8],
    ['0805', 2, 1.2],
    ['1206', 3.2, 1.6],
    ['1210', 3.2, 2.5],
  ] as const)('%s is %s by %s mm in the metric code', (code, length, width) => {
    expect(chipSizes[code].lengthMm).toBeCloseTo(length, 1);
    expect(Math.abs(chipSizes[code].widthMm - width)).toBeLessThan(0.06);
  });

  it('is read from what the list says, and from nothing that only looks like it', () => {
    expect(chipSizeOf({ description: 'chip resistor 1206 5%' })).toBe(chipSizes['1206']);
    expect(chipSizeOf({ description: 'R 0603 10k' })).toBe(chipSizes['0603']);
    expect(chipSizeOf({ description: 'chip resistor 330' })).toBeUndefined();
    expect(chipSizeOf({ description: 'order number 12065' })).toBeUndefined();
  });

  it('counts for chip parts only: a can with a 0805 in its order number stays a can', () => {
    for (const family of families) {
      const body = bodyOf(family, { description: 'part 1206', value: { kind: 'none' } });
      if (family.comesInSizes) expect(bodyLengthMm(body, {})).toBe(3.2);
      else expect(body).toBe(family.body);
    }
  });

  it('makes body and pads longer on the board: 1206 is drawn half as long again as 0805', () => {
    const [small, large] = [chip('chip resistor 0805'), chip('chip resistor 1206')];
    const reach = (part: ReturnType<typeof chip>) => footprintOf(part).pins[1]?.x ?? 0;
    expect(reach(large) - reach(small)).toBeCloseTo(0.6, 6);
    const family = familyOf(large);
    const width = (part: ReturnType<typeof chip>) => drawFromAbove(family, part).widthMm;
    expect(width(large) - width(small)).toBeCloseTo(1.2, 6);
    expect(family.draw(large).widthMm - family.draw(small).widthMm).toBeCloseTo(1.2, 6);
  });

  it('pads reach out from under the body in every size, so that the iron gets to them', () => {
    for (const code of Object.keys(chipSizes)) {
      const part = chip(`chip resistor ${code}`);
      const { pins, padWidthMm, padHeightMm } = footprintOf(part);
      const body = bodyOf(familyOf(part), part);
      const outer = (pins[1]?.x ?? 0) + padWidthMm / 2;
      // Hand soldering wants some half a millimetre of pad beyond the cap (common practice).
      expect(outer - bodyLengthMm(body, part) / 2, code).toBeGreaterThanOrEqual(0.45);
      expect(padHeightMm, code).toBeGreaterThanOrEqual(Math.min(1, body.widthMm));
    }
  });

  it('heights are whole hundredths of a millimetre in every size: they are shown', () => {
    for (const family of families)
      for (const code of Object.keys(chipSizes)) {
        const { heightMm } = bodyOf(family, { description: code, value: { kind: 'none' } });
        expect(String(heightMm), `${family.id} ${code}`).toMatch(/^\d+(\.\d{1,2})?$/);
      }
  });

  it('a part that the list gives no size is drawn in the usual one', () => {
    const part = examplePart(familyOf({ family: 'resistor-chip' }));
    expect(bodyLengthMm(bodyOf(familyOf(part), part), part)).toBe(chipSizes['0805'].lengthMm);
  });
});
