import { describe, expect, it } from 'vitest';
import { farad, line, type } from '../../order/testing/kits.ts';
import { bodyOf } from '../bodyOf.ts';
import { examplePart } from '../examplePart.ts';
import type { FamilyId } from '../families/ids.ts';
import { familyOf } from '../families/index.ts';
import type { Job } from '../family.ts';
import { measuredPackages, packageById, packageIds } from './index.ts';
import { packageOf } from './packageOf.ts';
import { readMeasures, readPackage } from './readPackage.ts';

describe('bodies', () => {
  it('have a name of their own, a source and real sizes', () => {
    const all = [...packageIds.map(packageById), ...measuredPackages];
    expect(new Set(all.map(({ name }) => name)).size).toBe(all.length);
    for (const { name, lengthMm, widthMm, heightMm, source } of all) {
      expect(Math.min(lengthMm, widthMm, heightMm), name).toBeGreaterThan(0);
      expect(source, name).toMatch(/memory|figure/);
    }
  });

  // Usual outlines (JEDEC, IEC, manufacturers’ sheets; from memory): length, diameter or width, height in mm.
  it.each([
    ['axial-1/8W', 3.6, 1.7, 1.8],
    ['axial-1/4W', 6.3, 2.4, 2.5],
    ['axial-1/2W', 9, 3.2, 3.3],
    ['axial-1W', 11, 4.5, 4.6],
    ['axial-2W', 15, 5, 5.2],
    ['cement-5W', 22, 9.5, 9.5],
    ['do-35', 3.9, 1.9, 1.9],
    ['do-41', 5.2, 2.7, 2.7],
    ['do-201', 9.5, 5.3, 5.3],
    ['sma', 4.3, 2.6, 2.1],
    ['smb', 4.3, 3.6, 2.3],
    ['smc', 6.9, 5.9, 2.3],
    ['sod-80', 3.5, 1.5, 1.5],
    ['sot-23', 2.9, 1.3, 1],
    ['sot-223', 6.5, 3.5, 1.6],
    ['so-8', 4.9, 3.9, 1.6],
    ['so-14', 8.7, 3.9, 1.6],
    ['so-16', 9.9, 3.9, 1.6],
    ['to-126', 8, 3, 14],
    ['hc-49u', 11, 4.7, 13.5],
    ['led-10', 11, 11, 13.5],
  ] as const)('%s is %s x %s mm and %s mm high', (id, length, width, height) => {
    const { lengthMm, widthMm, heightMm } = packageById(id);
    expect([lengthMm, widthMm, heightMm]).toEqual([length, width, height]);
  });
});

describe('electrolytic capacitors by capacitance and voltage', () => {
  // Usual sizes of manufacturers’ sheets, from memory: diameter x height in mm.
  it.each([
    [1, 25, 5, 11],
    [47, 25, 5, 11],
    [100, 25, 6.3, 11],
    [220, 16, 6.3, 11],
    [220, 25, 8, 12],
    [470, 16, 8, 12],
    [470, 25, 10, 13],
    [1000, 16, 10, 17],
    [1000, 25, 10, 20],
    [2200, 16, 13, 21],
    [4700, 16, 16, 26],
  ])('%s µF at %s V is %s x %s mm', (microfarad, ratedVolt, diameter, height) => {
    const part = line('capacitor-electrolytic', 'C1', {
      kind: 'amount',
      unit: 'farad',
      amount: microfarad * 1e-6,
      ratedVolt,
    });
    const body = bodyOf(familyOf(part), part);
    expect(body).toMatchObject({ lengthMm: diameter, heightMm: height });
    expect(packageOf(familyOf(part), part)?.from).toBe('usual');
  });

  it('is an estimate that the list’s own figure overrides', () => {
    const part = { ...line('capacitor-electrolytic', 'C1', farad(100e-6)), package: '8x7' };
    expect(packageOf(familyOf(part), part)).toMatchObject({
      from: 'said',
      package: { lengthMm: 8, heightMm: 7 },
    });
  });
});

describe('bodies as lists and footprints write them', () => {
  it.each<[string, Job, string]>([
    ['R_0805_2012Metric', 'resistor', '0805'],
    ['C_0603_1608Metric', 'capacitor', '0603'],
    ['D_SMA', 'diode', 'SMA'],
    ['D_DO-35_SOD27_P7.62mm_Horizontal', 'diode', 'DO-35'],
    ['DO41', 'diode', 'DO-41'],
    ['C_Disc_D5.0mm_W2.5mm_P5.00mm', 'capacitor', 'disc 5 mm'],
    ['CP_Radial_D8.0mm_P3.50mm', 'capacitor', '8 x 12 mm'],
    ['E3,5-8', 'capacitor', '8 x 12 mm'],
    ['0207/10', 'resistor', '1/4 W'],
    ['B (3528)', 'capacitor', 'tantalum case B'],
    ['CP_Elec_6.3x5.4', 'capacitor', 'SMD can 6.3 x 5.4 mm'],
    ['CP_EIA-3216-18_Kemet-A', 'capacitor', 'tantalum case A'],
    ['DIP-16_W7.62mm', 'chip', 'DIP-16'],
    ['DIP-28_W7.62mm', 'chip', 'DIP-28 narrow'],
    ['DIL8', 'chip', 'DIP-8'],
    ['SOIC-8_3.9x4.9mm_P1.27mm', 'chip', 'SO-8'],
    ['SO16W', 'chip', 'SO-16 wide'],
    ['TO-92_Inline', 'transistor', 'TO-92'],
    ['TO220', 'regulator', 'TO-220'],
    ['TO-126', 'transistor', 'TO-126'],
    ['SOT-23-5', 'chip', 'SOT-23-5'],
    ['SOT23', 'transistor', 'SOT-23'],
    ['HC49/US', 'timebase', 'HC-49/S'],
    ['HC-49/U', 'timebase', 'HC-49/U'],
    ['1x06', 'connector', '1 x 6'],
    ['PinHeader_2x10_P2.54mm', 'connector', '2 x 10'],
    ['6x6x9.5', 'switch', '6 x 6 x 9.5 mm'],
    ['LED_D3.0mm', 'light', '3 mm LED'],
    ['film RM 15', 'capacitor', 'film, pitch 15 mm'],
    ['1/2W', 'resistor', '1/2 W'],
    ['0.25 W', 'resistor', '1/4 W'],
  ])('%s of a %s is %s', (text, job, name) => {
    expect(readPackage(text, job)?.name).toBe(name);
  });

  it.each<[string, Job]>([
    ['6x6x5', 'capacitor'],
    ['100x200', 'capacitor'],
    ['TO-3904', 'transistor'],
    ['order number 12065', 'resistor'],
    ['M3 x 10', 'mechanical'],
  ])('%s of a %s is none', (text, job) => {
    expect(readPackage(text, job)).toBeUndefined();
  });

  it('three figures are a body that somebody measured', () => {
    expect(readMeasures('20 x 10,5 x 7 mm', 'through', 'block')).toMatchObject({
      lengthMm: 20,
      widthMm: 10.5,
      heightMm: 7,
    });
    expect(readMeasures('20 x 10 mm', 'through', 'block')).toBeUndefined();
    expect(readMeasures('0 x 1 x 1 mm', 'through', 'block')).toBeUndefined();
  });
});

describe('the body of a part', () => {
  it.each<[FamilyId, string, string]>([
    ['diode-axial', '1N4148', 'DO-35'],
    ['diode-axial', '1N4007', 'DO-41'],
    ['diode-axial', '1N5408', 'DO-201'],
    ['transistor-to220', 'BD139', 'TO-126'],
    ['ic-dip', 'ATMEGA328', 'DIP-28 narrow'],
    ['ic-dip', '27C256', 'DIP-28'],
  ])('%s %s comes in %s', (family, number, name) => {
    const part = line(family, 'X1', type(number));
    expect(packageOf(familyOf(part), part)).toMatchObject({ from: 'type', package: { name } });
  });

  it('of a number that is something else’s is not taken from that', () => {
    const part = line('ic-dip', 'U1', type('2N3904'), 8);
    expect(packageOf(familyOf(part), part)).toBeUndefined();
  });

  it('is the usual one of its kind where nothing tells', () => {
    const part = examplePart(familyOf({ family: 'resistor-axial' }));
    expect(packageOf(familyOf(part), { ...part, description: '' })).toBeUndefined();
    expect(bodyOf(familyOf(part), { ...part, description: '' })).toBe(familyOf(part).body);
  });
});
