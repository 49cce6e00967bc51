import jsQR from 'jsqr';
import type { Response } from 'superagent';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seatPagePath } from '#contract/seats';
import type { Workshop } from '#contract/workshops';
import { bandColours } from '#core/bands/colours';
import { emptyBoard } from '#core/board/board';
import { valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { guessMapping } from '#core/partslist/guessMapping';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { readList } from '#core/partslist/testing/readList';
import { cut, pagesOf, printsIntoEdge, shareOfColour, textOf } from '../testing/pdf.ts';
import { makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let kitId: string;
let workshop: Workshop;

const csv = [
  'Ref,Qty,Part,Value,Tolerance',
  '"R1, R10",2,resistor,470,5%',
  'R2,1,resistor,47k,5%',
  'C1,1,electrolytic 16V,10u,',
  'Q1,1,NPN transistor,2N3904,',
  'D1,1,LED red 5 mm,,',
  ',2,screw,M3 x 8,',
].join('\n');

beforeAll(async () => {
  server = await testServer();
  kitId = await makeKit(server, 'Paper Lamp', csv);
  const { body } = await server.instructor
    .post('/api/workshops')
    .send({
      title: 'Papers evening',
      kitId,
      startsAt: '2026-03-05T18:30:00Z',
      lengthMinutes: 120,
      seats: Array.from({ length: 12 }, (_, index) => ({ name: index === 0 ? 'Tern' : '' })),
    })
    .expect(200);
  workshop = (await server.instructor.get(`/api/workshops/${body.id}`)).body;
});
afterAll(() => server.db.close());

/** The bytes of an answer. */
const bytes = (response: unknown, done: (error: Error | null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  const stream = response as Response & NodeJS.ReadableStream;
  stream.on('data', (chunk: Buffer) => chunks.push(chunk));
  stream.on('end', () => done(null, Buffer.concat(chunks)));
};
const pdfOf = async (path: string): Promise<Buffer> => {
  const { body, type } = await server.instructor.get(path).buffer(true).parse(bytes).expect(200);
  expect(type).toBe('application/pdf');
  return body;
};
const kitPaper = (paper: string) => `/api/kits/${kitId}/papers/${paper}`;
const workshopPaper = (paper: string) => `/api/workshops/${workshop.id}/papers/${paper}`;

describe('the papers', () => {
  it.each(['a4', 'letter'] as const)('stay within the page on %s', async (size) => {
    for (const path of [
      kitPaper('parts-sheet'),
      kitPaper('resistor-card'),
      kitPaper('step-sheets'),
      kitPaper('picture-steps'),
      workshopPaper('bag-list'),
      workshopPaper('count-sheet'),
      workshopPaper('room-cutting-list'),
    ]) {
      const pages = pagesOf(await pdfOf(`${path}.pdf?size=${size}`), 50);
      const [first] = pages;
      // ISO 216 and ANSI: 210 × 297 mm, 8.5 × 11 inch.
      const [width, height] = size === 'a4' ? [210 / 25.4, 297 / 25.4] : [8.5, 11];
      expect(first?.width).toBeCloseTo(width * 50, -1);
      expect(first?.height).toBeCloseTo(height * 50, -1);
      for (const page of pages) expect(printsIntoEdge(page, 0.03)).toBe(false);
    }
  });

  it('the step sheets say what the seat says, with a line for each reading', async () => {
    const text = textOf(await pdfOf(`${kitPaper('step-sheets')}.pdf`)).replaceAll(/\s+/g, ' ');
    for (const words of [
      'Solder the 470 Ω resistors R1, R10',
      'yellow, violet, brown, gold',
      'Easily mixed up: These look like 470 Ω resistors',
      'Check: Measure from supply to ground',
      '__________ Ω',
      '__________ mA',
      'cool running water for 20 minutes',
    ]) {
      expect(text).toContain(words);
    }
  });

  it('the steps in pictures have names, numbers and units, but no words', async () => {
    const text = textOf(await pdfOf(`${kitPaper('picture-steps')}.pdf`)).replaceAll(
      'Paper Lamp',
      '',
    );
    expect(text).toContain('R1, R10');
    expect(text).toContain('> 10 Ω');
    expect(text.match(/\p{Ll}{3,}/gu) ?? []).toEqual([]);
  });

  it('the steps as a table have the reason of each', async () => {
    const { text } = await server.instructor.get(`${kitPaper('step-sheets')}.csv`).expect(200);
    const [head, first] = text.split('\r\n');
    expect(head).toContain('step,what,places,joints,minutes,hold,why');
    expect(first).toMatch(/Solder the 470 Ω resistors,R1 R10,4,.*The lowest parts left come first/);
  });

  it('the parts sheet has a line for every part, with its places and its words', async () => {
    const text = textOf(await pdfOf(`${kitPaper('parts-sheet')}.pdf`));
    for (const words of [
      'R1, R10',
      '470 Ω resistor',
      'yellow, violet, brown, gold',
      '10 µF electrolytic capacitor',
      '16 V',
      '2N3904 transistor',
      'red LED',
      'M3 x 8 screw',
      'Revision 1 · supply 6 V',
    ]) {
      expect(text).toContain(words);
    }
  });

  it('the resistor card goes by places, R2 before R10, with the bands in their true colours', async () => {
    const pdf = await pdfOf(`${kitPaper('resistor-card')}.pdf`);
    const text = textOf(pdf);
    const at = (place: string) => text.search(new RegExp(`^\\s*${place}\\s`, 'm'));
    expect(at('R1')).toBeGreaterThan(0);
    expect(at('R2')).toBeGreaterThan(at('R1'));
    expect(at('R10')).toBeGreaterThan(at('R2'));
    const [page] = pagesOf(pdf, 150);
    if (!page) throw new Error('no page');
    for (const band of ['yellow', 'violet', 'brown', 'orange', 'gold'] as const) {
      expect(shareOfColour(page, bandColours[band].srgb)).toBeGreaterThan(1e-5);
    }
    expect(shareOfColour(page, bandColours.green.srgb)).toBe(0);
  });

  it.each([
    ['a4', 12, 5.9 / 210, 99.1 / 210, 6 / 297, 57 / 297],
    ['letter', 12, 0.25 / 8.5, 4 / 8.5, 0.5 / 11, 2 / 11],
  ] as const)(
    'bag labels on %s: the code of every seat leads to its link',
    async (size, count, left, width, top, height) => {
      const pages = pagesOf(await pdfOf(`${workshopPaper('bag-labels')}.pdf?size=${size}`), 200);
      expect(pages).toHaveLength(2);
      const links = workshop.seats.map(
        ({ token }) => `http://bench.test${seatPagePath(token ?? '')}`,
      );
      const read = Array.from({ length: count }, (_, index) => {
        const page = pages[Math.floor(index / 10)];
        const column = index % 2;
        const row = Math.floor((index % 10) / 2);
        if (!page) throw new Error('no page');
        const label = cut(
          page,
          left + column * width,
          top + row * height,
          left + (column + 1) * width,
          top + (row + 1) * height,
        );
        return jsQR(label.pixels, label.width, label.height)?.data;
      });
      expect(read).toEqual(links);
    },
  );

  it('the count sheet multiplies by the bags, the bag list does not', async () => {
    const sheet = textOf(await pdfOf(`${workshopPaper('count-sheet')}.pdf`));
    expect(sheet).toContain('count sheet for 12 bags');
    expect(sheet).toMatch(/470 Ω resistor.*\s2\s+24/);
    const list = textOf(await pdfOf(`${workshopPaper('bag-list')}.pdf?order=stage`));
    expect(list).toContain('by soldering step');
    expect(list).toMatch(/Step 1\n/);
  });

  it('the wires of a room are those of one kit, each as often as there are seats', async () => {
    const wired = await makeKit(
      server,
      'Wired Lamp',
      'Ref,Qty,Part\nBT1,1,"battery holder 2xAA on wires (red + black, 15 cm)"\nR1,1,470R\n',
    );
    const cable = {
      name: 'Speaker cable',
      mm: 90,
      through: 'the grommet of the lid',
      cores: [
        { colour: 'white', from: 'LS1.1', to: 'J3.1' },
        { colour: 'teal', from: 'LS1.2', to: 'J3.2' },
      ],
    };
    const place = { place: 'BT1', xMm: 6, yMm: 26, rotation: 0, side: 'top' as const };
    const board = { ...emptyBoard(40, 30, 'printed'), cables: [cable], placements: [place] };
    await server.instructor.put(`/api/kits/${wired}/board`).send({ version: 1, board }).expect(200);
    const { body } = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'Wires',
        kitId: wired,
        startsAt: '2026-03-12T18:30:00Z',
        lengthMinutes: 90,
        seats: [{ name: '' }, { name: '' }, { name: '' }],
      })
      .expect(200);
    const paper = `/api/workshops/${body.id}/papers/room-cutting-list`;
    const { text } = await server.instructor.get(`${paper}.csv`).expect(200);
    const rows = text.trim().split('\r\n').slice(1);
    expect(
      rows.slice(0, 2).map((row) => row.match(/^(\d+),BT1,.*"(hole.*)",(red|black),150/)?.slice(1)),
    ).toEqual([
      ['3', 'hole + of BT1, in the upper left', 'red'],
      ['3', 'hole − of BT1, in the upper left', 'black'],
    ]);
    expect(rows.slice(2)).toEqual([
      '3,Speaker cable,cable with 2 cores: white from LS1.1 to J3.1; teal from LS1.2 to J3.2,,,90,first through: the grommet of the lid',
    ]);
    const sheet = textOf(await pdfOf(`${paper}.pdf`));
    expect(sheet).toContain('wires for 3 kits');
    expect(sheet).toContain('red: 3 pieces, 450 mm');
    expect(sheet.replace(/\s+/g, ' ')).toContain('Speaker cable: cable with 2 cores');
  });

  it('everything is also CSV', async () => {
    const csvOf = async (path: string) => (await server.instructor.get(path).expect(200)).text;
    expect(await csvOf(`${kitPaper('parts-sheet')}.csv`)).toContain(
      '"R1, R10",2,resistor,470 Ω,5 %,,yes,"yellow, violet, brown, gold"',
    );
    expect(await csvOf(`${kitPaper('resistor-card')}.csv`)).toMatch(/R1,.*\r\nR2,.*\r\nR10,/);
    expect(await csvOf(`${workshopPaper('bag-labels')}.csv`)).toContain('1,Tern,Paper Lamp');
    expect(await csvOf(`${workshopPaper('count-sheet')}.csv`)).toMatch(
      /Resistors,"R1, R10",resistor,470 Ω,2,12,24/,
    );
  });

  it.each(['en', 'de', 'es'])(
    'the table of the parts in %s is read again as the same parts',
    async (lang) => {
      const { text } = await server.instructor
        .get(`${kitPaper('parts-sheet')}.csv?lang=${lang}`)
        .expect(200);
      const table = readTable(text.replace('\uFEFF', ''));
      if (!table.ok) throw new Error(table.problem.says);
      const { lines, problems } = readPartsList(table.value, guessMapping(table.value));
      const { body } = await server.instructor.get(`/api/kits/${kitId}`).expect(200);
      expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
      expect(
        lines.map(({ part }) => [
          part.designators,
          part.quantity,
          part.family,
          valueLabel(part.value),
        ]),
      ).toEqual(
        body.lines.map(({ part }: { part: Part }) => [
          part.designators,
          part.quantity,
          part.family,
          valueLabel(part.value),
        ]),
      );
    },
  );

  it.each([
    ['de', 'Stückliste', 'Widerstand 470 Ω', 'Elko 10 µF'],
    ['es', 'lista de piezas', 'resistencia de 470 Ω', 'amarillo, violeta, marrón, oro'],
  ])('are in the language asked for: %s', async (lang, ...words) => {
    const text = textOf(await pdfOf(`${kitPaper('parts-sheet')}.pdf?lang=${lang}`));
    for (const one of words) expect(text).toContain(one);
    expect(text).not.toMatch(/\b(Place|Pieces|resistor|capacitor)\b/);
  });

  it('hold twenty-two lines on a page, and each step alone where that is asked for', async () => {
    const many = [
      'Ref,Part,Value',
      ...Array.from({ length: 22 }, (_, index) => `R${index + 1},resistor 1%,${index + 1}k`),
    ].join('\n');
    const id = await makeKit(server, 'Many', many);
    expect(pagesOf(await pdfOf(`/api/kits/${id}/papers/parts-sheet.pdf`), 20)).toHaveLength(1);
    const { text } = await server.instructor.get(`${kitPaper('step-sheets')}.csv`).expect(200);
    const pages = pagesOf(await pdfOf(`${kitPaper('step-sheets')}.pdf?steps=large`), 20);
    expect(pages).toHaveLength(text.trim().split('\r\n').length - 1);
  });

  it('a paper that does not exist is told', async () => {
    await server.instructor.get(kitPaper('poster.pdf')).expect(404);
    await server.instructor.get('/api/kits/none/papers/parts-sheet.pdf').expect(404);
    await server.instructor.get(workshopPaper('bag-list.docx')).expect(404);
  });
});

describe('the buying list', () => {
  it('has a table for each supplier with what it costs, as PDF and CSV', async () => {
    const post = async (path: string, body: object) =>
      (await server.instructor.post(path).send(body).expect(200)).body.id as string;
    const supplierId = await post('/api/stores/suppliers', {
      name: 'Pier Parts',
      deliveryCents: 490,
      days: 3,
    });
    const itemId = await post('/api/stores/items', {
      part: { family: 'led-5mm', value: { kind: 'colour', colour: 'red' } },
      location: '',
      minimum: 0,
    });
    await server.instructor
      .put(`/api/stores/items/${itemId}/offers`)
      .send({
        version: 1,
        offers: [{ supplierId, packSize: 25, breaks: [{ fromPacks: 1, packCents: 310 }] }],
      })
      .expect(200);
    const { items } = (await server.instructor.get('/api/stores')).body;
    const offerId = items[0].offers[0].id;
    const list = textOf(await pdfOf(`/api/stores/buying-list.pdf?buy=${offerId}:3`));
    expect(list).toContain('Pier Parts');
    expect(list).toMatch(/red LED\s+3\s+25\s+9\.30/);
    expect(list).toContain('14.20 in all');
    const { text } = await server.instructor.get(`/api/stores/buying-list.csv?buy=${offerId}:3`);
    expect(text).toContain('Pier Parts,red LED,3,25,9.30,3');
  });
});

describe('a list to fill in', () => {
  it.each(['en', 'de', 'es'])('is read again as it stands, without a doubt: %s', async (lang) => {
    const { text } = await server.instructor
      .get(`/api/lists/template.csv?lang=${lang}`)
      .expect(200);
    const { lines, problems } = readList(text.replace(/^\uFEFF/, ''));
    expect(problems).toEqual([]);
    expect(lines.filter(({ doubts }) => doubts.length > 0)).toEqual([]);
    expect(lines.map(({ part }) => part.designators.join())).toEqual([
      'R1,R2,R3,R4',
      'C1',
      'C2',
      'D1,D2',
      'Q1',
      'IC1',
    ]);
    await server.instructor.get(`/api/lists/template.xlsx?lang=${lang}`).expect(200);
    await server.instructor.get('/api/lists/template.doc').expect(404);
  });
});
