import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { bandsOf } from '../parts/marks.ts';
import { guessMapping } from './guessMapping.ts';
import { isClean } from './problem.ts';
import { readPartsList } from './readPartsList.ts';
import { readList, tableOf } from './testing/readList.ts';
import { wordingOf } from './wording.ts';

const head = 'Ref,Qty,Part,Value,Tolerance,Pins,Bands,Included';
const errorsOf = (row: string) => {
  const { problems } = readList(`${head}\n${row}\n`);
  return problems.filter(({ severity }) => severity === 'error');
};
const lineOf = (row: string) => {
  const { lines, problems } = readList(`${head}\n${row}\n`);
  expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
  const [line] = lines;
  if (!line) throw new Error('nothing was read');
  return line;
};

describe('recognising what people write', () => {
  // Common practice: the first words are how hobbyists of several countries name the parts.
  it.each([
    ['R1,,resistor,4k7,5%', 'resistor-axial'],
    ['R1,,Widerstand,"4,7k",5%', 'resistor-axial'],
    ['R1,,,4k7,', 'resistor-axial'],
    ['C1,,Elko 16V,10u,', 'capacitor-electrolytic'],
    ['C1,,10u 16V elko,,', 'capacitor-electrolytic'],
    ['C1,,ceramic capacitor,104,', 'capacitor-ceramic'],
    ['C1,,Keramik,100n,', 'capacitor-ceramic'],
    ['C1,,film capacitor,47n,', 'capacitor-film'],
    ['D1,,1N4148,,', 'diode-axial'],
    ['D1,,rectifier,1N4001,', 'diode-axial'],
    ['D1,,LED red 5mm,,', 'led-5mm'],
    ['LED1,,Leuchtdiode grün,,', 'led-5mm'],
    ['Q1,,2N3904 NPN,,', 'transistor-to92'],
    ['T1,,Transistor,BC547,', 'transistor-to92'],
    ['U1,,DIP-8 timer,NE555,', 'ic-dip'],
    ['X1,,IC socket 8,,', 'socket-dip'],
    ['X1,,IC-Fassung 8-polig,,', 'socket-dip'],
    ['S1,,Schiebeschalter,,', 'switch-slide'],
    ['S1,,push button,,', 'push-button'],
    ['J1,,screw terminal 2-way,,', 'terminal-block'],
    ['J1,,pin header 4 pin,,', 'pin-header'],
    ['BZ1,,Piezo-Summer,,', 'buzzer'],
    ['BT1,,battery holder 2xAA,,', 'battery-holder'],
    [',2,battery,AA,', 'round-cell'],
    [',2,Schraube M3 x 8,,', 'screw'],
    ['RV1,,trimmer,100k,', 'trimmer'],
    ['W1,,wire link,,', 'wire-link'],
    [',1,Platine,,', 'board'],
  ])('%s', (row, family) => {
    expect(lineOf(row).part.family).toBe(family);
  });

  it('does not say twice what a part is called', () => {
    const typed = (cell: string, place: string) => lineOf(`${place},1,,${cell}`).part.value;
    expect(typed('relay 5V', 'K1')).toEqual({ kind: 'type', print: '5V' });
    expect(typed('M3x10 standoff', '')).toEqual({ kind: 'type', print: 'M3x10' });
    expect(typed('Relais', 'K1')).toEqual({ kind: 'none' });
  });

  it('says when it is not sure, and when it does not know', () => {
    expect(lineOf('C1,,capacitor,100n,').confidence).toBe('unsure');
    const unknown = lineOf('Z9,1,flux compensator,,');
    expect(unknown.confidence).toBe('unknown');
    expect(unknown.part.family).toBe('other');
    const { problems } = readList(`${head}\nZ9,1,flux compensator,,\n`);
    expect(problems).toMatchObject([{ severity: 'warning', line: 2, column: 'Part' }]);
  });

  it('takes what the line says about the part', () => {
    expect(lineOf('"R1,R2",2,resistor,1k,1 %,,5,').part).toMatchObject({
      designators: ['R1', 'R2'],
      quantity: 2,
      value: { kind: 'amount', unit: 'ohm', amount: 1000, tolerancePercent: 1, bandCount: 5 },
      supply: 'in-kit',
    });
    expect(lineOf('U1,1,chip,LM393,,8,,nein').part).toMatchObject({
      pins: 8,
      value: { kind: 'type', print: 'LM393' },
      supply: 'not-in-kit',
    });
    expect(lineOf('C1,1,electrolytic 16V,47u,20 %').part.value).toEqual({
      kind: 'amount',
      unit: 'farad',
      amount: 47e-6,
      tolerancePercent: 20,
      ratedVolt: 16,
    });
    expect(lineOf('R1,1,resistor 4k7 5%,,').part.value).toMatchObject({
      amount: 4700,
      tolerancePercent: 5,
    });
    expect(lineOf('R1,1,resistor,470,J').part.value).toMatchObject({
      amount: 470,
      tolerancePercent: 5,
    });
  });
});

describe('what is wrong is named by row, column and what to write', () => {
  it.each([
    ['R1,1,resistor,4k7k,', 'Value', /“4k7k” is not a value in Ω. Write one like 470, 4k7, 2M2/],
    ['R1,3,resistor,470,', 'Qty', /quantity is 3, but 1 place name is given/],
    ['R1,two,resistor,470,', 'Qty', /“two” is not a number of pieces/],
    ['R1,0,resistor,470,', 'Qty', /not a number of pieces/],
    [',,resistor,470,', 'Qty', /neither a place name nor a quantity/],
    ['R1,1,,,', 'Part', /Nothing says what this part is/],
    ['R?,1,resistor,470,', 'Ref', /“R\?” is not a place name. Write names like R1/],
    ['R1,1,resistor,470,lots', 'Tolerance', /“lots” is not a tolerance/],
    ['R1,1,resistor,470,5%,,9', 'Bands', /“9” is not a number of bands/],
    ['R1,1,resistor,4.99k,5%,,4', 'Bands', /4 bands hold 2 digits/],
    ['C1,1,ceramic,47,', 'Value', /has no unit|not a value/],
    ['U1,1,chip,LM393,,7', 'Pins', /with 7 pins does not exist/],
    ['"R1,R1",2,resistor,470,', 'Ref', /R1 stands twice in this line/],
  ])('%s', (row, column, message) => {
    const errors = errorsOf(row);
    expect(errors[0]).toMatchObject({ line: 2, column });
    expect(errors[0] && inEnglish(errors[0].message)).toMatch(message);
  });

  it.each([
    ['R1,1,resistor,,', 'Part', /The value is missing/],
    ['D1,1,LED 5 mm,,', 'Part', /No colour is given/],
    ['D1,1,LED,red,', 'Part', /does not say how large/],
    ['R1,1,resistor,4.8k,', 'Value', /4.8 kΩ is in no preferred series.* nearest of E24 is 4.7 kΩ/],
    ['R1,1,gizmo 4k7,,', 'Part', /Read as: resistor. This is not sure/],
  ])('%s is taken over and flagged with its row', (row, column, message) => {
    const { lines, problems } = readList(`${head}\n${row}\n`);
    expect(lines).toHaveLength(1);
    expect(problems[0]).toMatchObject({ severity: 'warning', line: 2, column });
    expect(problems[0] && inEnglish(problems[0].message)).toMatch(message);
  });

  it('trimmers have values of 1, 2, 5 too (common practice), resistors do not', () => {
    expect(readList(`${head}\nRV1,1,trimmer,5k,\n`).problems).toEqual([]);
    expect(readList(`${head}\nR1,1,resistor,5k,\n`).problems).toHaveLength(1);
  });

  it('bands that are written out say how many there are', () => {
    const { lines, problems } = readList(
      `${head}\nR1,1,resistor,470,5%,,"gelb, violett, braun, gold"\n`,
    );
    expect(problems).toEqual([]);
    expect(lines[0]?.part.value).toMatchObject({ bandCount: 4 });
  });

  it('a place name in two rows names both', () => {
    const { problems } = readList(
      'Ref,Part,Value\nR1,resistor,470\nR2,resistor,1k\nR1,resistor,2k2\n',
    );
    expect(problems).toEqual([
      {
        severity: 'error',
        line: 4,
        column: 'Ref',
        message: { says: 'lists.line.inRowAlready', fill: { name: 'R1', row: 2 } },
      },
    ]);
  });

  it('a column that is missing is asked for', () => {
    const table = tableOf('Colour,Weight\nred,3\n');
    const reading = readPartsList(table, {});
    expect(reading.lines).toEqual([]);
    expect(reading.problems.map(({ column }) => column)).toEqual([
      { says: 'lists.column.designators' },
      { says: 'lists.column.description' },
    ]);
    expect(isClean(reading)).toBe(false);
  });

  it('warnings do not stop a list, errors do', () => {
    expect(isClean(readList(`${head}\nZ9,1,flux compensator,,\n`))).toBe(true);
    expect(isClean(readList(`${head}\nR1,1,resistor,4k7k,\n`))).toBe(false);
  });

  it('nothing is dropped silently: every row is a line or has an error', () => {
    const cell = fc.constantFrom(
      '',
      'R1',
      'R2',
      'C3',
      '2',
      '4k7',
      '104',
      'resistor',
      'LED red',
      'elko 10u',
      '?',
      'DIP-8',
      '5 %',
    );
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: 5, maxLength: 5 }), { minLength: 1, maxLength: 12 }),
        (rows) => {
          const filled = rows.filter((row) => row.some((text) => text !== ''));
          fc.pre(filled.length > 0);
          const table = {
            headings: ['Ref', 'Qty', 'Part', 'Value', 'Tolerance'],
            rows: filled.map((cells, index) => ({ line: index + 2, cells })),
          };
          const { lines, problems } = readPartsList(table, {
            designators: 0,
            quantity: 1,
            description: 2,
            value: 3,
            tolerance: 4,
          });
          const accounted = new Set([
            ...lines.map(({ line }) => line),
            ...problems.filter(({ severity }) => severity === 'error').map(({ line }) => line),
          ]);
          for (const { line } of table.rows) expect(accounted).toContain(line);
        },
      ),
    );
  });
});

describe('what a person said of a part', () => {
  const told = (text: string, remembered = {}) => {
    const table = tableOf(`Ref,Part,Value,Kind of part\n${text}\n`);
    return readPartsList(table, guessMapping(table), remembered).lines[0];
  };

  it('stands above what its words are like', () => {
    expect(told('C3,blue thing,104,')).toMatchObject({ confidence: 'unsure' });
    expect(told('C3,blue thing,104,film capacitor')).toMatchObject({
      confidence: 'told',
      part: { family: 'capacitor-film', value: { amount: 1e-7 } },
    });
  });

  it('is remembered by the words of the line, whatever its value', () => {
    const remembered = { [wordingOf('blue thing 104', ['C3'])]: 'capacitor-film' };
    expect(told('C9,Blue  thing,223,', remembered)).toMatchObject({
      confidence: 'told',
      part: { family: 'capacitor-film', value: { amount: 22e-9 } },
    });
    expect(told('C9,red thing,223,', remembered)?.confidence).not.toBe('told');
  });

  it('a line of values only is remembered as it is, with the letters of its place', () => {
    expect(wordingOf('104', ['C3'])).not.toBe(wordingOf('103', ['C3']));
    expect(wordingOf('104', ['C3'])).not.toBe(wordingOf('104', ['R3']));
    expect(wordingOf('104', ['C3'])).toBe(wordingOf(' 104 ', ['C7']));
  });

  it('a kind of part that is none is refused with what to write', () => {
    const { problems } = readList('Ref,Part,Value,Family\nR1,thing,1k,gizmo\n');
    expect(problems).toMatchObject([{ severity: 'error', line: 2, column: 'Family' }]);
  });

  it('says who brings the pieces', () => {
    const supplied = (word: string) =>
      readList(`Qty,Part,Value,In kit\n2,resistor,1k,${word}\n`).lines[0]?.part.supply;
    expect(['yes', '', 'nein', 'no', 'spare', 'Ersatz'].map(supplied)).toEqual([
      'in-kit',
      'in-kit',
      'not-in-kit',
      'not-in-kit',
      'spare',
      'spare',
    ]);
  });
});

describe('the parts lists of the demo', () => {
  const read = (name: string) =>
    readList(readFileSync(new URL(`../../demo/kits/${name}`, import.meta.url), 'utf8'));

  it.each(['twin-lamp.csv', 'fern-minder.csv'])('%s is read without a doubt', (name) => {
    const { lines, problems } = read(name);
    expect(problems).toEqual([]);
    expect(lines.every(({ confidence }) => confidence === 'sure')).toBe(true);
  });

  it('Twin Lamp holds what a two-transistor flasher needs', () => {
    const parts = read('twin-lamp.csv').lines.map(({ part }) => part);
    const count = (family: string) =>
      parts.filter((p) => p.family === family).reduce((sum, p) => sum + p.quantity, 0);
    expect(count('resistor-axial')).toBe(4);
    expect(count('capacitor-electrolytic')).toBe(2);
    expect(count('transistor-to92')).toBe(2);
    expect(count('led-5mm')).toBe(2);
    expect(
      parts.filter((p) => p.family === 'resistor-axial').map((p) => bandsOf(p).join(' ')),
    ).toEqual(['yellow violet brown gold', 'yellow violet orange gold']);
  });

  it('Fern Minder has five-band resistors, a socket for its chip, and batteries to bring', () => {
    const parts = read('fern-minder.csv').lines.map(({ part }) => part);
    for (const part of parts.filter((p) => p.family === 'resistor-axial'))
      expect(bandsOf(part)).toHaveLength(5);
    expect(parts.find((p) => p.family === 'socket-dip')?.pins).toBe(
      parts.find((p) => p.family === 'ic-dip')?.pins,
    );
    expect(parts.find((p) => p.family === 'round-cell')?.supply).toBe('not-in-kit');
  });
});

describe('what a person said before', () => {
  it('holds for the same words whatever body the list has beside them', () => {
    const table = (body: string) => ({
      headings: ['Ref', 'Part', 'Footprint'],
      rows: [{ line: 2, cells: ['Q1', 'blue thing', body] }],
    });
    const mapping = { designators: 0, description: 1, package: 2 };
    const remembered = { [wordingOf('blue thing', ['Q1'])]: 'transistor-to92' };
    for (const body of ['', 'TO-92_Inline', 'DO-41']) {
      const [line] = readPartsList(table(body), mapping, remembered).lines;
      expect(line).toMatchObject({ confidence: 'told', part: { family: 'transistor-to92' } });
    }
  });
});

describe('a line that names two values', () => {
  it.each([
    ['resistor 220 or 470', 220],
    ['Widerstand 4k7 oder 10k', 4700],
  ])('%s is read as the first, and is no more than a guess', (text, ohm) => {
    const [line] = readList(`Ref,Part\nR1,${text}`).lines;
    expect(line?.part.value).toMatchObject({ amount: ohm });
    expect(line).toMatchObject({ confidence: 'unsure', doubts: ['value'] });
  });

  it('has one where both say the same, or a colon stands behind it', () => {
    const { lines } = readList('Ref,Part\nR1,resistor 4k7 (4700 ohm)\nR2,R 4k7: metal film');
    expect(lines.map(({ part }) => part.value)).toMatchObject([{ amount: 4700 }, { amount: 4700 }]);
    expect(lines[0]?.doubts).toEqual([]);
  });
});
