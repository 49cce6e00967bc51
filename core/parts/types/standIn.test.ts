import { describe, expect, it } from 'vitest';
import { typeByNumber } from './findType.ts';
import { partTypes } from './index.ts';
import { standIn, type TypeInBody } from './standIn.ts';

const of = (number: string): TypeInBody => {
  const found = typeByNumber(number);
  if (!found) throw new Error(`${number} is not known`);
  return { type: found.type, packaged: found.type.packages[0] };
};

describe('what may stand in for what', () => {
  // Data sheets, from memory; what bears more may always go where less is asked (common practice).
  it.each([
    ['1N4001', '1N4007', 'fits'],
    ['1N4007', '1N4001', 'no'],
    ['1N4148', '1N4007', 'no'],
    ['1N5817', '1N5819', 'fits'],
    ['1N4001', '1N5819', 'no'],
    ['BC547', 'BC546', 'fits'],
    ['BC546', 'BC547', 'no'],
    ['BC547', 'BC557', 'no'],
    ['BC547', '2N3904', 'no'],
    ['2N3904', '2N5551', 'fits'],
    ['2N3904', 'P2N2222A', 'compare'],
    ['2N3904', '2N2222A', 'compare'],
    ['BC337', 'BC547', 'no'],
    ['2N7000', 'BS170', 'compare'],
    ['IRF520', 'IRF540', 'fits'],
    ['IRF540', 'IRF9540', 'no'],
    ['TIP120', 'TIP122', 'fits'],
    ['7805', '7812', 'no'],
    ['7805', '7905', 'no'],
    ['7805', '78L05', 'no'],
    ['7805', 'LM2940-5', 'no'],
    ['BZX55C5V1', 'BZX79C5V1', 'fits'],
    ['BZX55C5V1', 'BZX55C5V6', 'no'],
    ['BZX55C5V1', 'BZX85C5V1', 'no'],
    ['LM358', 'TL072', 'compare'],
    ['LM358', 'LM324', 'no'],
    ['LM358', 'LM393', 'no'],
    ['74HC00', '74LS00', 'compare'],
    ['74HC00', '74HC04', 'no'],
    ['4017', '4026', 'no'],
    ['NE555', 'ICM7555', 'compare'],
    ['ATTINY85', 'ATTINY45', 'no'],
    ['PC817', '4N35', 'no'],
  ])('for %s a %s: %s', (missing, candidate, judgement) => {
    expect(standIn(of(missing), of(candidate))).toBe(judgement);
  });

  it('nothing of another voltage, polarity or pinout fits, of every pair in the catalogue', () => {
    const packed = partTypes.flatMap((type) =>
      type.packages.map((packaged) => ({ type, packaged })),
    );
    const wrong: string[] = [];
    for (const a of packed) {
      for (const b of packed) {
        if (a.type === b.type) continue;
        const differs =
          a.type.kind !== b.type.kind ||
          a.type.volt !== b.type.volt ||
          a.packaged.package !== b.packaged.package ||
          a.packaged.pinout?.join() !== b.packaged.pinout?.join();
        if (differs && standIn(a, b) === 'fits') wrong.push(`${a.type.number} by ${b.type.number}`);
      }
    }
    expect(wrong).toEqual([]);
  });
});
