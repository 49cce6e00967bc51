import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { valueLabel } from '../parts/label.ts';
import { readDesignators } from './designators.ts';
import { guessMapping } from './guessMapping.ts';
import { readPartsList } from './readPartsList.ts';
import { readTable } from './readTable.ts';

/** A whole sheet as its lines come out: places, kind, value and doubts. */
function read(text: string, headingLine?: number) {
  const table = readTable(text, headingLine);
  if (!table.ok) throw new Error(table.problem.says);
  const mapping = guessMapping(table.value);
  const { lines, problems } = readPartsList(table.value, mapping);
  return {
    mapping,
    problems,
    headingLine: table.value.headingLine,
    lines: lines.map(({ part, doubts }) =>
      [
        part.designators.join(' ') || `${part.quantity} x`,
        part.family,
        valueLabel(part.value),
        ...doubts.map((doubt) => `${doubt}?`),
      ]
        .filter(Boolean)
        .join(' | '),
    ),
  };
}

// Sheets in the manner of what drawing programs, shops and teachers hand out; what each line is, is common practice.
describe('whole sheets', () => {
  it('with a title, a running number, footprints, parts not fitted and notes', () => {
    const { lines, problems, headingLine, mapping } = read(`Blinky Board v2,,,,
Parts list,,,,
,,,,
Item,Ref Des,Qty,Value,Footprint,DNP,Notes
1,"R1,2,5",3,4k7,R_Axial_DIN0207_L6.3mm_D2.5mm_P10.16mm_Horizontal,,pull ups
2,C1,1,100nF,C_Disc_D5.0mm_W2.5mm_P5.00mm,,
3,C2,1,100uF/16V,CP_Radial_D6.3mm_P2.50mm,,smoothing
4,D1,1,1N4007,D_DO-41_SOD81_P10.16mm_Horizontal,,
5,Q1,1,BC547,TO-92_Inline,,
6,U1,1,NE555P,DIP-8_W7.62mm,,
7,J1,1,Conn_01x06,PinHeader_1x06_P2.54mm_Vertical,,
8,R9,1,10k,R_0805_2012Metric,DNP,
9,R8,1,10k,R_0805_2012Metric,,
10,D2,1,LED,LED_D5.0mm,,red one
`);
    expect(headingLine).toBe(4);
    expect(Object.values(mapping)).not.toContain(0);
    expect(lines).toEqual([
      'R1 R2 R5 | resistor-axial | 4.7 kΩ',
      'C1 | capacitor-ceramic | 100 nF',
      'C2 | capacitor-electrolytic | 100 µF',
      'D1 | diode-axial | 1N4007',
      'Q1 | transistor-to92 | BC547',
      'U1 | ic-dip | NE555P',
      'J1 | pin-header',
      'R8 | resistor-chip | 10 kΩ',
      'D2 | led-5mm | red',
    ]);
    expect(problems.map(({ message }) => inEnglish(message))).toEqual([
      'R9: marked as not fitted, so left out.',
    ]);
  });

  it('in German, with a socket that shares its chip’s place', () => {
    const { lines, problems } = read(`Stückliste;;
Pos;Menge;Bezeichnung;Bauteil;Bemerkung
1;2 St.;Widerstand 10 kΩ 1%;R1 bis R2;
2;1 Stück;Elko 470µF 25V;C1;stehend
3;3 Stück;Transistor BC 337;T1-T3;
4;1;IC-Fassung 16-polig;(IC1);
5;1;CD4026;IC1;
6;1;Siebensegmentanzeige gemeinsame Kathode;DIS1;
7;1;Taster 6x6x7;S1;
8;4;Abstandsbolzen M3x10;;
9;1;Spannungsregler 7805;IC2;
`);
    expect(lines).toEqual([
      'R1 R2 | resistor-axial | 10 kΩ',
      'C1 | capacitor-electrolytic | 470 µF',
      'T1 T2 T3 | transistor-to92 | BC337',
      'IC1 | socket-dip',
      'IC1 | ic-dip | CD4026',
      'DIS1 | display-digit | value?',
      'S1 | push-button',
      '4 x | stand-off',
      'IC2 | regulator-to220 | 7805',
    ]);
    expect(problems.map(({ severity }) => severity)).toEqual(['warning']);
  });

  it('in French', () => {
    expect(
      read(`Quantité,Repère,Désignation,Valeur
2 ea,R1 à R2,résistance,2k2
1,C1,condensateur chimique,220µF 25V
1,C2,condensateur céramique,104
1,D1,diode électroluminescente rouge 5mm,
1,Q1,transistor,2N3906
x2,S1 S2,bouton poussoir,
1,BT1,pile CR2032,
1,U1,circuit intégré,LM358N
1,RV1,potentiomètre ajustable,47k
`).lines,
    ).toEqual([
      'R1 R2 | resistor-axial | 2.2 kΩ',
      'C1 | capacitor-electrolytic | 220 µF',
      'C2 | capacitor-ceramic | 100 nF',
      'D1 | led-5mm | red',
      'Q1 | transistor-to92 | 2N3906',
      'S1 S2 | push-button',
      'BT1 | coin-cell | CR2032',
      'U1 | ic-dip | LM358N',
      'RV1 | trimmer | 47 kΩ',
    ]);
  });

  it('in Spanish', () => {
    expect(
      read(`Cant,Referencia,Componente,Valor
2,"R1 a R2",resistencia,1k5
1,C1,condensador electrolítico,47uF 50V
1,D1,diodo zener 5V1,
1,LED1,LED verde 5 mm,
1,IC1,circuito integrado,4093
1,MIC1,micrófono electret,
1,Q2,MOSFET IRF540N,
`).lines,
    ).toEqual([
      'R1 R2 | resistor-axial | 1.5 kΩ',
      'C1 | capacitor-electrolytic | 47 µF',
      'D1 | zener-axial | 5V1',
      'LED1 | led-5mm | green',
      'IC1 | ic-dip | 4093',
      'MIC1 | microphone',
      'Q2 | mosfet-to220 | IRF540N',
    ]);
  });

  it('without any headings, and what no kit can hold is refused', () => {
    const { lines, problems, headingLine } = read(`R1\t1\t10k\t0.25W
R2\t1\t4R7\t1W
C2\t1\t.047\tfilm
Y1\t1\t16.000\tcrystal
L1\t1\t471\tinductor
L2\t1\t100 H\tinductor
Y2\t1\t11 Hz\tcrystal
`);
    expect(headingLine).toBe(0);
    expect(lines).toEqual([
      'R1 | resistor-axial | 10 kΩ',
      'R2 | resistor-axial | 4.7 Ω',
      'C2 | capacitor-film | 47 nF',
      'Y1 | crystal | 16 MHz',
      'L1 | inductor-axial | 470 µH',
    ]);
    expect(problems.map(({ line, message }) => [line, inEnglish(message).slice(0, 16)])).toEqual([
      [6, '“100 H” cannot b'],
      [7, '“11 Hz” cannot b'],
    ]);
  });

  it('whose headings a person has pointed out', () => {
    const text = 'Kit of the club\nx,y,z\nRef,Part,Qty\nR1,resistor 1k,1\n';
    expect(read(text).lines).toEqual(['R1 | resistor-axial | 1 kΩ']);
    expect(read(text, 3).lines).toEqual(['R1 | resistor-axial | 1 kΩ']);
  });
});

// Written for these tests in the manner of what such programs and papers hand out (common practice).
describe('sheets whose columns tell what their headings do not', () => {
  it('a drawing program’s: symbols of its libraries, and places that are no parts', () => {
    const { lines, problems } = read(`"Item","Qty","Reference(s)","Value","LibPart","Footprint"
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
      read(`Comment,Description,Designator,Footprint,LibRef,Quantity
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
    const { lines, problems } = read(`Anzahl;Bezeichnung;Wert;Bemerkung
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
      read(`No.,Name,Specification,Position,Quantity
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
    const { lines } = read(`Nr.,Ref.,Component,Value,Type,Pcs
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
      read(`Designator,Comment,Footprint,Order code
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
    const { lines, problems } = read(`Stück,Bauteil,Typ/Wert,Platz
2,Widerstand,1k5 (braun-grün-rot),R1 R2
1,Kondensator,33 nF Folie,C1
`);
    expect(lines).toEqual(['R1 R2 | resistor-axial | 1.5 kΩ', 'C1 | capacitor-film | 33 nF']);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });

  it('a column of remarks stays one', () => {
    const { lines, mapping } = read(`Ref,Value,Comment
R1,10k,pull-up
C1,100n ceramic,close to the chip
Q1,BC547,bend its legs
`);
    expect(mapping.remarks).toBe(2);
    expect(lines).toHaveLength(3);
  });
});

describe('a value cell with words behind its value', () => {
  it('is read as the value, and its words as what the part is', () => {
    const { lines, problems } = read(`Ref,Qty,Value
C3,1,1u film
RV1,1,10k log dual
R1,1,4k7 metal film
C4,1,100p NP0
`);
    expect(lines).toEqual([
      'C3 | capacitor-film | 1 µF',
      'RV1 | potentiometer | 10 kΩ',
      'R1 | resistor-axial | 4.7 kΩ',
      'C4 | capacitor-ceramic | 100 pF | family?',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });

  it('with a unit that such a part cannot have is refused', () => {
    const { lines, problems } = read('Ref,Qty,Value,Part\nY2,1,11 Hz,crystal\n');
    expect(lines).toEqual([]);
    expect(problems).toHaveLength(1);
  });
});

describe('a cell with a footprint', () => {
  it('may be its holder, and is asked about', () => {
    const { lines } = read(`Comment,Designator,Footprint,Quantity
CR2032,BAT1,BAT-TH,1
10K,R2,R0402,1
LED_white,D1,LED0603-W,1
`);
    expect(lines[0]).toBe('BAT1 | coin-cell | CR2032 | family?');
  });
});

// As leaflets of radio kits have it (common practice).
describe('a table with what is on the parts, and places under “Remark”', () => {
  it('is read by what stands in its cells', () => {
    const { lines, mapping } = read(`Component,Marking,Number,Remark
Resistor,brown black orange gold,2,R1 R4
Resistor,red red brown gold,1,R2
Resistor 1k,brown black orange gold,1,R5
Transistor,9018,2,Q1 Q2
Variable capacitor,223P,1,VC
Coil 5 turns enamelled wire,,1,L2
`);
    expect(mapping).toEqual({ description: 0, value: 1, quantity: 2, designators: 3 });
    expect(lines).toEqual([
      'R1 R4 | resistor-axial | 10 kΩ',
      'R2 | resistor-axial | 220 Ω',
      // Its words and its bands say two values.
      'R5 | resistor-axial | 1 kΩ | value?',
      'Q1 Q2 | transistor-to92 | 9018',
      'VC | capacitor-tuning | 223P | pins?',
      'L2 | coil-air | family?',
    ]);
  });
});

describe('a second column that stands alone', () => {
  it('says what the parts are', () => {
    const { lines, mapping } = read(`Posición;Material;Cantidad
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
    const { lines, problems } = read(`Ref,Description,Rating
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
    const { lines, mapping } = read(`Pos.;Menge;Artikel;Beschriftung;Hinweis
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
    const { lines } = read(`Menge;Artikel;Beschriftung
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
    const { lines } = read(`Comment,Description,Designator,Footprint,LibRef,Quantity
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

describe('columns of shops', () => {
  it('a stock code is no value, however much it looks like one', () => {
    const { lines, mapping } = read(`Stock code;Item;Qty per kit;Board ref
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
    const { lines } = read(`Line#,Description,Qty,RefDes,Pkg
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

describe('one place for two lines', () => {
  it('an optocoupler and its socket, a fuse and its holder; a cell and what is remarked of it', () => {
    const { lines, problems } = read(`QTY;DESCRIPTION;REF;NOTES
1;6N138 optocoupler;U1;
1;8 pin IC socket;U1;
1;fuse holder;F1;
1;fuse;F1;
1;CR1220;BT1;holder
`);
    expect(lines).toEqual([
      'U1 | optocoupler | 6N138',
      'U1 | socket-dip',
      'F1 | fuse-holder',
      'F1 | fuse',
      'BT1 | coin-cell | CR1220 | family?',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });
});

describe('places as people write them', () => {
  it.each([
    ['R1,2,5', ['R1', 'R2', 'R5']],
    ['R1~R4', ['R1', 'R2', 'R3', 'R4']],
    ['R1 bis R3', ['R1', 'R2', 'R3']],
    ['R1 a R3', ['R1', 'R2', 'R3']],
    ['R1 à R3', ['R1', 'R2', 'R3']],
    ['R1..R3', ['R1', 'R2', 'R3']],
    ['(IC1)', ['IC1']],
    ['C1, C3-5', ['C1', 'C3', 'C4', 'C5']],
    ['R1 und R7', ['R1', 'R7']],
    ['D1/D2', ['D1', 'D2']],
    // One of a kind has no number on many boards (common practice).
    ['BAT', ['BAT']],
    ['IC 1, IC 2', ['IC1', 'IC2']],
    ['zu IC3', ['IC3']],
    ['LDR, OUT', ['LDR', 'OUT']],
    ['FÜHLER', ['FUEHLER']],
  ])('%s', (text, names) => {
    expect(readDesignators(text)).toEqual({ ok: true, value: names });
  });
});
