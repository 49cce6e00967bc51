import { describe, expect, it } from 'vitest';
import { footprintOf } from '../../board/footprint.ts';
import { bodyLengthMm } from '../body.ts';
import { examplePart } from '../examplePart.ts';
import type { FamilyId } from './ids.ts';
import { familyOf } from './index.ts';

const partOf = (family: FamilyId, pins?: number) => ({
  ...examplePart(familyOf({ family })),
  ...(pins === undefined ? {} : { pins }),
});

/** Distances of neighbouring pins along the row, in mm. */
const pitches = (family: FamilyId, pins?: number): number[] => {
  const xs = footprintOf(partOf(family, pins))
    .pins.filter(({ y }, _, [first]) => y === first?.y)
    .map(({ x }) => x);
  return xs.slice(1).map((x, index) => Math.round((x - (xs[index] ?? 0)) * 1e3) / 1e3);
};

describe('outlines of the packages', () => {
  // Published outlines, all from memory: least and greatest length and diameter (or width) of the body in mm.
  it.each([
    // JEDEC DO-204: DO-35 is 3.05 to 5.08 by 1.53 to 2.28; DO-41 is 4.07 to 5.2 by 2.04 to 2.71.
    ['zener-axial', [3.05, 5.08], [1.53, 2.28]],
    ['diode-axial', [4.07, 5.2], [2.04, 2.71]],
    // JEDEC DO-213AA (mini-MELF, SOD-80): 3.3 to 3.7 by 1.35 to 1.65.
    ['diode-melf', [3.3, 3.7], [1.35, 1.65]],
    // JEDEC DO-219 / SOD-123: 2.55 to 2.85 by 1.4 to 1.7.
    ['diode-chip', [2.55, 2.85], [1.4, 1.7]],
    // JEDEC TO-226 (TO-92): 4.44 to 5.21 wide, 3.17 to 4.19 deep.
    ['transistor-to92', [4.44, 5.21], [3.17, 4.19]],
    // JEDEC TO-220AB: 9.65 to 10.67 wide, 4.06 to 4.83 deep.
    ['transistor-to220', [9.65, 10.67], [4.06, 4.83]],
    // JEDEC TO-236AB (SOT-23): 2.8 to 3.04 by 1.2 to 1.4.
    ['transistor-sot23', [2.8, 3.04], [1.2, 1.4]],
    // IEC 60122 / HC-49 low can: 10.8 to 11.5 by 4.4 to 5.
    ['crystal', [10.8, 11.5], [4.4, 5]],
    // IEC 60086 LR6: 49.5 to 50.5 long, 13.5 to 14.5 across.
    ['battery', [49.5, 50.5], [13.5, 14.5]],
    // The rim of a 5 mm and of a 3 mm LED (manufacturers' sheets).
    ['led-5mm', [5.6, 6.1], [5.6, 6.1]],
    ['led-3mm', [3.6, 4.1], [3.6, 4.1]],
  ] as const)(
    '%s is within its outline',
    (family, [minLength, maxLength], [minWidth, maxWidth]) => {
      const { body } = familyOf({ family });
      const length = bodyLengthMm(body, partOf(family));
      expect(length).toBeGreaterThanOrEqual(minLength);
      expect(length).toBeLessThanOrEqual(maxLength);
      expect(body.widthMm).toBeGreaterThanOrEqual(minWidth);
      expect(body.widthMm).toBeLessThanOrEqual(maxWidth);
    },
  );

  // Pitches in the standards' own figures: 0.1 inch for DIP (JEDEC MS-001), 0.05 inch for SO (MS-012), 0.95 mm for
  // SOT-23 (TO-236), 2.54 mm for LEDs of 3 and 5 mm, for single-in-line networks and for headers; from memory.
  it.each([
    ['ic-dip', 8, 2.54],
    ['ic-dip', 14, 2.54],
    ['ic-dip', 28, 2.54],
    ['socket-dip', 16, 2.54],
    ['optocoupler', 4, 2.54],
    ['ic-so', 8, 1.27],
    ['ic-so', 14, 1.27],
    ['transistor-sot23', undefined, 1.9],
    ['pin-header', 6, 2.54],
    ['socket-strip', 10, 2.54],
    ['resistor-network', 9, 2.54],
    ['terminal-block', 3, 5.08],
    ['led-5mm', undefined, 2.54],
    ['led-3mm', undefined, 2.54],
    ['transistor-to220', undefined, 2.54],
  ] as const)('%s with %s pins has %s mm from pin to pin', (family, pins, pitch) => {
    const found = pitches(family, pins);
    expect(found.length).toBeGreaterThan(0);
    for (const one of found) expect(one).toBeCloseTo(pitch, 3);
  });

  // A resistor bent to 0.4 inch and a DIP fit a board with holes every 0.1 inch (common practice).
  it.each(['resistor-axial', 'diode-axial', 'zener-axial', 'wire-link'] as const)(
    '%s lies on the grid of a tenth of an inch',
    (family) => {
      const [pitch = 0] = pitches(family);
      expect(pitch % 2.54).toBeCloseTo(0, 6);
      // Its leads leave the body before they are bent.
      const { body } = familyOf({ family });
      if (family !== 'wire-link')
        expect(pitch).toBeGreaterThan(bodyLengthMm(body, partOf(family)) + 2);
    },
  );

  it('rows of a DIP are 0.3 inch apart, of an SO 5.4 mm from pad to pad (JEDEC MS-001, IPC-7351; from memory)', () => {
    const apart = (family: FamilyId) => {
      const ys = footprintOf(partOf(family, 8)).pins.map(({ y }) => y);
      return Math.max(...ys) - Math.min(...ys);
    };
    expect(apart('ic-dip')).toBeCloseTo(7.62, 3);
    expect(apart('ic-so')).toBeCloseTo(5.4, 3);
  });
});
