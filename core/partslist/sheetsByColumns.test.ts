import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { familyOf } from '../parts/families/index.ts';
import { packageOf } from '../parts/packages/packageOf.ts';
import { guessMapping } from './guessMapping.ts';
import { readPartsList } from './readPartsList.ts';
import { tableOf } from './testing/readList.ts';
import { readSheet } from './testing/readSheet.ts';

// Written for these tests in the manner of what such programs and papers hand out (common practice).
describe('sheets whose columns tell what their headings do not', () => {
  it('a drawing program’s: symbols of its libraries, and places that are no parts', () => {
    const { lines, problems } = readSheet(`"Item","Qty","Reference(s)","Value","LibPart","Footprint"
"1","2","C1, C2","100n","Device:C","Capacitor_THT:C_Disc_D5.0mm_W2.5mm_P5.00mm"
"2","1","C4","10u","Device:C_Polarized_Small","Capacitor_SMD:CP_Elec_4x5.4"
"3","1","D2","LED","Device:LED","LED_THT:LED_D3.0mm"
"4","1","J1","Conn_01x02","Connector_Generic:Conn_01x02","TerminalBlock_Phoenix:TerminalBlock_Phoenix_MKDS_1x02_P5.08mm"
"5","2","R1, R2","10k","Device:R","Resistor_THT:R_Axial_DIN0207_L6.3mm_D2.5mm_P10.16mm_Horizontal"
"6","1","RV1","50k","Device:R_Potentiometer_Trim","Potentiometer_THT:Potentiometer_Bourns_3296W_Vertical"
"7","1","RN1","10k","Device:R_Network08","Resistor_THT:R_Array_SIP9"
"8","1","FB1","Ferrite_Bead","Device:FerriteBead","Inductor_SMD:L_0805_2012Metric"
"9","2","H1, H2","MountingHole","Mechanical:MountingHole","MountingHole:MountingHole_3.2mm_M3"
"10","1","TP1","TestPoint","Connector:TestPoint","TestPoint:TestPoint_THTPad_D1.5mm_Drill0.7mm"
`);
    expect(lines).toEqual([
      'C1 C2 | capacitor-ceramic | 100 nF',
      'C4 | capacitor-can-chip | 10 µF',
      'D2 | led-3mm',
      'J1 | terminal-block',
      'R1 R2 | resistor-axial | 10 kΩ',
      'RV1 | trimmer | 50 kΩ',
      'RN1 | resistor-network | 10 kΩ',
      'FB1 | inductor-chip',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
    const left = problems.filter(({ line }) => line === 10 || line === 11);
    expect(left.map(({ message }) => inEnglish(message))).toEqual([
      'This is a place on the board and no part, so it is left out.',
      'This is a place on the board and no part, so it is left out.',
    ]);
  });

  it('another’s: values under “Comment”', () => {
    expect(
      readSheet(`Comment,Description,Designator,Footprint,LibRef,Quantity
100nF,Capacitor Ceramic,"C1, C2",RAD-0.2,Cap,2
10uF,Polarized Capacitor (Radial),C3,RB.1/.2,Cap Pol1,1
2N3904,NPN General Purpose Amplifier,Q1,TO-92A,2N3904,1
1K,Resistor,"R1, R2",AXIAL-0.4,Res1,2
LM358,Dual Op-Amp,U1,DIP8,LM358,1
`).lines,
    ).toEqual([
      'C1 C2 | capacitor-ceramic | 100 nF',
      'C3 | capacitor-electrolytic | 10 µF',
      'Q1 | transistor-to92 | 2N3904',
      'R1 R2 | resistor-axial | 1 kΩ',
      'U1 | ic-dip | LM358',
    ]);
  });

  it('a magazine’s: places under “Bezeichnung”, whole lines under “Wert”, kinds in the remarks', () => {
    const { lines, problems } = readSheet(`Anzahl;Bezeichnung;Wert;Bemerkung
6;R1-R6;330 Ohm;orange-orange-braun
1;C1;10 µF/25 V;Elko, Polung beachten
1;C2;100 nF;Keramik (104)
1;IC1;NE 555;
2;;IC-Fassung 8- bzw. 16-polig;
6;D1…D6;LED 3 mm, rot;
1;D7;1 N 4001;Verpolschutz
1;P1;Trimmpoti 100 k, stehend;
1;L1;Festinduktivität 100 µH;
30 cm;;Schaltdraht;
1;Q1;Quarz 4,000 MHz;
`);
    expect(lines).toEqual([
      'R1 R2 R3 R4 R5 R6 | resistor-axial | 330 Ω',
      'C1 | capacitor-electrolytic | 10 µF',
      'C2 | capacitor-ceramic | 100 nF',
      'IC1 | ic-dip | NE555',
      '1 x | socket-dip',
      '1 x | socket-dip',
      'D1 D2 D3 D4 D5 D6 | led-3mm | red',
      'D7 | diode-axial | 1N4001',
      'P1 | trimmer | 100 kΩ',
      'L1 | inductor-axial | 100 µH',
      '1 x | wire',
      'Q1 | crystal | 4 MHz',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });

  it('a shop’s: values under “Specification”, and no place written as a dash', () => {
    expect(
      readSheet(`No.,Name,Specification,Position,Quantity
1,Metal film resistor,1K,"R1,R4",2
2,Ceramic capacitor,104,C3,1
3,LED,3MM Red,D1-D2,2
4,Crystal,12M,Y1,1
5,Triode,9012,Q2,1
6,Button,6*6*5,"K1,K2",2
7,Voltage stabilizer,78L05,U2,1
8,Resistor network,A103J,RP2,1
9,Copper column,M3*10,-,4
`).lines,
    ).toEqual([
      'R1 R4 | resistor-axial | 1 kΩ',
      'C3 | capacitor-ceramic | 100 nF',
      'D1 D2 | led-3mm | red',
      'Y1 | crystal | 12 MHz',
      'Q2 | transistor-to92 | 9012',
      'K1 K2 | push-button',
      'U2 | regulator-to92 | 78L05',
      'RP2 | resistor-network | 10 kΩ | pins?',
      '4 x | stand-off | M3*10',
    ]);
  });

  it('a teacher’s: what one column leaves open, a second one says', () => {
    const { lines } = readSheet(`Nr.,Ref.,Component,Value,Type,Pcs
1,R1,resistor,150Ω,carbon 5%,1
2,D1,LED,rood,3mm,1
3,C1,elco,47µF/25V,radiaal,1
4,T1,transistor,BC337,,1
`);
    expect(lines).toEqual([
      'R1 | resistor-axial | 150 Ω',
      'D1 | led-3mm | red',
      'C1 | capacitor-electrolytic | 47 µF',
      'T1 | transistor-to92 | BC337',
    ]);
  });

  it('an order’s: a comment is all that says what the parts are', () => {
    expect(
      readSheet(`Designator,Comment,Footprint,Order code
"C1,C2",100nF,C_0603,A1
LED1,Red,LED_0603,A2
Q1,MMBT3904,SOT-23,A3
U1,ME6211C33M5G,SOT-23-5,A4
USB1,TYPE-C-16P,USB-C-SMD,A5
SW1,TS-1187A,SW-SMD,A6
`).lines.slice(0, 3),
    ).toEqual([
      'C1 C2 | capacitor-chip | 100 nF',
      'LED1 | led-chip | red',
      'Q1 | transistor-sot23 | MMBT3904',
    ]);
  });

  it('a school’s: words and bands behind the value', () => {
    const { lines, problems } = readSheet(`Stück,Bauteil,Typ/Wert,Platz
2,Widerstand,1k5 (braun-grün-rot),R1 R2
1,Kondensator,33 nF Folie,C1
`);
    expect(lines).toEqual(['R1 R2 | resistor-axial | 1.5 kΩ', 'C1 | capacitor-film | 33 nF']);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });

  it('a column of remarks stays one', () => {
    const { lines, mapping } = readSheet(`Ref,Value,Comment
R1,10k,pull-up
C1,100n ceramic,close to the chip
Q1,BC547,bend its legs
`);
    expect(mapping.remarks).toBe(2);
    expect(lines).toHaveLength(3);
  });
});

describe('a second column that stands alone', () => {
  it('says what the parts are', () => {
    const { lines, mapping } = readSheet(`Posición;Material;Cantidad
R1;Resistencia carbón 4k7 1/4W;1
IC1;CD4011BE (4 puertas NAND);1
D1;1N4148;1
`);
    expect(mapping).toMatchObject({ description: 1 });
    expect(lines.slice(0, 1)).toEqual(['R1 | resistor-axial | 4.7 kΩ']);
    expect(lines).toHaveLength(3);
  });
});

describe('a column that says what parts bear', () => {
  it('leaves their values in their words', () => {
    const { lines, problems } = readSheet(`Ref,Description,Rating
C1,47uF electrolytic,350V
C2,22nF polypropylene,400V
R1,100k carbon film,1W
R2,1k5 wirewound,5W
F1,fuse slow,20mm
`);
    expect(lines).toEqual([
      'C1 | capacitor-electrolytic | 47 µF',
      'C2 | capacitor-film | 22 nF',
      'R1 | resistor-axial | 100 kΩ',
      'R2 | resistor-axial | 1.5 kΩ',
      'F1 | fuse',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });
});

describe('places under a heading that means what is printed on a part', () => {
  it('are places: what a socket is for too', () => {
    const { lines, mapping } = readSheet(`Pos.;Menge;Artikel;Beschriftung;Hinweis
1;1;IC CMOS 4017;IC1;Dekadenzähler, DIL16
2;1;IC-Fassung 16pol.;zu IC1;
3;1;IC-Fassung;zu IC2;
4;1;Timer NE555;IC2;
5;7;LED 5mm rot, diffus;LD1-LD7;langes Bein = Anode
6;3;Widerstand 1k;R1,R2,R3;braun-schwarz-rot-gold
`);
    expect(mapping).toMatchObject({ designators: 3 });
    expect(lines).toEqual([
      'IC1 | ic-dip | 4017',
      'IC1 | socket-dip',
      // As many pins as its chip.
      'IC2 | socket-dip',
      'IC2 | ic-dip | NE555',
      'LD1 LD2 LD3 LD4 LD5 LD6 LD7 | led-5mm | red',
      'R1 R2 R3 | resistor-axial | 1 kΩ',
    ]);
  });

  it('are values where they only look like places', () => {
    const { lines } = readSheet(`Menge;Artikel;Beschriftung
2;Transistor;BC547
1;Transistor;BC557
1;IC;LM358
`);
    expect(lines).toEqual([
      '2 x | transistor-to92 | BC547',
      '1 x | transistor-to92 | BC557',
      '1 x | ic-dip | LM358',
    ]);
  });
});

describe('an export whose comments are the values', () => {
  it('keeps them, with footprints by IPC-7351', () => {
    const { lines } = readSheet(`Comment,Description,Designator,Footprint,LibRef,Quantity
0.1uF,Capacitor,"C1, C2",CAPC1608X90N,Cap,2
10uF/10V,Tantalum,C3,CAPMP3216X180N,Cap Pol,1
ESP-12F,WiFi module,U1,ESP-12,ESP12,1
AMS1117-3.3,LDO,U2,SOT223,AMS1117,1
12MHz,Crystal,Y1,HC49S,XTAL,1
10K,Resistor,"R1, R2",RESC1608X50N,Res,2
Red,LED,D1,LEDC1608X80N,LED,1
RST,Button,S1,SW-6X6,SW-PB,1
`);
    expect(lines).toEqual([
      'C1 C2 | capacitor-chip | 100 nF',
      'C3 | capacitor-tantalum-chip | 10 µF',
      'U1 | module | ESP-12F | family? | pins?',
      'U2 | regulator-sot | AMS1117-3.3',
      'Y1 | crystal | 12 MHz',
      'R1 R2 | resistor-chip | 10 kΩ',
      'D1 | led-chip | red',
      'S1 | push-button | family?',
    ]);
  });
});

describe('a column under a heading that nobody knows', () => {
  it('says the values, where its cells have figures and no other column has', () => {
    const { lines } = readSheet(`Etiqueta;Cantidad;Elemento;Lo que pone
R1,R2;2;Resistencia;220 ohmios 1/2 W
C1;1;Condensador electrolítico;2200 µF / 25 V
D3;1;Diodo LED;verde, 3 mm
T1;1;Transistor;BD140
K1;1;Regleta;2 polos
`);
    expect(lines).toEqual([
      'R1 R2 | resistor-axial | 220 Ω',
      'C1 | capacitor-electrolytic | 2200 µF',
      'D3 | led-3mm | green',
      'T1 | transistor-to220 | BD140',
      'K1 | terminal-block',
    ]);
  });

  it('and does not, where it is a shop’s, or the words have the figures', () => {
    const codes = readSheet(
      'Ref;Part;Order no\nR1;resistor;220 R\nR2;resistor;10k\nR3;resistor;1k\n',
    );
    expect(codes.lines).toEqual([
      'R1 | resistor-axial',
      'R2 | resistor-axial',
      'R3 | resistor-axial',
    ]);
    const drawers = readSheet(
      'Ref;Part;Bin\nR1;220R resistor;12 mm\nC1;10uF elko;15 mm\nC2;47uF elko;12 mm\n',
    );
    expect(drawers.mapping.details).toBeUndefined();
  });
});

describe('columns of shops', () => {
  it('a stock code is no value, however much it looks like one', () => {
    const { lines, mapping } = readSheet(`Stock code;Item;Qty per kit;Board ref
000123;Resistor 0.25W CF 5% 680R;2;R1, R3
4711;Resistor 0.25W CF 5% 1M5;1;R2
4712;Cap elec radial 2u2 63V;1;C1
000305;Transistor BC547;1;TR1
`);
    expect(mapping).not.toHaveProperty('value');
    expect(lines).toEqual([
      'R1 R3 | resistor-axial | 680 Ω',
      'R2 | resistor-axial | 1.5 MΩ',
      'C1 | capacitor-electrolytic | 2.2 µF',
      'TR1 | transistor-to92 | BC547',
    ]);
  });

  it('bodies stand under “Pkg”', () => {
    const { lines } = readSheet(`Line#,Description,Qty,RefDes,Pkg
1,IC 74HC14 hex schmitt inverter,1,U1,SOIC-14
2,INDUCTOR 4.7uH 3A,1,L1,SMD 6x6
3,FUSE PTC 0.5A,1,F1,1812
4,XTAL OSC 10MHz,1,Y1,
`);
    expect(lines).toEqual([
      'U1 | ic-so | 74HC14',
      'L1 | inductor-chip | 4.7 µH',
      'F1 | fuse | 0.5A | family?',
      expect.stringMatching(/^Y1 .*family\?/),
    ]);
  });
});

describe('columns that are taken for one another', () => {
  it('“Name” over places, and values as comments beside words alone', () => {
    const { lines } = readSheet(`Bauteil,Name,Anzahl,Kommentar
Widerstand,R1 bis R8,8,"1 kΩ"
Widerstand,R9,1,"4,7 kΩ"
LED,LED1 bis LED8,8,"3 mm, gelb"
Schieberegister,IC1,1,74HC595
Kondensator,C2,1,10 µF Elko
`);
    expect(lines).toEqual([
      'R1 R2 R3 R4 R5 R6 R7 R8 | resistor-axial | 1 kΩ',
      'R9 | resistor-axial | 4.7 kΩ',
      'LED1 LED2 LED3 LED4 LED5 LED6 LED7 LED8 | led-3mm | yellow',
      'IC1 | ic-dip | 74HC595',
      'C2 | capacitor-electrolytic | 10 µF',
    ]);
  });

  it('drawers beside places', () => {
    const { lines } = readSheet(`Vak;Inhoud;Aantal per set;Nodig
A1;weerstand 220 ohm;6;R1..R6
A2;weerstand 10k;2;R7,R8
A5;elco 10uF 25V;1;C6
B1;attiny85;1;IC1
`);
    expect(lines).toEqual([
      'R1 R2 R3 R4 R5 R6 | resistor-axial | 220 Ω',
      'R7 R8 | resistor-axial | 10 kΩ',
      'C6 | capacitor-electrolytic | 10 µF',
      'IC1 | ic-dip | attiny85',
    ]);
  });
});

it('colours stand in a column of their own, and a library says nothing of a part', () => {
  const { lines } = readSheet(`Part,Colour / mark,Count,Goes to,Library
Resistor 220 ohm,red red brown gold,2,"R1, R2",rcl
LED 5mm,red,2,"D1, D2",led
LED 5mm,green,1,D3,led
IC NE555,notch,1,U1,linear
`);
  expect(lines).toEqual([
    'R1 R2 | resistor-axial | 220 Ω',
    'D1 D2 | led-5mm | red',
    'D3 | led-5mm | green',
    'U1 | ic-dip | NE555',
  ]);
});

describe('columns that say the same in other lists', () => {
  it('“Description” beside “Name” says the rest', () => {
    expect(
      readSheet(
        [
          'Name,Description,Amount,Label',
          'Resistor,"Brown-Black-Orange, gold",2,"R1, R2"',
          'Capacitor,yellow disc marked 223,1,C1',
          'LED,3mm orange,2,"L1, L2"',
          'Chip,LM3914N-1,1,IC1',
          'Switch,SPST rocker,1,SW',
        ].join('\n'),
      ).lines,
    ).toEqual([
      'R1 R2 | resistor-axial | 10 kΩ',
      'C1 | capacitor-ceramic | 22 nF',
      'L1 L2 | led-3mm | orange',
      'IC1 | ic-dip | LM3914N-1',
      'SW | switch-toggle',
    ]);
  });

  it('and the name beside “Descripción”, “Omschrijving”', () => {
    expect(
      readSheet('Nombre;Descripción;Cant;Ref\nResistencia;2k2 1/4W;2;R1 R2\nLED;5mm azul;1;D1\n')
        .lines,
    ).toEqual(['R1 R2 | resistor-axial | 2.2 kΩ', 'D1 | led-5mm | blue']);
    expect(
      readSheet(
        'Omschrijving;Naam;Aantal;Positie\n560 ohm;Weerstand;1;R1\n47 nF;Foliecondensator;1;C1\n',
      ).lines,
    ).toEqual(['R1 | resistor-axial | 560 Ω', 'C1 | capacitor-film | 47 nF']);
  });

  it('“Bestückung” over places means them', () => {
    expect(
      readSheet(
        'Menge;Bauteil;Typ/Wert;Bestückung\n2;Kohleschichtwiderstand;820R;R1, R2\n1;Keramikkondensator;33p;C2\n1;Taster;6x6;S1\n',
      ).lines.map((line) => line.split(' |')[0]),
    ).toEqual(['R1 R2', 'C2', 'S1']);
  });
});

describe('what parts are', () => {
  it('stands under whatever heading the words are', () => {
    const { lines } = readSheet(
      'Ref,Nom,Val,Obs\nR2,resistor,1M5,\nC1,capacitor,0.47,100V film\nSP,speaker,8,\nT1,transistor,BC548,\n',
    );
    expect(lines).toEqual([
      'R2 | resistor-axial | 1.5 MΩ',
      'C1 | capacitor-film | 470 nF',
      'SP | speaker',
      'T1 | transistor-to92 | BC548',
    ]);
  });

  it('is the number in the words, and not what they bear', () => {
    const { lines } = readSheet(`Qty,Reference,Description,Rating
1,R1,Resistor 0R22,3W wirewound
1,C1,Polypropylene capacitor 10nF,630V
1,VDR1,Varistor 14D471K,300VAC
1,D1,Diode UF4007,1000V 1A
`);
    expect(lines).toEqual([
      'R1 | resistor-axial | 0.22 Ω',
      'C1 | capacitor-film | 10 nF',
      'VDR1 | varistor | 14D471K',
      'D1 | diode-axial | UF4007',
    ]);
  });

  it('is not said by where it lies', () => {
    const { mapping } = readSheet(`Designator,Val,Package,Mid X,Mid Y,Rotation
D1,red,LED_D3.0mm,5.0mm,10.0mm,90
D2,green,LED_D3.0mm,5.0mm,20.0mm,90
R1,10k,R_Axial_DIN0207,8.0mm,5.0mm,0
`);
    expect(mapping.details).toBeUndefined();
  });

  it('the makers’ numbers of a distributor count where they are known', () => {
    const { lines } = readSheet(`partnumber,qty,refdes,desc
1N4148-T,2,D1 D2,DIODE GP 100V 300MA DO35
LM324N,1,U1,IC OPAMP GP 4 CIRCUIT 14DIP
`);
    expect(lines[0]).toBe('D1 D2 | diode-axial | 1N4148-T');
    expect(lines[1]).toMatch(/^U1 \| ic-dip \| LM324N/);
  });
});

it('the crystal of a clock is a tube (common practice)', () => {
  const table = tableOf('Ref,Value\nQ1,32.768 kHz crystal\nQ2,4 MHz crystal\n');
  const { lines } = readPartsList(table, guessMapping(table));
  expect(lines.map(({ part }) => packageOf(familyOf(part), part)?.package.name)).toEqual([
    '2 x 6 mm tube',
    undefined,
  ]);
});

it('letters of a place in a column of kinds are no part of a number', () => {
  const { lines } = readSheet('Ref.,Type,Comment,Footprint\nU2,U,74HC595D,SOIC-16\nR1,R,1k,0603\n');
  expect(lines).toEqual(['U2 | ic-so | 74HC595D', 'R1 | resistor-chip | 1 kΩ']);
});
