import { describe, expect, it } from 'vitest';
import { line } from '../order/testing/kits.ts';
import { footprintOf, signOfPin } from './footprint.ts';
import { moreHeat } from './heat.ts';
import { padWith } from './testing/pads.ts';

const pad = padWith({ net: 'GND' });

describe('joints that take more heat (common practice)', () => {
  it('are those on a plane and those with a large pad', () => {
    expect(moreHeat({ planes: [] }, pad)).toBeUndefined();
    expect(moreHeat({ planes: ['GND'] }, pad)).toBe('plane');
    expect(moreHeat({ planes: ['GND'] }, { ...pad, net: null })).toBeUndefined();
    expect(moreHeat({ planes: [] }, { ...pad, widthMm: 3.2, heightMm: 3.2 })).toBe('large-pad');
    // Long but narrow: it soaks up little.
    expect(moreHeat({ planes: [] }, { ...pad, widthMm: 6, heightMm: 1.5 })).toBeUndefined();
  });

  it('no usual footprint has a pad that counts as large', () => {
    const { padWidthMm, padHeightMm } = footprintOf(line('resistor-axial', 'R1'));
    expect(moreHeat({ planes: [] }, { ...pad, widthMm: padWidthMm, heightMm: padHeightMm })).toBe(
      undefined,
    );
  });
});

describe('plus and minus beside the holes', () => {
  it.each([
    ['led-5mm', '+', '−'],
    ['capacitor-electrolytic', '+', '−'],
    ['diode-axial', '+', '−'],
    ['battery-holder', '+', '−'],
    ['resistor-axial', undefined, undefined],
    ['capacitor-ceramic', undefined, undefined],
    ['transistor-to92', undefined, undefined],
  ] as const)('%s', (family, first, second) => {
    const part = line(family, 'X1');
    expect([signOfPin(part, '1'), signOfPin(part, '2')]).toEqual([first, second]);
  });
});
