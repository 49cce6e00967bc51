import { describe, expect, it } from 'vitest';
import { packageById } from '../packages/index.ts';
import { findType, typeByNumber } from './findType.ts';
import { partTypes } from './index.ts';
import { ttlFamilies } from './logic.ts';
import { typeKinds } from './type.ts';

describe('the catalogue of types', () => {
  it('holds more than 600, each under one number, of every kind', () => {
    expect(new Set(partTypes.map(({ number }) => number)).size).toBe(partTypes.length);
    // A function of the 74 series counts once, however many ways it is built in.
    const functions = new Set(
      partTypes.map(({ number, pinsLike }) => (pinsLike?.startsWith('74-') ? pinsLike : number)),
    );
    expect(functions.size).toBeGreaterThan(600);
    expect(ttlFamilies.length).toBeGreaterThan(5);
    expect(new Set(partTypes.map(({ kind }) => kind))).toEqual(new Set(typeKinds));
  });

  it('names no more leads than its bodies have, and as many pins', () => {
    const wrong = partTypes.flatMap(({ number, packages }) =>
      packages.flatMap(({ package: id, pins, pinout }) => {
        const body = packageById(id);
        const same = body.pins === undefined || body.pins === pins;
        return same && (pinout === undefined || pinout.length === pins) ? [] : [`${number} ${id}`];
      }),
    );
    // The case itself is the third lead of a TO-3.
    expect(wrong.filter((one) => !one.endsWith('to-3'))).toEqual([]);
  });

  it('finds every type by its own number', () => {
    const lost = partTypes.filter((type) => typeByNumber(type.number)?.type !== type);
    expect(lost.map(({ number }) => number)).toEqual([]);
  });

  // What makers put before and behind a number (their ordering tables, from memory).
  it.each([
    ['CD4017BE', '4017', 'dip-16'],
    ['HEF4093BP', '4093', 'dip-14'],
    ['HEF4093BT', '4093', 'so-14'],
    ['MC14017BCP', '4017', 'dip-16'],
    ['TC4069UBP', '4069', 'dip-14'],
    ['CD4511BM', '4511', 'so-16'],
    ['SN74HC595N', '74HC595', 'dip-16'],
    ['SN74HC595D', '74HC595', 'so-16'],
    ['74LS00', '74LS00', undefined],
    ['DM7400N', '7400', 'dip-14'],
    ['LM 358 N', 'LM358', undefined],
    ['LM358N', 'LM358', 'dip-8'],
    ['LM2904D', 'LM358', 'so-8'],
    ['NE555P', 'NE555', 'dip-8'],
    ['SE555', 'NE555', undefined],
    ['NE555D', 'NE555', 'so-8'],
    ['LM555CN', 'NE555', 'dip-8'],
    ['TLC555CP', 'ICM7555', 'dip-8'],
    ['µA741CN', 'LM741', 'dip-8'],
    ['JRC4558D', 'RC4558', 'dip-8'],
    ['NJM4558D', 'RC4558', 'dip-8'],
    ['RC4558D', 'RC4558', 'so-8'],
    ['BC 547 B', 'BC547', undefined],
    ['BC547C', 'BC547', undefined],
    ['C1815', '2SC1815', undefined],
    ['2SC1815GR', '2SC1815', undefined],
    ['A1015', '2SA1015', undefined],
    ['L7805CV', '7805', undefined],
    ['LM7805', '7805', undefined],
    ['µA7805', '7805', undefined],
    ['MC78L05ACP', '78L05', undefined],
    ['78M12', '78M12', undefined],
    ['LM317LZ', 'LM317L', undefined],
    ['LM317T', 'LM317', undefined],
    ['IN4007', '1N4007', undefined],
    ['1N 4148', '1N4148', undefined],
    ['ULN2003APG', 'ULN2003', 'dip-16'],
    ['ATmega328P-PU', 'ATMEGA328', 'dip-28n'],
    ['ATMEGA328P-AU', 'ATMEGA328', 'qfp-32'],
    ['ATtiny85-20PU', 'ATTINY85', 'dip-8'],
    ['ATtiny85-20SU', 'ATTINY85', 'so-8'],
    ['PC817C', 'PC817', undefined],
    ['TL431ACLP', 'TL431', undefined],
    ['AMS1117-3.3', 'AMS1117-3.3', undefined],
    ['24LC256-I/P', '24C256', 'dip-8'],
    ['BZX55C5V1', 'BZX55C5V1', undefined],
    ['1N4733A', '1N4733', undefined],
    ['IRLZ44N', 'IRLZ44', undefined],
    ['2N2222A', '2N2222A', undefined],
  ])('reads %s as %s', (written, number, body) => {
    const found = findType(written);
    expect(found?.type.number).toBe(number);
    expect(found?.package).toBe(body);
  });

  // A further digit is another type; a name that only begins alike is none.
  it.each([
    'BC5478',
    'LM4040',
    '2N39044',
    'AMS1117',
    '10k',
    '100nF',
    '74HC',
    'R47',
    'M3 x 10',
    'XYZ9000',
  ])('knows no type in %s', (written) => {
    expect(findType(written)).toBeUndefined();
  });

  it.each(['7805', '4017', '555', '741', 'M7', 'W10'])('wants a word beside %s', (written) => {
    expect(findType(written)?.needsWord).toBe(true);
  });
});

/** Pinouts and numbers of pins that kits stumble over, from memory of data sheets. */
describe('the leads of types', () => {
  type Leads = readonly [string, string];
  const all = (leads: string, ...numbers: string[]) =>
    numbers.map((number): Leads => [number, leads]);
  const leadsOf = (number: string) => typeByNumber(number)?.type.packages[0].pinout?.join(' ');

  it.each<Leads>([
    ...all(
      'collector base emitter',
      'BC546',
      'BC547',
      'BC550',
      'BC556',
      'BC560',
      'BC327',
      'BC337',
      'BC517',
      'P2N2222A',
    ),
    ...all(
      'emitter base collector',
      '2N3904',
      '2N3906',
      'PN2222A',
      '2N5551',
      '2N5401',
      'S8050',
      'S8550',
      'S9012',
      'S9014',
      'S9018',
    ),
    ...all(
      'emitter collector base',
      '2SC1815',
      '2SA1015',
      '2SC945',
      '2SA733',
      'BC635',
      'BC640',
      'BD135',
      'BD140',
      'MJE340',
      'MJE350',
    ),
    ['2N7000', 'source gate drain'],
    ['BS170', 'drain gate source'],
    ['78L05', 'output ground input'],
    ['79L05', 'ground input output'],
    ['7805', 'input ground output'],
    ['7905', 'ground input output'],
    ['LM317', 'adjust output input'],
    ['LM317L', 'adjust output input'],
    ['TL431', 'reference anode cathode'],
    ['LM35', 'supply output ground'],
    ['TMP36', 'supply output ground'],
    ['DS18B20', 'ground data supply'],
    ['IRF540', 'gate drain source'],
    ['TIP31C', 'base collector emitter'],
  ])('%s: %s', (number, leads) => {
    expect(leadsOf(number)).toBe(leads);
  });

  it.each(['2N2222', '2N2222A', '2SC945', 'BF245A'])(
    'of %s differ between makers, and say so',
    (number) => {
      expect(typeByNumber(number)?.type.packages[0].makersDiffer).toBe(true);
    },
  );

  it.each([
    ['NE555', 8],
    ['LM386', 8],
    ['LM358', 8],
    ['LM393', 8],
    ['TL072', 8],
    ['NE5532', 8],
    ['ATTINY85', 8],
    ['24C02', 8],
    ['NE556', 14],
    ['4001', 14],
    ['4011', 14],
    ['4013', 14],
    ['4066', 14],
    ['4069', 14],
    ['4081', 14],
    ['4093', 14],
    ['7400', 14],
    ['74HC14', 14],
    ['LM324', 14],
    ['LM339', 14],
    ['TL074', 14],
    ['4017', 16],
    ['4026', 16],
    ['4040', 16],
    ['4051', 16],
    ['4060', 16],
    ['4511', 16],
    ['74HC138', 16],
    ['74HC595', 16],
    ['ULN2003', 16],
    ['L293D', 16],
    ['MAX232', 16],
    ['LM3914', 18],
    ['LM3916', 18],
    ['ULN2803', 18],
    ['PIC16F628', 18],
    ['AT89C2051', 20],
    ['MAX7219', 24],
    ['ATMEGA328', 28],
    ['8051', 40],
    ['PC817', 4],
    ['4N25', 6],
    ['4N35', 6],
  ])('%s has %s pins', (number, pins) => {
    expect(typeByNumber(number)?.type.packages[0].pins).toBe(pins);
  });
});
