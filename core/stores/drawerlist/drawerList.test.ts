import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { mappingOf } from '../../partslist/guessMapping.ts';
import { plainLinesAsCsv } from '../../partslist/plainLines.ts';
import { tableOf } from '../../partslist/testing/readList.ts';
import { readBreaks } from '../offers.ts';
import { stockKey } from '../stockPart.ts';
import { drawerColumns } from './columns.ts';
import { matchDrawers } from './matchDrawers.ts';
import { readDrawers } from './readDrawers.ts';

// The lists are made up; what kinds of parts their words name is common practice.

const read = (csv: string) => {
  const table = tableOf(csv);
  return readDrawers(table, mappingOf(table, drawerColumns));
};
const ohms = (amount: number) => ({
  family: 'resistor-axial' as const,
  value: { kind: 'amount' as const, unit: 'ohm' as const, amount },
});

describe('a list of drawers', () => {
  it.each([
    ['Part,Value,Drawer,Stock,Min\nResistor,4k7,A3,"1,200",100'],
    ['Bauteil;Wert;Lagerort;Bestand;Mindestbestand\nWiderstand;4k7;A3;1.200;100'],
    ['Pieza\tValor\tCajón\tExistencias\tMínimo\nResistencia\t4k7\tA3\t1200\t100'],
  ])('is read in the language that it has: %s', (csv) => {
    const { drawers, problems } = read(csv);
    expect(problems).toEqual([]);
    expect(drawers).toMatchObject([
      { part: ohms(4700), location: 'A3', pieces: 1200, minimum: 100, offers: [] },
    ]);
  });

  it.each([
    ['Nombre,Caja,Cant.\nDiodo 1N4007,12,80\nCondensador cerámico 22 pF,7,150', [80, 150]],
    ['what,where,how many\nresistor 220,tin 1,61\nNE555,tin 2,7', [61, 7]],
    ['Bin,Component,Count\n1,LED green 3mm,88\n2,LED white 5mm,14\n3,LDR,9', [88, 14, 9]],
    // Codes of a shop are no values, while numbers of types are.
    [
      'Part number,Description,Bin,Count\nCF14-470R,Resistor 470R,A1,122\nTR-337-25,BC337,A2,31\nEC-100-16,Elko 100uF 16V,A3,18',
      [122, 31, 18],
    ],
    ['Part number,Estante,Cant.\n1N4148,E1,80\nNE555,E2,12\nBC547B,E3,40', [80, 12, 40]],
  ])('takes figures for pieces, never for values: %s', (csv, pieces) => {
    const { drawers } = read(csv);
    expect(drawers.map((one) => one.pieces)).toEqual(pieces);
    expect(drawers.every(({ location }) => location !== '')).toBe(true);
  });

  it('is lines as people write them, with how many there are behind a colon', () => {
    const { drawers, problems } = read(plainLinesAsCsv('LED red 5 mm: 40\n4k7: 120\nBC547: 60'));
    expect(problems).toEqual([]);
    expect(drawers.map(({ pieces }) => pieces)).toEqual([40, 120, 60]);
    expect(drawers[1]?.part).toMatchObject(ohms(4700));
  });

  it('keeps open what it does not say', () => {
    const [drawer] = read('What,Drawer\nLED red 5 mm,B1').drawers;
    expect(drawer).toMatchObject({ part: { family: 'led-5mm' }, location: 'B1' });
    expect(drawer).not.toHaveProperty('pieces');
    expect(drawer).not.toHaveProperty('minimum');
  });

  it('makes one drawer of the lines of one part in one place, with every offer', () => {
    const { drawers } = read(
      'Part,Value,Drawer,Stock,Supplier,Pack size,Price\n' +
        'Resistor,10k,A1,40,Quay Parts,100,2.50\n' +
        'Resistor,10 kOhm,A1,40,Harbour Shop,10,"0,40 €"\n' +
        'Resistor,10k,A2,7,,,',
    );
    expect(drawers.map(({ location, pieces, offers }) => [location, pieces, offers])).toEqual([
      [
        'A1',
        40,
        [
          { supplier: 'Quay Parts', packSize: 100, breaks: [{ fromPacks: 1, packCents: 250 }] },
          { supplier: 'Harbour Shop', packSize: 10, breaks: [{ fromPacks: 1, packCents: 40 }] },
        ],
      ],
      ['A2', 7, []],
    ]);
  });

  it.each([
    ['Part,Value,Stock\nResistor,10k,many', 'lists.drawers.noCount'],
    ['Part,Value,Stock\nResistor,10k,-4', 'lists.drawers.noCount'],
    ['Part,Value,Stock\nResistor,10k,2.5', 'lists.drawers.noCount'],
    ['Part,Value,Supplier,Price\nResistor,10k,Quay,cheap', 'lists.drawers.noMoney'],
    [`Part,Value,Drawer\nResistor,10k,${'A'.repeat(61)}`, 'lists.drawers.tooLong'],
    ['Part,Value,Drawer,Stock\nResistor,10k,A,4\nResistor,10k,A,5', 'lists.drawers.countedTwice'],
    ['Drawer,Stock\nA1,4', 'lists.list.noColumnSaysWhatThePartsAre'],
  ])('says what is wrong: %s', (csv, says) => {
    expect(read(csv).problems).toMatchObject([{ severity: 'error', message: { says } }]);
  });

  it('warns of a price that nobody asks, and takes the rest of the row', () => {
    const { drawers, problems } = read('Part,Value,Supplier,Price\nResistor,10k,,2.50');
    expect(problems).toMatchObject([
      { severity: 'warning', message: { says: 'lists.drawers.noSupplier' } },
    ]);
    expect(drawers).toHaveLength(1);
  });

  it('never fails, and never loses a row without a word', () => {
    const cell = fc.oneof(
      fc.constantFrom('Resistor', '10k', 'A1', '12', '1,200', 'LED', '-', '', 'x', '2.50'),
      fc.string({ maxLength: 12 }),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell, cell, cell), { minLength: 1, maxLength: 8 }),
        (rows) => {
          const csv = Papa.unparse([['Part', 'Value', 'Drawer', 'Stock'], ...rows]);
          const table = tableOfOrNothing(csv);
          if (!table) return;
          const mapping = { description: 0, value: 1, location: 2, onHand: 3 };
          const { drawers, problems } = readDrawers(table, mapping);
          const known = new Set(
            drawers.map(({ part, location }) => `${stockKey(part)}|${location}`),
          );
          const told = new Set(problems.map(({ line }) => line));
          for (const row of table.rows) {
            const [own] = readDrawers({ ...table, rows: [row] }, mapping).drawers;
            const isThere = own && known.has(`${stockKey(own.part)}|${own.location}`);
            expect(isThere || told.has(row.line), row.cells.join('|')).toBe(true);
          }
        },
      ),
    );
  });
});

const tableOfOrNothing = (csv: string) => {
  try {
    return tableOf(csv);
  } catch {
    return undefined;
  }
};

describe('prices', () => {
  it.each([
    ['2.50', [[1, 250]]],
    ['2,5', [[1, 250]]],
    ['EUR 12', [[1, 1200]]],
    [
      '1: 2.50; 10: 2.20',
      [
        [1, 250],
        [10, 220],
      ],
    ],
  ] as const)('%s', (cell, breaks) => {
    expect(readBreaks(cell)?.map(({ fromPacks, packCents }) => [fromPacks, packCents])).toEqual(
      breaks,
    );
  });

  it.each(['', 'free', 'x: 2.20', '1: 2; 1.5: 3', '2.505'])('%s is none', (cell) => {
    expect(readBreaks(cell)).toBeUndefined();
  });
});

describe('the drawers that a list speaks of', () => {
  const there = (id: string, amount: number, location: string) => ({
    id,
    part: ohms(amount),
    location,
    level: 0,
    minimum: 0,
  });
  const idsFor = (csv: string, ...drawers: readonly ReturnType<typeof there>[]) =>
    matchDrawers(read(csv).drawers, drawers).map((one) => one.there?.id);

  it('are those with the same part in the same place, then the only one with the part', () => {
    const csv = 'Part,Value,Drawer\nResistor,10k,b2\nResistor,1k,\nResistor,470,A1';
    expect(
      idsFor(csv, there('a', 10_000, 'B1'), there('b', 10_000, 'B2'), there('c', 1000, 'A9')),
    ).toEqual(['b', 'c', undefined]);
  });

  it('are new where several could be meant', () => {
    expect(
      idsFor(
        'Part,Value,Drawer\nResistor,10k,C7',
        there('a', 10_000, 'B1'),
        there('b', 10_000, 'B2'),
      ),
    ).toEqual([undefined]);
  });

  it('are each spoken of once', () => {
    const csv = 'Part,Value,Drawer\nResistor,10k,A1\nResistor,10k,A2';
    expect(idsFor(csv, there('a', 10_000, 'A2'))).toEqual([undefined, 'a']);
  });
});
