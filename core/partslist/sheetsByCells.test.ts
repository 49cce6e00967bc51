import { describe, expect, it } from 'vitest';
import { readDesignators } from './designators.ts';
import { readSheet } from './testing/readSheet.ts';

describe('a value cell with words behind its value', () => {
  it('is read as the value, and its words as what the part is', () => {
    const { lines, problems } = readSheet(`Ref,Qty,Value
C3,1,1u film
RV1,1,10k log dual
R1,1,4k7 metal film
C4,1,100p NP0
`);
    expect(lines).toEqual([
      'C3 | capacitor-film | 1 µF',
      // Two on one shaft: six lugs or, of some, seven.
      'RV1 | potentiometer | 10 kΩ | pins?',
      'R1 | resistor-axial | 4.7 kΩ',
      'C4 | capacitor-ceramic | 100 pF | family?',
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });

  it('with a unit that such a part cannot have is refused', () => {
    const { lines, problems } = readSheet('Ref,Qty,Value,Part\nY2,1,11 Hz,crystal\n');
    expect(lines).toEqual([]);
    expect(problems).toHaveLength(1);
  });
});

describe('a cell with a footprint', () => {
  it('may be its holder, and is asked about', () => {
    const { lines } = readSheet(`Comment,Designator,Footprint,Quantity
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
    const { lines, mapping } = readSheet(`Component,Marking,Number,Remark
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

describe('one place for two lines', () => {
  it('an optocoupler and its socket, a fuse and its holder; a cell and what is remarked of it', () => {
    const { lines, problems } = readSheet(`QTY;DESCRIPTION;REF;NOTES
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

describe('what a first look at the columns would lose', () => {
  it('values under “Comment”, beside a description with digits', () => {
    const { lines, mapping } = readSheet(`Designator,Comment,Description,Qty
R1,10k,Resistor 1/4W 5%,1
R2,4k7,Resistor 1/4W 5%,1
C1,"22, 25V",Electrolytic capacitor,1
Q1,BC547,NPN transistor TO-92,1
`);
    expect(mapping).toMatchObject({ value: 1, description: 2 });
    expect(lines).toEqual([
      'R1 | resistor-axial | 10 kΩ',
      'R2 | resistor-axial | 4.7 kΩ',
      'C1 | capacitor-electrolytic | 22 µF | value?',
      'Q1 | transistor-to92 | BC547',
    ]);
  });

  it('a cell and its holder at one place, and a length whose unit has a column of its own', () => {
    const { lines, problems } = readSheet(`Ref;Menge;Einheit;Benennung
BT1;1;Stk;CR2032
BT1;1;Stk;Knopfzellenhalter
;0,5;m;Litze rot
`);
    expect(lines).toEqual([
      'BT1 | coin-cell | CR2032',
      'BT1 | coin-holder',
      expect.stringMatching(/^1 x \| wire/),
    ]);
    expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  });
});

describe('a row with more cells than there are headings', () => {
  it('is told, and its value is in doubt', () => {
    const { lines, problems } = readSheet(
      'Qty,Ref,Part,Value\n1,R1,resistor,470\n1,R2,resistor,1k,what\n1,R3,resistor,10k\n',
    );
    expect(lines).toEqual([
      'R1 | resistor-axial | 470 Ω',
      'R2 | resistor-axial | 1 kΩ | value?',
      'R3 | resistor-axial | 10 kΩ',
    ]);
    expect(problems.map(({ line, message }) => [line, message.says])).toEqual([
      [3, 'lists.row.moreCells'],
    ]);
  });

  it('is none where most rows have such a cell: that column has no name', () => {
    const { lines, problems } = readSheet(
      'Qty,Ref,Part,Value\n1,R1,resistor,470,first\n1,R2,resistor,1k,then\n1,R3,resistor,10k\n',
    );
    expect(lines.some((line) => line.includes('?'))).toBe(false);
    expect(problems).toEqual([]);
  });
});

describe('a column that says what is left out', () => {
  const rows =
    'R1,10k,0603,\nR2,22k,0603,x\nR3,1k,0603,0\nR4,1k,0603,no\nR5,1k,0603,fitted\nR6,1k,0603,bestückt\n';

  it.each([
    ['DNP', ['R1', 'R3', 'R4', 'R5', 'R6']],
    ['Do not populate', ['R1', 'R3', 'R4', 'R5', 'R6']],
    ['Fitted', ['R1', 'R2', 'R5', 'R6']],
  ])('“%s”, by marks', (heading, fitted) => {
    const { lines } = readSheet(`Ref,Value,Footprint,${heading}\n${rows}`);
    expect(lines.map((line) => line.split(' ')[0])).toEqual(fitted);
  });
});

describe('what is said of a part in a column of its own', () => {
  it('an LED of several colours is no LED of one', () => {
    const { lines } = readSheet(`Designator,Part,Qty,Body,Colour
LED1,LED,1,3mm round,red diffused
LED3,LED,1,5mm,RGB common cathode
`);
    expect(lines).toEqual(['LED1 | led-3mm | red', 'LED3 | led-5mm | family?']);
  });

  it('and how a shop keeps it says nothing of what it is', () => {
    const { lines } = readSheet(`Designator,Value,Qty,Stock type,Footprint
"C1,C2",22pF,2,Basic,C0603
R1,10k,1,Basic,R0603
Q1,AO3400A,1,Extended,SOT-23
`);
    expect(lines).toEqual([
      'C1 C2 | capacitor-chip | 22 pF',
      'R1 | resistor-chip | 10 kΩ',
      'Q1 | mosfet-sot23 | AO3400A',
    ]);
  });
});

describe('what a chip goes into, beside it', () => {
  it.each([
    ['Bestückungshinweis', 'IC1 | ic-dip | TBA820M'],
    ['Bauteil', 'IC1 | socket-dip | family?'],
  ])('“Sockel” under “%s”', (heading, line) => {
    const { lines } = readSheet(`Ref;Wert;Bauform;${heading}\nIC1;TBA820M;DIL-8;Sockel\n`);
    expect(lines).toEqual([line]);
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
