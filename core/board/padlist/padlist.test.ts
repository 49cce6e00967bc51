import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../testing/cases.ts';
import type { Pad } from '../board.ts';
import { readPadList } from './readPadList.ts';
import { fieldOf, recordOf } from './record.ts';
import { writePadList } from './writePadList.ts';

// Records put together by the published layout of IPC-D-356A (columns from memory of the standard): the ruler counts
// them.          1         2         3         4         5         6         7
//       1234567890123456789012345678901234567890123456789012345678901234567890123456
const inch = [
  'C  A made-up test board',
  'P  JOB   TESTBOARD',
  'P  UNITS CUST 0',
  'P  NNAME1 A_NET_WITH_A_LONG_NAME',
  '317GND              R1    -1    D0320PA00X+010000Y+005000X0600Y0000R000 S0',
  '317VCC              R1    -2    D0320PA00X+014000Y+005000X0600Y0600R000 S0',
  '327NNAME1           U1    -14         A01X-000500Y+012500X0240Y0600R090 S1',
  '327N/C              U1    -3          A02X+002000Y+002000X0240Y0600R000',
  '367N/C              HOLE        D1250UA00X+000000Y+000000X1250Y0000R000',
  '378GND              something that is no pad',
  '999',
  '317GND              R9    -1    D0320PA00X+000000Y+000000X0600Y0000R000',
].join('\r\n');

describe('reading pads and nets', () => {
  const { pads, otherRecords, problems } = readPadList(inch);

  it('through pads, with drill and net, from ten-thousandths of an inch', () => {
    // 1.0000 in = 25.4 mm; 0.032 in = 0.8128 mm; 0.06 in = 1.524 mm.
    expect(pads[0]).toEqual({
      place: 'R1',
      pin: '1',
      net: 'GND',
      xMm: 25.4,
      yMm: 12.7,
      widthMm: 1.524,
      heightMm: 1.524,
      rotation: 0,
      side: 'both',
      drillMm: 0.8128,
      plated: true,
      square: false,
    });
    expect(pads[1]).toMatchObject({ square: true, xMm: 35.56 });
  });

  it('surface pads on either side, with long names and rotation', () => {
    expect(pads[2]).toMatchObject({
      place: 'U1',
      pin: '14',
      net: 'A_NET_WITH_A_LONG_NAME',
      xMm: -1.27,
      side: 'top',
      drillMm: null,
      rotation: 90,
      widthMm: 0.6096,
      heightMm: 1.524,
    });
    expect(pads[3]).toMatchObject({ net: null, side: 'bottom' });
  });

  it('holes without copper', () => {
    expect(pads[4]).toMatchObject({ place: 'HOLE', plated: false, drillMm: 3.175, net: null });
  });

  it('keeps and reports what is no pad, and stops at the end of the job', () => {
    expect(pads).toHaveLength(5);
    expect(otherRecords).toEqual([
      'C  A made-up test board',
      'P  JOB   TESTBOARD',
      '378GND              something that is no pad',
    ]);
    expect(problems).toEqual([
      {
        line: 10,
        message: { says: 'lists.placements.isNoPadTheRecordIsKept', fill: { operation: '378' } },
      },
    ]);
  });

  it('millimetres: CUST 1 counts thousandths', () => {
    const [pad] = readPadList(
      'P  UNITS CUST 1\n317GND              R1    -1    D0800PA00X+025400Y-012700X1900Y0000R000\n',
    ).pads;
    expect(pad).toMatchObject({ xMm: 25.4, yMm: -12.7, drillMm: 0.8, widthMm: 1.9 });
  });

  it('continuation records add to the record before', () => {
    const [pad] = readPadList(
      '317GND              R1    -1    D0320PA00X+010000Y+005000X0600Y0000R000\n017                                                      X0700Y0500\n',
    ).pads;
    expect(pad).toMatchObject({ widthMm: 1.778, heightMm: 1.27, drillMm: 0.8128 });
    expect(readPadList('017\n').problems[0]?.message.says).toBe(
      'lists.placements.thisRecordContinuesNothingItIsKept',
    );
  });

  it('units that are not known are told', () => {
    expect(readPadList('P  UNITS FURLONGS\n').problems[0]?.message.fill).toEqual({
      units: 'FURLONGS',
    });
  });
});

const anyPad = (perMm: number): fc.Arbitrary<Pad> => {
  const length = (most: number, least = 0) =>
    fc
      .integer({ min: Math.round(least * perMm), max: Math.round(most * perMm) })
      .map((units) => Number((units / perMm).toFixed(4)));
  const name = fc.stringMatching(/^[A-Z][A-Z0-9_]{0,5}$/);
  return fc
    .record({
      place: name,
      pin: fc.stringMatching(/^[A-Z0-9]{1,4}$/),
      net: fc.oneof(fc.constant(null), fc.stringMatching(/^[A-Z+/][A-Z0-9_+/-]{0,24}$/)),
      xMm: length(300, -300),
      yMm: length(300, -300),
      widthMm: length(3, 0.2),
      heightMm: length(3, 0.2),
      rotation: fc.integer({ min: 0, max: 359 }),
      kind: fc.constantFrom('round', 'square', 'top', 'bottom', 'hole'),
      drillMm: length(2, 0.3),
    })
    .map(({ kind, ...pad }): Pad => {
      const surface = kind === 'top' || kind === 'bottom';
      return {
        ...pad,
        net: pad.net === 'N/C' || pad.net?.startsWith('NNAME') ? 'X' : pad.net,
        heightMm: kind === 'round' || kind === 'hole' ? pad.widthMm : pad.heightMm,
        side: surface ? kind : 'both',
        drillMm: surface ? null : pad.drillMm,
        plated: kind !== 'hole',
        square: kind === 'square',
      };
    });
};

describe('writing and reading again', () => {
  it.each([
    ['metric', 1000],
    ['inch', 1 / 0.00254],
  ] as const)('gives the same pads and nets in %s', (units, perMm) => {
    fc.assert(
      fc.property(
        fc.array(anyPad(perMm), { maxLength: 30 }),
        fc.array(fc.stringMatching(/^(C {2}|378)[a-z ]{1,30}[a-z]$/), { maxLength: 4 }),
        (pads, kept) => {
          const text = writePadList({ pads, otherRecords: kept, units });
          const read = readPadList(text);
          // A surface pad through nothing and a hole without copper say less than a plated pad.
          expect(read.pads).toEqual(pads.map((pad) => ({ ...pad, plated: pad.plated })));
          expect([...read.otherRecords].sort()).toEqual([...kept].sort());
          for (const line of text.split('\r\n')) expect(line.length).toBeLessThanOrEqual(80);
          expect(writePadList({ ...read, units })).toBe(text);
        },
      ),
      { numRuns: cases(60, 0.5) },
    );
  });

  it('fields stand at their columns', () => {
    const line = recordOf({ operation: '317', net: 'GND', place: 'R1', pin: '1', x: 'X+000001' });
    expect(fieldOf(line, 'place').trim()).toBe('R1');
    expect(line.indexOf('X+')).toBe(41);
    expect(recordOf({ net: 'A'.repeat(40) }).trim()).toHaveLength(14);
  });
});

describe('files that are cut off or garbled', () => {
  it('never crash, never hang, and lose no line silently', () => {
    const garble = fc
      .tuple(
        fc.integer({ min: 0, max: inch.length }),
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: inch.length - 1 }), fc.string({ maxLength: 3 })),
          {
            maxLength: 12,
          },
        ),
      )
      .map(([length, edits]) => {
        let text = inch.slice(0, length);
        for (const [at, bit] of edits) text = text.slice(0, at) + bit + text.slice(at + bit.length);
        return text;
      });
    fc.assert(
      fc.property(fc.oneof(garble, fc.string({ maxLength: 2000 })), (text) => {
        const { pads, otherRecords, problems } = readPadList(text);
        for (const { xMm, yMm, widthMm } of pads) {
          expect(Number.isFinite(xMm + yMm + widthMm)).toBe(true);
        }
        const told = pads.length + otherRecords.length + problems.length;
        const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '').length;
        expect(told).toBeLessThanOrEqual(3 * lines + 1);
      }),
      { numRuns: cases(400, 0.25) },
    );
  });
});
