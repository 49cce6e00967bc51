import { describe, expect, it } from 'vitest';
import { readSheet } from './testing/readSheet.ts';

// Exports in the manner of drawing programs, assembly houses and distributors; what each line is, is common practice.
describe('a distributor’s export', () => {
  const { lines, mapping } = readSheet(`Line,Mfr Part,Description,Ref,Each
1,CFR-25JB-52-4K7,RES 4.7K OHM 1/4W 5% AXIAL,"R1,R4",2
2,1N5817,DIODE SCHOTTKY 20V 1A DO41,D1,1
3,LP9999-33,IC REG LINEAR 3.3V 100MA TO92-3,U1,1
4,ATMEGA328P-PU,IC MCU 8BIT 32KB FLASH 28DIP,U2,1
5,MMBT3904LT1G,TRANS NPN 40V 0.2A SOT23-3,Q1,1
`);

  it('has the type in the maker’s number, where that is one that is known', () => {
    expect(lines).toEqual([
      'R1 R4 | resistor-axial | 4.7 kΩ',
      'D1 | diode-axial | 1N5817',
      'U1 | ic-dip | LP9999-33 | family? | value? | pins?',
      'U2 | ic-dip | ATMEGA328P-PU',
      'Q1 | transistor-sot23 | MMBT3904LT1G',
    ]);
  });

  it('and a maker’s number is no column of words', () => {
    expect(mapping).toMatchObject({ partNumber: 1, description: 2, designators: 3 });
  });

  it('makers’ numbers alone are all that says what the parts are', () => {
    const { lines } = readSheet('Ref Des,Manufacturer Part Number\nD1,1N4007\nQ1,BC547B\n');
    expect(lines).toEqual(['D1 | diode-axial | 1N4007', 'Q1 | transistor-to92 | BC547B']);
  });

  it('of a shop’s number and the maker’s, the maker’s is the type', () => {
    const { lines } = readSheet(`Quantity,Part Number,Manufacturer Part Number,Description,Reference
1,BC547BTFCT-ND,BC547BTF,TRANS NPN 45V 0.1A TO92-3,Q1
1,1276-1000-1-ND,CL31B106KAHNNNE,CAP CER 10UF 25V X7R 1206,C1
2,RMCF1206FT10K0CT-ND,RMCF1206FT10K0,RES 10K OHM 1% 1/4W 1206,"R1,R2"
`);
    expect(lines).toEqual([
      'Q1 | transistor-to92 | BC547BTF',
      'C1 | capacitor-chip | 10 µF',
      'R1 R2 | resistor-chip | 10 kΩ',
    ]);
  });

  it('“Part No.” is no part', () => {
    const { lines } = readSheet(`Part No.,Desc,Case,Pcs,Pos.
RC0603FR-0710KL,Thick film 10k 1%,0603,2,R1;R2
TAJB106K016RNJ,Tantalum 10u 16V,B (3528),1,C7
SKRPACE010,tact switch,SMD 4.2x3.2,1,SW1
`);
    expect(lines).toEqual([
      'R1 R2 | resistor-chip | 10 kΩ',
      'C7 | capacitor-tantalum-chip | 10 µF',
      'SW1 | switch-chip',
    ]);
  });
});

describe('where parts sit on the board', () => {
  it('angles are no quantities, and a side of the board says nothing of a part', () => {
    const { lines, problems } = readSheet(`Designator,Footprint,Mid X,Mid Y,Layer,Rotation,Comment
R1,R_1206_3216Metric,10.2,20.1,Top,90,2k2
C1,CP_Elec_6.3x5.4,15,22,Top,0,47uF
D1,D_SOD-123,20,30,Top,180,MBR0520
Q1,SOT-23,30,30,Top,0,MMBT3904
`);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
    expect(lines).toEqual([
      'R1 | resistor-chip | 2.2 kΩ',
      'C1 | capacitor-can-chip | 47 µF',
      'D1 | diode-chip | MBR0520',
      'Q1 | transistor-sot23 | MMBT3904',
    ]);
  });

  it('a quantity under another heading stays one', () => {
    const { lines } = readSheet('Ref,Part,Req.\n"R1, R2",470,2\nR3,1k,1\n,battery clip,1\n');
    expect(lines).toEqual([
      'R1 R2 | resistor-axial | 470 Ω',
      'R3 | resistor-axial | 1 kΩ',
      '1 x | battery-clip',
    ]);
  });
});

describe('a drawing program’s symbols', () => {
  it('tell the kind, and are no words of a list', () => {
    const { lines } = readSheet(`Qty,Value,Device,Package,Parts,Description
1,1000uF,CPOL-USE5-13,E5-13,C2,POLARIZED CAPACITOR
2,10k,R-EU_0207/10,0207/10,"R1, R2",RESISTOR
1,LED3MM,LED3MM,LED3MM,LED1,LED
1,8MHz,CRYSTALHC49S,HC49/S,Q2,CRYSTAL
1,,TRIM_EU-B25P,B25P,R4,POTENTIOMETER
`);
    expect(lines).toEqual([
      'C2 | capacitor-electrolytic | 1000 µF',
      'R1 R2 | resistor-axial | 10 kΩ',
      'LED1 | led-3mm',
      'Q2 | crystal | 8 MHz',
      // A potentiometer by its words, a trimmer by its symbol.
      'R4 | potentiometer | family?',
    ]);
  });

  it('a library of both kinds of switches says how they are fixed', () => {
    const { lines } = readSheet(`Reference,Value,Footprint
SW1,SW_Push,Button_Switch_SMD:SW_SPST_TL3342
SW2,SW_Push,Button_Switch_THT:SW_PUSH_6mm_H5mm
`);
    expect(lines).toEqual(['SW1 | switch-chip', 'SW2 | push-button']);
  });
});

describe('bodies among the remarks', () => {
  it('are bodies, where a remark is nothing else', () => {
    const { lines } = readSheet(`名称,型号,数量,位置,备注
贴片电阻,10K,2,R1 R2,0805
贴片二极管,1N4148 T4,2,D1 D2,SOD-123
贴片IC,NE555,1,U1,SOP-8
电解电容,100uF/16V,1,C4,直插 6*7
`);
    expect(lines).toEqual([
      'R1 R2 | resistor-chip | 10 kΩ',
      'D1 D2 | diode-chip | 1N4148',
      'U1 | ic-so | NE555',
      'C4 | capacitor-electrolytic | 100 µF',
    ]);
  });

  it('a remark that says more stays a remark', () => {
    const { lines } = readSheet(
      'Part,Value,Ref,Note\nResistor,10k,R1,not the 0805 one\nResistor,1k,R2,siehe:Bild\n',
    );
    expect(lines).toEqual(['R1 | resistor-axial | 10 kΩ', 'R2 | resistor-axial | 1 kΩ']);
  });
});

describe('a value with what is printed for it', () => {
  it.each([
    ['47nF (473)', 'C1 | capacitor-ceramic | 47 nF'],
    ['47nF (103)', 'C1 | capacitor-ceramic | 47 nF | value?'],
  ])('%s', (value, line) => {
    const { lines } = readSheet(`Ref,Part,Value,Qty\nC1,Ceramic capacitor,${value},1\n`);
    expect(lines).toEqual([line]);
  });
});

it('who delivers a part says nothing of it', () => {
  const { lines } = readSheet(`Bauteilbezeichnung;Wert/Typ;Stück;Lieferant;Best.-Nr.
R1, R2, R7;10K;3;Rei;1/4W 10K
D1;1N4007;1;Rei;1N 4007
IC1;ATTINY2313;1;Rei;ATTINY 2313-20 PU
`);
  expect(lines).toEqual([
    'R1 R2 R7 | resistor-axial | 10 kΩ',
    'D1 | diode-axial | 1N4007',
    'IC1 | ic-dip | ATTINY2313',
  ]);
});

describe('a column of numbers', () => {
  it('under “Available” or “Index” is no value', () => {
    const { lines } = readSheet(`Index,Quantity,Description,Customer Reference,Available
1,5,CAP CER 10UF 25V X7R 1206,"C1,C2,C3,C4,C5",5
2,2,RES 10K OHM 1% 1/4W 1206,"R1,R2",2
3,1,TRIMMER 100K OHM 0.5W PC PIN TOP,R3,1
`);
    expect(lines.slice(0, 2)).toEqual([
      'C1 C2 C3 C4 C5 | capacitor-chip | 10 µF',
      'R1 R2 | resistor-chip | 10 kΩ',
    ]);
    expect(lines[2]).toContain('R3 | trimmer | 100 kΩ');
  });

  it('without any heading it may be ohms', () => {
    expect(readSheet('R1;470\nR2;100\nR3;330\n').lines).toEqual([
      'R1 | resistor-axial | 470 Ω',
      'R2 | resistor-axial | 100 Ω',
      'R3 | resistor-axial | 330 Ω',
    ]);
  });
});

it('what parts bear is no value, where another column says values', () => {
  const { lines } = readSheet(`RefDes,Part Type,Nominal,Rating,Mount,Quantity Per Board
R1;R2,Resistor,22k,0.25W,TH,2
R3,Resistor,4.7,1W,TH,1
C1,Ceramic Cap,22n,50V,TH,1
C4,Ceramic Cap,100n,16V,SMD 0603,1
D1,LED,Green,5mm,TH,1
D2,Schottky,1N5822,40V 3A,TH,1
`);
  expect(lines).toEqual([
    'R1 R2 | resistor-axial | 22 kΩ',
    'R3 | resistor-axial | 4.7 Ω',
    'C1 | capacitor-ceramic | 22 nF',
    'C4 | capacitor-chip | 100 nF',
    'D1 | led-5mm | green',
    'D2 | diode-axial | 1N5822',
  ]);
});

it('a column that nobody knows may still say that a part is fixed otherwise', () => {
  const { lines } = readSheet(`Ref,Part,Value,Qty,Foo
C1,Ceramic capacitor,100nF,1,leaded
C2,Ceramic capacitor,100nF,1,SMD 0603
R1,Resistor,10k,1,SMD
`);
  expect(lines).toEqual([
    'C1 | capacitor-ceramic | 100 nF',
    'C2 | capacitor-ceramic | 100 nF | package?',
    'R1 | resistor-axial | 10 kΩ | package?',
  ]);
});

it('places that say what stands there need no other word', () => {
  expect(readSheet('Ref,Value\nLDR1,\nR1,10k\n').lines).toEqual([
    'LDR1 | light-resistor',
    'R1 | resistor-axial | 10 kΩ',
  ]);
});
