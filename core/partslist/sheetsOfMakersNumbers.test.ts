import { describe, expect, it } from 'vitest';
import { familyOf } from '../parts/families/index.ts';
import { packageOf } from '../parts/packages/packageOf.ts';
import { guessMapping } from './guessMapping.ts';
import { readPartsList } from './readPartsList.ts';
import { tableOf } from './testing/readList.ts';
import { readSheet } from './testing/readSheet.ts';

// Written for these tests in the manner of what such programs and papers hand out (common practice).
describe('a column of models', () => {
  it('says the values where no other column does, and only makers’ numbers where it has none', () => {
    expect(
      readSheet(
        'Type;Model;Aantal;Code\nWeerstand;33k;1;R12\nCondensator;2n2 keramisch;1;C3\nMOSFET;BS170;1;T2\n',
      ).lines,
    ).toEqual([
      'R12 | resistor-axial | 33 kΩ',
      'C3 | capacitor-ceramic | 2.2 nF',
      'T2 | mosfet-to92 | BS170',
    ]);
  });

  it('says what the parts are in particular, where the names are words alone', () => {
    expect(
      readSheet(
        [
          'No.,Name,Model,Qty,Position',
          '1,Resistor,2.2K 1/4W,4,"R1,R2,R3,R4"',
          '2,Ceramic capacitor,103,2,"C1,C2"',
          '3,Electrolytic capacitor,47uF 16V,1,C3',
          '4,Diode,1N5819,1,D1',
          '5,Transistor,S9013,2,"Q1,Q2"',
          '6,LED,5mm green,2,"LED1,LED2"',
          '7,IC,NE555,1,U1',
        ].join('\n'),
      ).lines,
    ).toEqual([
      'R1 R2 R3 R4 | resistor-axial | 2.2 kΩ',
      'C1 C2 | capacitor-ceramic | 10 nF',
      'C3 | capacitor-electrolytic | 47 µF',
      'D1 | diode-axial | 1N5819',
      'Q1 Q2 | transistor-to92 | S9013',
      'LED1 LED2 | led-5mm | green',
      'U1 | ic-dip | NE555',
    ]);
  });
});

describe('makers’ numbers beside values', () => {
  it('are no values, also where they look more like some', () => {
    const { lines } = readSheet(`Designator,Manufacturer,MPN,Value,Type,Mounting
R1,Generic,,68k,Thick film 0603,SMT
C1,Generic,,2.2uF 10V X5R 0402,Ceramic,SMT
L1,Generic,,2.2uH 3A,SMD power inductor,SMT
D1,Generic,PMEG3030EP,,Schottky SOD-128,SMT
Q1,Generic,AO3400A,,NMOS SOT-23,SMT
LED1,Generic,,Green,LED 0603,SMT
`);
    expect(lines).toEqual([
      'R1 | resistor-chip | 68 kΩ',
      'C1 | capacitor-chip | 2.2 µF',
      'L1 | inductor-chip | 2.2 µH | family?',
      'D1 | diode-chip | PMEG3030EP | family? | value?',
      'Q1 | mosfet-sot23 | AO3400A',
      'LED1 | led-chip | green',
    ]);
  });

  it('what a part bears may stand under a heading that nobody knows', () => {
    const table = tableOf(`Reference,Value,Rated,Notes
R10,1.0,1W metal oxide,stands off the board
R11 R12,0R1,5W cement,
C20,2200u,35V,
`);
    const { lines } = readPartsList(table, guessMapping(table));
    expect(lines.map(({ part }) => packageOf(familyOf(part), part)?.package.name)).toEqual([
      '1 W',
      '5 W cement',
      '18 x 36 mm',
    ]);
    expect(lines[2]?.part.value).toMatchObject({ ratedVolt: 35 });
  });
});
