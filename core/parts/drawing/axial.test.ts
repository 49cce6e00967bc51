import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandColourNames, bandColours } from '../../bands/colours.ts';
import { cases } from '../../testing/cases.ts';
import { drawResistor } from './axial.ts';

/** The bands of a drawing, left to right, by the colour of their paint. */
function drawnBands(colours: Parameters<typeof drawResistor>[0]) {
  const paints = new Map(bandColourNames.map((name) => [bandColours[name].srgb as string, name]));
  return drawResistor(colours)
    .shapes.flatMap((shape) => {
      const name = shape.kind === 'rect' ? paints.get(shape.fill ?? '') : undefined;
      return name && shape.kind === 'rect'
        ? [{ name, left: shape.x, right: shape.x + shape.width }]
        : [];
    })
    .sort((a, b) => a.left - b.left);
}

describe('the drawn resistor', () => {
  const anyBands = fc.array(fc.constantFrom(...bandColourNames), { minLength: 3, maxLength: 6 });

  it('shows its bands in reading order, none over another', () => {
    fc.assert(
      fc.property(anyBands, (colours) => {
        const drawn = drawnBands(colours);
        expect(drawn.map(({ name }) => name)).toEqual(colours);
        for (const [index, band] of drawn.slice(1).entries()) {
          expect(band.left).toBeGreaterThan(drawn[index]?.right ?? 0);
        }
      }),
    );
  });

  // IEC 60062: the tolerance band stands apart, so that the reader finds the end to begin at.
  it('sets the tolerance band apart from the others', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...bandColourNames), { minLength: 4, maxLength: 5 }),
        (colours) => {
          const gaps = drawnBands(colours)
            .slice(1)
            .map((band, index) => band.left - (drawnBands(colours)[index]?.right ?? 0));
          const last = gaps.at(-1) ?? 0;
          for (const gap of gaps.slice(0, -1)) expect(last).toBeGreaterThan(gap * 1.5);
        },
      ),
      { numRuns: cases(20, 0.5) },
    );
  });

  it('is beige with four bands and blue with five (common practice)', () => {
    const body = (count: number) => {
      const { shapes } = drawResistor(Array.from({ length: count }, () => 'red' as const));
      return shapes.find((s) => s.kind === 'path' && s.fill !== undefined)?.['fill' as never];
    };
    expect(body(4)).not.toBe(body(5));
    expect(body(5)).toBe(body(6));
  });

  it('a zero-ohm link has one band in the middle', () => {
    const [band, ...more] = drawnBands(['black']);
    expect(more).toEqual([]);
    const { widthMm } = drawResistor(['black']);
    expect(((band?.left ?? 0) + (band?.right ?? 0)) / 2).toBeCloseTo(widthMm / 2, 6);
  });
});
