import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../order/testing/kits.ts';
import { howWarm, kelvinPerWatt, noticedKelvin } from './heat.ts';

describe('heat', () => {
  it('hands draw back from some 55 °C, small parts end at some 125 °C (common practice, data sheets)', () => {
    expect([40, 54, 56, 110, 130].map(howWarm)).toEqual(['warm', 'warm', 'hot', 'hot', 'tooHot']);
  });

  it('a 7805 without a heat sink: 65 K a watt (its data sheet, from memory)', () => {
    expect(kelvinPerWatt(line('regulator-to220', 'U1', type('7805')))).toBeCloseTo(62, -1);
  });

  it('a tenth of a watt in a small resistor is noticed', () => {
    expect(0.1 * kelvinPerWatt(line('resistor-axial', 'R1', ohm(470)))).toBeGreaterThan(
      noticedKelvin,
    );
  });
});
