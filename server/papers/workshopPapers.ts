import type { Content } from 'pdfmake/interfaces.js';
import type { SheetSize, WorkshopPaper } from '#contract/papers';
import { seatPagePath } from '#contract/seats';
import { familyOf } from '#core/parts/families/index';
import { shortDesignators, valueLabel } from '#core/parts/label';
import {
  type BagGroup,
  type BagLine,
  bagList,
  type PackingOrder,
  piecesForBags,
} from '#core/stores/packing';
import { csvOf } from '../http/csv.ts';
import type { StoredSeatOfWorkshop } from '../workshops/queries.ts';
import { headCell, whatItIs } from './cells.ts';
import { makePaper, makePdf, mm, mono, ruled, tickBox } from './pdf.ts';
import { partPicture } from './pictures.ts';
import { checklistPaper, seatPlanPaper } from './roomPapers.ts';
import type { BagsToPack, PaperOptions, WorkshopPaperDefinition } from './workshopPaper.ts';

const orderWords: Readonly<Record<PackingOrder, string>> = {
  kind: 'by kind of part',
  stage: 'by soldering step',
  place: 'by place on the board',
};

export const workshopPaperDefinitions: Readonly<Record<WorkshopPaper, WorkshopPaperDefinition>> = {
  'bag-labels': {
    title: 'Bag labels',
    printsAddress: true,
    pdf: labelSheet,
    csv: ({ seats, seatAddress, kitName, title }) =>
      csvOf<StoredSeatOfWorkshop>(
        [
          { heading: 'seat', cell: ({ number }) => number },
          { heading: 'name', cell: ({ name }) => name },
          { heading: 'kit', cell: () => kitName },
          { heading: 'workshop', cell: () => title },
          { heading: 'link', cell: ({ token }) => seatAddress + seatPagePath(token) },
        ],
        seats,
      ),
  },
  'bag-list': {
    title: 'Bag list',
    pdf: (bags, { size, order }) =>
      makePaper({
        title: `${bags.kitName}: what goes into each bag`,
        facts: `${bags.title}, ${bags.when} · revision ${bags.revision} · ${orderWords[order]}`,
        size,
        content: groupTables(bagList(bags.parts, bags.steps, order), bagColumns),
      }),
    csv: (bags, { order }) => groupsCsv(bags, order, 1),
  },
  'count-sheet': {
    title: 'Count sheet',
    pdf: (bags, { size, order }) =>
      makePaper({
        title: `${bags.kitName}: count sheet for ${bags.seats.length} bags`,
        facts: `${bags.title}, ${bags.when} · revision ${bags.revision} · ${orderWords[order]}`,
        size,
        content: groupTables(
          bagList(bags.parts, bags.steps, order),
          countColumns(bags.seats.length),
        ),
      }),
    csv: (bags, { order }) => groupsCsv(bags, order, bags.seats.length),
  },
  checklist: checklistPaper,
  'seat-plan': seatPlanPaper,
};

interface PaperColumn {
  readonly heading: string;
  readonly width: number | '*';
  readonly cell: (line: BagLine) => Content;
}

const placeColumn: PaperColumn = {
  heading: 'Place',
  width: 74,
  cell: ({ part }) => ({ text: shortDesignators(part.designators) || '–', font: mono, bold: true }),
};
const pictureColumn: PaperColumn = {
  heading: 'Looks like',
  width: mm(34),
  cell: ({ part }) => partPicture(part, { widthMm: 32, heightMm: 12 }),
};
const wordsColumn: PaperColumn = {
  heading: 'What it is',
  width: '*',
  cell: ({ part }) => whatItIs(part),
};
const tickColumn: PaperColumn = { heading: '', width: 14, cell: () => tickBox() };

const bagColumns: readonly PaperColumn[] = [
  tickColumn,
  {
    heading: 'Pieces',
    width: 36,
    cell: ({ pieces }) => ({ text: String(pieces), font: mono, bold: true, fontSize: 12 }),
  },
  placeColumn,
  pictureColumn,
  wordsColumn,
];

const countColumns = (bags: number): readonly PaperColumn[] => [
  tickColumn,
  wordsColumn,
  pictureColumn,
  {
    heading: 'A bag',
    width: 36,
    cell: ({ pieces }) => ({ text: String(pieces), font: mono }),
  },
  {
    heading: 'All bags',
    width: 48,
    cell: (line) => ({ text: String(piecesForBags(line, bags)), font: mono, bold: true }),
  },
  { heading: 'Counted', width: 60, cell: () => '' },
];

/** Groups of so many lines stay on one page, heading and all. */
const keptTogether = 8;

function groupTables(groups: readonly BagGroup[], columns: readonly PaperColumn[]): Content[] {
  return groups.map(
    ({ title, lines }): Content => ({
      unbreakable: lines.length <= keptTogether,
      stack: [
        { text: title, bold: true, fontSize: 12, margin: [0, 8, 0, 3] },
        {
          layout: ruled,
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: columns.map(({ width }) => width),
            body: [
              columns.map(({ heading }) => headCell(heading)),
              ...lines.map((line) => columns.map(({ cell }) => cell(line))),
            ],
          },
        },
      ],
    }),
  );
}

function groupsCsv(bags: BagsToPack, order: PackingOrder, count: number): string {
  const rows = bagList(bags.parts, bags.steps, order).flatMap(({ title, lines }) =>
    lines.map((line) => ({ title, line })),
  );
  return csvOf(
    [
      { heading: 'group', cell: ({ title }) => title },
      { heading: 'place', cell: ({ line }) => shortDesignators(line.part.designators) },
      { heading: 'kind of part', cell: ({ line }) => familyOf(line.part).words.one },
      { heading: 'value', cell: ({ line }) => valueLabel(line.part.value) },
      { heading: 'pieces in a bag', cell: ({ line }) => line.pieces },
      { heading: 'bags', cell: () => count },
      { heading: 'pieces', cell: ({ line }) => piecesForBags(line, count) },
    ],
    rows,
  );
}

interface LabelSheet {
  readonly page: 'A4' | 'LETTER';
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly leftMm: number;
  readonly topMm: number;
}

// Two across and five down: 99.1 x 57 mm on A4, 4 x 2 inch on Letter, the usual sheets of address labels (from memory).
const labelSheets: Readonly<Record<SheetSize, LabelSheet>> = {
  a4: {
    page: 'A4',
    columns: 2,
    rows: 5,
    widthMm: 99.1,
    heightMm: 57,
    leftMm: 5.9,
    topMm: 6,
  },
  letter: {
    page: 'LETTER',
    columns: 2,
    rows: 5,
    widthMm: 101.6,
    heightMm: 50.8,
    leftMm: 6.35,
    topMm: 12.7,
  },
};

/** Room inside a label, so that a cut a little beside the line takes nothing away. */
const paddingMm = 4;

function labelSheet(bags: BagsToPack, { size }: PaperOptions): Promise<Buffer> {
  const sheet = labelSheets[size];
  const perPage = sheet.columns * sheet.rows;
  const pages = Math.max(1, Math.ceil(bags.seats.length / perPage));
  const content: Content[] = Array.from({ length: pages }, (_, page) => {
    const seats = bags.seats.slice(page * perPage, (page + 1) * perPage);
    const rows = Math.ceil(seats.length / sheet.columns);
    return {
      pageBreak: page === 0 ? undefined : 'before',
      layout: {
        hLineWidth: () => 0.2,
        vLineWidth: () => 0.2,
        hLineColor: () => '#c9bda8',
        vLineColor: () => '#c9bda8',
        paddingLeft: () => mm(paddingMm),
        paddingRight: () => mm(paddingMm),
        paddingTop: () => mm(paddingMm),
        paddingBottom: () => 0,
      },
      table: {
        widths: Array.from(
          { length: sheet.columns },
          () => mm(sheet.widthMm - 2 * paddingMm) - 0.2,
        ),
        heights: mm(sheet.heightMm - paddingMm) - 0.2,
        dontBreakRows: true,
        body: Array.from({ length: rows }, (_row, row) =>
          Array.from({ length: sheet.columns }, (_column, column) => {
            const seat = seats[row * sheet.columns + column];
            return seat ? label(bags, seat, sheet) : '';
          }),
        ),
      },
    } as Content;
  });
  return makePdf({
    pageSize: sheet.page,
    pageMargins: [mm(sheet.leftMm), mm(sheet.topMm), mm(sheet.leftMm), 0],
    content,
  });
}

function label(bags: BagsToPack, seat: StoredSeatOfWorkshop, { heightMm }: LabelSheet): Content {
  const codeMm = heightMm - 2 * paddingMm - 2;
  return {
    columns: [
      {
        width: '*',
        stack: [
          { text: String(seat.number), font: mono, bold: true, fontSize: 34, lineHeight: 0.95 },
          { text: seat.name || ' ', bold: true, fontSize: 15, margin: [0, 0, 0, 4] },
          { text: bags.kitName, fontSize: 10 },
          { text: bags.title, fontSize: 8.5, color: '#62564a' },
          { text: bags.when, fontSize: 8.5, color: '#62564a' },
          { text: 'Scan the code to open your seat.', fontSize: 8.5, margin: [0, 4, 0, 0] },
        ],
      },
      {
        width: mm(codeMm),
        qr: bags.seatAddress + seatPagePath(seat.token),
        eccLevel: 'M',
        fit: mm(codeMm),
        alignment: 'right',
      },
    ],
  };
}
