import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guessMapping } from './guessMapping.ts';
import { isPlainLines, plainLinesAsCsv, splitLine } from './plainLines.ts';
import { readPartsList } from './readPartsList.ts';
import { readTable } from './readTable.ts';

// Ways in which people write a part in a line (common practice).
describe('a part in a line', () => {
  it.each([
    ['R1-R4 10k 1%', 'R1-R4', '', '10k 1%'],
    ['R1, R2 470 ohm', 'R1, R2', '', '470 ohm'],
    ['R1: 470', 'R1', '', '470'],
    // A dash with blanks parts a place from its value, where no range can be meant.
    ['R1 - 10k (brown black orange)', 'R1', '', '10k (brown black orange)'],
    ['R2, R3 - 470 ohm', 'R2, R3', '', '470 ohm'],
    ['R4 - 100', 'R4', '', '100'],
    ['Q1 - BC109', 'Q1', '', 'BC109'],
    ['L1 - 10 turns on T50-2 toroid', 'L1', '', '10 turns on T50-2 toroid'],
    ['IC1 - 555 timer', 'IC1', '', '555 timer'],
    ['R1 - 4 10k', 'R1 - 4', '', '10k'],
    ['R1 - R4 10k', 'R1 - R4', '', '10k'],
    ['R1 470', 'R1', '', '470'],
    ['TB2 screw terminal', 'TB2', '', 'screw terminal'],
    ['R1,2,5 1k resistor', 'R1,2,5', '', '1k resistor'],
    ['R1 bis R3 Widerstand 4,7k', 'R1 bis R3', '', 'Widerstand 4,7k'],
    ['2x resistor 470 (R1, R2)', 'R1, R2', '2', 'resistor 470'],
    ['4 x LED red 5mm', '', '4', 'LED red 5mm'],
    ['LED red 5 mm x2', '', '2', 'LED red 5 mm'],
    ['10k resistor R1-R4', 'R1-R4', '', '10k resistor'],
    ['10 k resistor R1', 'R1', '', '10 k resistor'],
    ['Q1 BC547', 'Q1', '', 'BC547'],
    ['1x LDR GL5528', '', '1', 'LDR GL5528'],
    ['R1L, R1R - 22k', 'R1L, R1R', '', '22k'],
    ['Q1 Q2 2N3904', 'Q1 Q2', '', '2N3904'],
    ['IC1 NE555', 'IC1', '', 'NE555'],
    ['D1 1N4148', 'D1', '', '1N4148'],
    ['- C1 100nF ceramic', 'C1', '', '100nF ceramic'],
    ['3. C2 = 10uF/25V elko', 'C2', '', '10uF/25V elko'],
    ['• 3 Stk. Schrauben M3x6', '', '3', 'Schrauben M3x6'],
    ['2 resistors 220', '', '2', 'resistors 220'],
    ['wire red 15 cm', '', '', 'wire red 15 cm'],
    ['battery holder 2xAA', '', '', 'battery holder 2xAA'],
    ['pin header 2.54 mm, 4 pcs', '', '4', 'pin header 2.54 mm'],
    ['R7 R8 33k, qty 2', 'R7 R8', '2', '33k'],
    ['4 x M3 x 6 screws', '', '4', 'M3 x 6 screws'],
    ['M3 nuts, 4 pcs', '', '4', 'M3 nuts'],
    ['M1 motor', 'M1', '', 'motor'],
    ['LED1..LED8 red 3mm', 'LED1..LED8', '', 'red 3mm'],
    ['1 x BC337 transistor (T1)', 'T1', '1', 'BC337 transistor'],
    ['2 Stck Elko 100µF/16V C3,C4', 'C3,C4', '2', 'Elko 100µF/16V'],
    ['Q1 D882', 'Q1', '', 'D882'],
    // How many there are, where it is said already what they are.
    ['LED red: 40', '', '40', 'LED red'],
    ['4k7: 120', '', '120', '4k7'],
    ['Elko 100u 16V = 25', '', '25', 'Elko 100u 16V'],
    ['BC547: 60', '', '60', 'BC547'],
    ['Schrauben M3x6: 200', '', '200', 'Schrauben M3x6'],
    ['buzzer: 12', '', '12', 'buzzer'],
    ['resistor: 470', '', '', 'resistor: 470'],
    ['Widerstand 1/4 W: 470', '', '', 'Widerstand 1/4 W: 470'],
    ['condensador cerámico: 104', '', '', 'condensador cerámico: 104'],
  ])('%s', (line, places, quantity, words) => {
    expect(splitLine(line)).toEqual({ places, quantity, words });
  });

  it('loses nothing of what was written', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 40 }), (text) => {
        const { places, quantity, words } = splitLine(text);
        const signs = (of: string) => of.replace(/[^\p{L}\p{N}]/gu, '').length;
        // What goes is the mark of a list, and the word for pieces.
        expect(signs(`${places}${quantity}${words}`)).toBeGreaterThanOrEqual(signs(text) - 12);
      }),
    );
  });
});

describe('lines without columns', () => {
  it.each([
    ['R1-R4 10k\nC1 100n\n', true],
    ['R1, R2 470 ohm\nR3 1k\n', true],
    ['resistor 470\n', true],
    ['Ref,Qty,Part\nR1,1,resistor\n', false],
    ['Alpha,Beta\nR1,resistor 470\nR2,resistor 1k\n', false],
    ['R1, R2 470 ohm\nR3, R4 1k\n', true],
    ['R1, 470 ohm', true],
    ['R1,1,resistor 470\nR2,1,resistor 1k\n', false],
    ['R1\t1\t470\nR2\t1\t1k\n', false],
    ['Bauteil;Wert\nR1;470\n', false],
    ['', false],
  ])('are told from a table: %j', (text, isPlain) => {
    expect(isPlainLines(text)).toBe(isPlain);
  });

  it('are read like a list with headings', () => {
    const table = readTable(
      plainLinesAsCsv('R1-R4 resistor 10k 1%\n2x LED red 5mm (D1, D2)\nIC1 NE555'),
    );
    if (!table.ok) throw new Error(table.problem.says);
    const { lines, problems } = readPartsList(table.value, guessMapping(table.value));
    expect(problems).toEqual([]);
    expect(
      lines.map(({ part }) => [part.designators.join(' '), part.quantity, part.family]),
    ).toEqual([
      ['R1 R2 R3 R4', 4, 'resistor-axial'],
      ['D1 D2', 2, 'led-5mm'],
      ['IC1', 1, 'ic-dip'],
    ]);
    expect(lines[0]?.part.value).toMatchObject({ amount: 10_000, tolerancePercent: 1 });
  });
});

describe('a first line that is no part', () => {
  const lines = ['R1 470', 'R2 1k', '2 x LED red 5mm', 'C1 100uF'];
  const firstOf = (title: string) =>
    plainLinesAsCsv([title, ...lines].join('\n')).split(/\r?\n/)[1];

  it.each([
    'Optical theremin kit',
    'Stereo amp kit - contents',
    'Weihnachtsbaum',
    'Morse practice oscillator MK2',
    'Night light v2',
    'KIT CONTENTS - touch lamp',
    'Lista de materiales: sirena',
  ])('“%s” is the name of the kit', (title) => {
    expect(firstOf(title)).toBe('R1,1,470');
  });

  // What is a part, or may be one among lines that say no more, stays.
  it.each([
    ['battery clip', ',1,battery clip'],
    ['Enclosure', ',1,Enclosure'],
    // Nobody knows what it is, but it has a place.
    ['U1 qwxyz', 'U1,1,qwxyz'],
    ['- U1 qwxyz', 'U1,1,qwxyz'],
    ['qwxyz (U1)', 'U1,1,qwxyz'],
  ])('“%s” is a part', (line, row) => {
    expect(firstOf(line)).toBe(row);
  });

  it('stays where the others say no more', () => {
    expect(plainLinesAsCsv('Widget\nGadget\nR1 470\nThing\n')).toContain('Widget');
  });
});

it('two parts in one line, the second counted, are two lines', () => {
  expect(plainLinesAsCsv('R1 470\n16 MHz crystal + 2x 22pF\n').split(/\r?\n/).slice(2)).toEqual([
    ',1,16 MHz crystal',
    ',2,22pF',
  ]);
});

it('a thread at the end of a line of screws is no place', () => {
  expect(plainLinesAsCsv('R1 470\n2 x stainless screws M3\n').split(/\r?\n/)[2]).toBe(
    ',2,stainless screws M3',
  );
});

it.each([
  ['R3 – 82 Ω grau rot schwarz', 'R3,1,82 Ω grau rot schwarz'],
  ['R3 – 82 kΩ', 'R3,1,82 kΩ'],
  ['R3 – 82', 'R3,1,82'],
  ['R3 – R5 82 Ω', 'R3 – R5,3,82 Ω'],
  ['R1 t/m R3: 10k', 'R1 t/m R3,3,10k'],
  ['R2 ... 100 kΩ', 'R2,1,100 kΩ'],
  ['C2 ........ 10 µF 16 V', 'C2,1,10 µF 16 V'],
  ['2 of R4,R5 10K', '"R4,R5",2,10K'],
  ['C2 = C3 = 22 µF/16 V', '"C2, C3",2,22 µF/16 V'],
  ['R3, R4 - 10 K', '"R3, R4",2,10 K'],
])('“%s”: a dash before a value parts it from its place', (line, row) => {
  expect(plainLinesAsCsv(`${line}\nR9 1k\n`).split(/\r?\n/)[1]).toBe(row);
});

it.each([
  ['R1 100k, R2 100k, R3, R4 4k7', ['R1,1,100k', 'R2,1,100k', '"R3, R4",2,4k7']],
  ['D1 1N4148; D2 1N4007', ['D1,1,1N4148', 'D2,1,1N4007']],
  ['LED1 red 5mm LED, LED2 green 5mm LED', ['LED1,1,red 5mm LED', 'LED2,1,green 5mm LED']],
  // One part, however its places are written.
  ['R1, R2: 470', ['"R1, R2",2,470']],
  ['4 x resistor 470 (R1, R2, R5, R6)', ['"R1, R2, R5, R6",4,resistor 470']],
  ['C1 100n (5 mm, C0G)', ['C1,1,"100n (5 mm, C0G)"']],
])('“%s”: each place with words of its own is a part', (line, rows) => {
  expect(plainLinesAsCsv(line).split(/\r?\n/).slice(1)).toEqual(rows);
});

it.each([
  ['D1,D2 BAT43', '"D1,D2",2,BAT43'],
  ['Q1, BD140', 'Q1,1,BD140'],
  ['Q1 BC547', 'Q1,1,BC547'],
  ['D1 D2 1N4148', 'D1 D2,2,1N4148'],
  ['C3 .1', 'C3,1,.1'],
])('“%s”: a type behind its places is none of them', (line, row) => {
  expect(plainLinesAsCsv(line).split(/\r?\n/)[1]).toBe(row);
});

describe('a title over a group of parts', () => {
  it.each([
    'Resistors',
    'Résistances (1/4 W couche métal)',
    'Kondensatoren',
    'CONDENSADORES:',
    'Divers',
    'Hardware',
  ])('“%s” is no part', (title) => {
    expect(plainLinesAsCsv(`R1 470\n${title}\nR2 1k\n`).split(/\r?\n/).slice(1)).toEqual([
      'R1,1,470',
      'R2,1,1k',
    ]);
  });

  it('among lines that say neither how many nor where, it may be a part', () => {
    expect(plainLinesAsCsv('Transistors\nLEDs\nBattery\n').split(/\r?\n/)).toHaveLength(4);
  });

  it.each(['Transistor', 'Resistors 470', '3 LEDs', 'Batteries', 'Schalter', 'Potentiometer'])(
    '“%s” may be one',
    (line) => {
      expect(plainLinesAsCsv(`R1 470\n${line}\nR2 1k\n`).split(/\r?\n/)).toHaveLength(4);
    },
  );
});

it('a drawing program’s table stays one, though its lines have commas in other numbers', () => {
  expect(
    isPlainLines(`Reference,Value,Footprint,Description
R1 R2,4k7,Resistor_THT:R_Axial_DIN0207_L6.3mm_D2.5mm_P10.16mm_Horizontal,Resistor
J2,Screw_Terminal_01x02,TerminalBlock:TerminalBlock_1,5-2_1x02_P5.00mm_Horizontal,Screw terminal
`),
  ).toBe(false);
});

it.each([
  ['Qty 2 - 10k resistor', ',2,10k resistor'],
  ['two 10 k resistors', ',2,10 k resistors'],
  ['a 9 volt battery', ',1,9 volt battery'],
  ['drei rote LEDs', ',3,rote LEDs'],
  ['dos pulsadores', ',2,pulsadores'],
  ['deux résistances 4k7', ',2,résistances 4k7'],
  // Of one part its pins, colours or segments are counted.
  ['two pin header', ',1,two pin header'],
  ['two-colour LED', ',1,two-colour LED'],
  ['seven segment display', ',1,seven segment display'],
])('“%s”: numbers may be words', (line, row) => {
  expect(plainLinesAsCsv(line).split(/\r?\n/)[1]).toBe(row);
});

it.each([
  ['1x 1k2, 1x 3k9, 2x 10k trimmer', [',1,1k2', ',1,3k9', ',2,10k trimmer']],
  ['1x battery holder, 2 x AA', [',1,"battery holder, 2 x AA"']],
  ['4x LED, 2 x 5 mm', [',4,"LED, 2 x 5 mm"']],
])('“%s”: what is counted anew is another part', (line, rows) => {
  expect(plainLinesAsCsv(line).split(/\r?\n/).slice(1)).toEqual(rows);
});
