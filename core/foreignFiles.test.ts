import { createRequire } from 'node:module';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import pdfmake from 'pdfmake';
import { beforeAll, describe, expect, it } from 'vitest';
import * as XLSX from 'xlsx';
import { readPadList } from './board/padlist/readPadList.ts';
import { partsByPlace } from './board/pads.ts';
import { readPlacementList } from './board/placementList.ts';
import { readElements } from './circuit/models/said/readElements.ts';
import { readNetText } from './circuit/netText.ts';
import { netsOfSpice } from './circuit/spicefile/netsOfSpice.ts';
import { readSpice } from './circuit/spicefile/readSpice.ts';
import { readHoles } from './housing/holesText.ts';
import { packKitFile } from './kitfile/kitFile.ts';
import { line, ohm } from './order/testing/kits.ts';
import { type Engines, openFile } from './partslist/files/openFile.ts';
import { pdfWords } from './partslist/files/pdfWords.ts';
import { guessMapping, mappingOf } from './partslist/guessMapping.ts';
import { readPartsList } from './partslist/readPartsList.ts';
import { readTable } from './partslist/readTable.ts';
import { drawerColumns } from './stores/drawerlist/columns.ts';
import { readDrawers } from './stores/drawerlist/readDrawers.ts';
import { cases } from './testing/cases.ts';
import { readCores } from './wiring/coresText.ts';

// Whatever is brought from elsewhere is read or told to be wrong: no reader throws, whatever became of a file on its way.
// Backups and Gerber layers have theirs beside their readers on the server.

/** A file of bytes or a text, by its pieces. */
interface Pieces<Whole> {
  readonly length: number;
  slice(from: number, to?: number): Whole;
}

/** What happens to a file on its way, at a place in it: before, and what is left of it from there on. */
const deeds = {
  change: <Whole extends Pieces<Whole>>(after: Whole, code: Whole): Whole[] => [
    code,
    after.slice(1),
  ],
  lose: <Whole extends Pieces<Whole>>(after: Whole, _: Whole, length: number) => [
    after.slice(length),
  ],
  double: <Whole extends Pieces<Whole>>(after: Whole, _: Whole, length: number) => [
    after.slice(0, length),
    after,
  ],
  cut: () => [],
} as const;

const damage = fc.array(
  fc.record({
    deed: fc.constantFrom(...(Object.keys(deeds) as (keyof typeof deeds)[])),
    at: fc.nat(),
    code: fc.nat(255),
    length: fc.nat(40),
  }),
  { minLength: 1, maxLength: 6 },
);
type Damage = typeof damage extends fc.Arbitrary<infer One> ? One : never;

const damaged = <Whole extends Pieces<Whole>>(
  whole: Whole,
  done: Damage,
  join: (...pieces: Whole[]) => Whole,
  of: (code: number) => Whole,
): Whole =>
  done.reduce((left, { deed, at, code, length }) => {
    const place = left.length === 0 ? 0 : at % left.length;
    return join(left.slice(0, place), ...deeds[deed](left.slice(place), of(code), length));
  }, whole);

const damagedText = (text: string, done: Damage) =>
  damaged<string>(text, done, (...pieces) => pieces.join(''), String.fromCharCode);
const damagedBytes = (bytes: Uint8Array, done: Damage) =>
  damaged<Uint8Array>(
    bytes,
    done,
    (...pieces) => new Uint8Array(pieces.flatMap((piece) => [...piece])),
    (code) => Uint8Array.of(code),
  );

const list = `Pos;Stk;Bauteil;Wert
R1, R2;2;Widerstand;4k7 1%
C1;1;Elko;10µF 25V
D1-D3;3;LED rot 5mm;
U1;1;NE555 DIP-8;`;

const tableIn = (text: string) => {
  const table = readTable(text);
  return table.ok ? table.value : undefined;
};

const lamp = partsByPlace([line('resistor-axial', 'R1', ohm(470))]);
const pinsOf = (place: string) => (/^R\d$/.test(place) ? ['1', '2'] : undefined);

/** Of each reader of text: a file that it reads whole, and how much of it is read then. */
const texts: readonly [name: string, sample: string, read: (text: string) => number][] = [
  [
    'a parts list',
    list,
    (text) => {
      const table = tableIn(text);
      return table ? readPartsList(table, guessMapping(table)).lines.length : 0;
    },
  ],
  [
    'a list of drawers',
    'Part,Value,Drawer,Pieces,Supplier,Price\nresistor,4k7,A1,200,Quay Parts,0.02\nLED red 5 mm,,B2,40,,',
    (text) => {
      const table = tableIn(text);
      return table ? readDrawers(table, mappingOf(table, drawerColumns)).drawers.length : 0;
    },
  ],
  [
    'a pad list (IPC-D-356A)',
    'P  UNITS CUST 1\n317GND              R1    -1    D0800PA00X+025400Y-012700X1900Y0000R000\n017                                                      X0700Y0500\n999',
    (text) => readPadList(text).pads.length,
  ],
  [
    'positions of parts',
    'Designator,X (mm),Y (mm),Rotation,Side\nR1,10.16,12.7,90,top\nC1,1.2in,30,0,bottom',
    (text) => {
      const read = readPlacementList(text);
      return read.ok ? read.value.placements.length : 0;
    },
  ],
  [
    'a SPICE netlist',
    '* lamp\nV1 VCC 0 9\nR1 VCC N1 470\nD1 N1 0 LED\n.model LED D(Is=1e-20 N=1.8)\n.end',
    (text) => {
      const read = readSpice(text);
      return netsOfSpice(read, lamp).nets.length;
    },
  ],
  [
    'elements of a model',
    'R1 1 2 10k\n.model X D(Is=1e-14)\nD1 2 3 X',
    (text) => {
      const read = readElements(text);
      return 'lines' in read ? read.lines.length : 0;
    },
  ],
  [
    'nets in words',
    'VCC: R1.1, R2.1\nOUT: R1.2 R3.1\nGND: R2.2; R3.2',
    (text) => {
      const read = readNetText(text, pinsOf);
      return read.ok ? read.value.length : 0;
    },
  ],
  [
    'cores of a cable',
    'red, BT1 +, J1.1\nblack, BT1 -, J1.2',
    (text) => {
      const read = readCores(text);
      return read.ok ? read.value.length : 0;
    },
  ],
  [
    'holes of a panel',
    '20 15 3.2 LED\n40, 15, 6,5 potentiometer',
    (text) => {
      const read = readHoles(text);
      return read.ok ? read.value.length : 0;
    },
  ],
];

describe('a text from elsewhere', () => {
  it.each(texts)('is read or told to be wrong, whatever happened to it: %s', (_, sample, read) => {
    expect(read(sample)).toBeGreaterThan(0);
    fc.assert(
      fc.property(damage, (done) => {
        expect(read(damagedText(sample, done))).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: cases(3000) },
    );
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (any) => {
        expect(read(any)).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: cases(2000) },
    );
  });
});

const engines: Engines = {
  openPdf: async (bytes) =>
    pdfWords(await getDocument({ data: bytes.slice(), verbosity: 0 }).promise),
  drawPdf: async () => [],
};

const font = createRequire(import.meta.url).resolve('dejavu-fonts-ttf/ttf/DejaVuSans.ttf');
const rows = list.split('\n').map((line) => line.split(';'));
const book = (bookType: 'xlsx' | 'ods') => {
  const made = XLSX.utils.book_new();
  XLSX.utils.book_append_sheet(made, XLSX.utils.aoa_to_sheet(rows), 'Parts');
  return new Uint8Array(XLSX.write(made, { type: 'array', bookType }) as ArrayBuffer);
};

describe('a file from elsewhere', () => {
  const files: Record<string, Uint8Array> = {};
  beforeAll(async () => {
    files.csv = strToU8(list);
    files.xlsx = book('xlsx');
    files.ods = book('ods');
    files.kit = packKitFile(
      { format: 'ozzet-kit', backdrop: { image: 'data:image/png;base64,iVBORw0KGgo=' } },
      { 'parts.csv': list },
    );
    files.zip = zipSync({ 'letter.txt': strToU8('Dear all') });
    pdfmake.setUrlAccessPolicy(() => false);
    pdfmake.setLocalAccessPolicy((path) => path === font);
    pdfmake.setFonts({ Face: { normal: font } });
    const table = { body: rows.map((row) => row.map((text) => text)) };
    const made = pdfmake.createPdf({ content: [{ table }], defaultStyle: { font: 'Face' } });
    files.pdf = new Uint8Array(await made.getBuffer());
  });

  it.each([
    ['csv', 'table'],
    ['xlsx', 'book'],
    ['ods', 'book'],
    ['kit', 'kit'],
    ['pdf', 'table'],
    ['zip', undefined],
  ])('is opened or told to be wrong, whatever happened to it: %s', async (kind, as) => {
    const whole = files[kind] ?? new Uint8Array();
    const read = await openFile(whole, 'utf-8', engines);
    expect(read.ok ? read.value.kind : undefined).toBe(as);
    await fc.assert(
      fc.asyncProperty(damage, async (done) => {
        const opened = await openFile(damagedBytes(whole, done), 'utf-8', engines);
        expect(opened.ok ? opened.value.kind : opened.problem.message.says).toBeTruthy();
      }),
      { numRuns: cases(500) },
    );
  });

  it('is opened or told to be wrong, whatever it is', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 600 }), async (bytes) => {
        const opened = await openFile(bytes, 'utf-8', engines);
        expect(opened.ok ? opened.value.kind : opened.problem.message.says).toBeTruthy();
      }),
      { numRuns: cases(3000) },
    );
  });
});
