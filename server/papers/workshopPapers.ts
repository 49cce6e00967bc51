import type { Content } from 'pdfmake/interfaces.js';
import type { SheetSize, WorkshopPaper } from '#contract/papers';
import { seatPagePath } from '#contract/seats';
import { shortDesignators, valueLabel } from '#core/parts/label';
import {
  type BagGroup,
  type BagLine,
  bagList,
  type PackingOrder,
  piecesForBags,
} from '#core/stores/packing';
import { saying } from '#core/words/sayings';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import type { StoredSeatOfWorkshop } from '../workshops/queries.ts';
import { namedTable, whatItIs } from './cells.ts';
import { roomCuttingList } from './cuttingList.ts';
import { faded, makePaper, makePdf, mm, mono, tickBox } from './pdf.ts';
import { partPicture } from './pictures.ts';
import { checklistPaper, seatPlanPaper } from './roomPapers.ts';
import type { BagsToPack, PaperOptions, WorkshopPaperDefinition } from './workshopPaper.ts';

const factsOf = ({ t }: Speaker, bags: BagsToPack, order: PackingOrder): string =>
  t('papers.bags.facts', {
    title: bags.title,
    when: bags.when,
    revision: bags.revision,
    order: t(`papers.order.${order}`),
  });

export const workshopPaperDefinitions: Readonly<Record<WorkshopPaper, WorkshopPaperDefinition>> = {
  'bag-labels': {
    printsAddress: true,
    pdf: labelSheet,
    table: ({ seats, seatAddress, kitName, title }, { speaker }) =>
      tableOf<StoredSeatOfWorkshop>(
        speaker,
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
    pdf: (bags, { size, order, speaker }) =>
      makePaper({
        title: speaker.t('papers.bagList.title', { kit: bags.kitName }),
        facts: factsOf(speaker, bags, order),
        size,
        content: groupTables(speaker, bagList(bags.parts, bags.steps, order), bagColumns(speaker)),
      }),
    table: (bags, options) => groupsTable(bags, options, 1),
  },
  'count-sheet': {
    pdf: (bags, { size, order, speaker }) =>
      makePaper({
        title: speaker.t('papers.countSheet.title', {
          kit: bags.kitName,
          count: bags.seats.length,
        }),
        facts: factsOf(speaker, bags, order),
        size,
        content: groupTables(
          speaker,
          bagList(bags.parts, bags.steps, order),
          countColumns(speaker, bags.seats.length),
        ),
      }),
    table: (bags, options) => groupsTable(bags, options, bags.seats.length),
  },
  'room-cutting-list': roomCuttingList,
  checklist: checklistPaper,
  'seat-plan': seatPlanPaper,
};

interface PaperColumn {
  /** As `papers.head` has it. */
  readonly heading: string;
  readonly width: number | '*';
  readonly cell: (line: BagLine) => Content;
}

const placeColumn: PaperColumn = {
  heading: 'place',
  width: 74,
  cell: ({ part }) => ({ text: shortDesignators(part.designators) || '–', font: mono, bold: true }),
};
const pictureColumn: PaperColumn = {
  heading: 'looksLike',
  width: mm(34),
  cell: ({ part }) => partPicture(part, { widthMm: 32, heightMm: 8 }),
};
const wordsColumn = (speaker: Speaker): PaperColumn => ({
  heading: 'whatItIs',
  width: '*',
  cell: ({ part }) => whatItIs(speaker, part),
});
const tickColumn: PaperColumn = { heading: '', width: 14, cell: () => tickBox() };

const bagColumns = (speaker: Speaker): readonly PaperColumn[] => [
  tickColumn,
  {
    heading: 'pieces',
    width: 40,
    cell: ({ pieces }) => ({ text: String(pieces), font: mono, bold: true, fontSize: 12 }),
  },
  placeColumn,
  pictureColumn,
  wordsColumn(speaker),
];

const countColumns = (speaker: Speaker, bags: number): readonly PaperColumn[] => [
  tickColumn,
  wordsColumn(speaker),
  pictureColumn,
  {
    heading: 'aBag',
    width: 40,
    cell: ({ pieces }) => ({ text: String(pieces), font: mono }),
  },
  {
    heading: 'allBags',
    width: 56,
    cell: (line) => ({ text: String(piecesForBags(line, bags)), font: mono, bold: true }),
  },
  { heading: 'counted', width: 60, cell: () => '' },
];

const groupTables = (
  speaker: Speaker,
  groups: readonly BagGroup[],
  columns: readonly PaperColumn[],
): Content[] =>
  groups.map(({ title, lines }) =>
    namedTable(speaker, {
      name: saying(speaker.t, title),
      heads: columns.map(({ heading }) => heading),
      widths: columns.map(({ width }) => width),
      rows: lines.map((line) => columns.map(({ cell }) => cell(line))),
    }),
  );

function groupsTable(bags: BagsToPack, { order, speaker }: PaperOptions, count: number): Table {
  const rows = bagList(bags.parts, bags.steps, order).flatMap(({ title, lines }) =>
    lines.map((line) => ({ title: saying(speaker.t, title), line })),
  );
  return tableOf(
    speaker,
    [
      { heading: 'group', cell: ({ title }) => title },
      { heading: 'place', cell: ({ line }) => shortDesignators(line.part.designators) },
      { heading: 'kindOfPart', cell: ({ line }) => speaker.t(`family.${line.part.family}.one`) },
      { heading: 'value', cell: ({ line }) => valueLabel(line.part.value) },
      { heading: 'piecesInABag', cell: ({ line }) => line.pieces },
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

function labelSheet(bags: BagsToPack, { size, speaker }: PaperOptions): Promise<Buffer> {
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
            return seat ? label(speaker, bags, seat, sheet) : '';
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

function label(
  { t }: Speaker,
  bags: BagsToPack,
  seat: StoredSeatOfWorkshop,
  { heightMm }: LabelSheet,
): Content {
  const codeMm = heightMm - 2 * paddingMm - 2;
  return {
    columns: [
      {
        width: '*',
        stack: [
          { text: String(seat.number), font: mono, bold: true, fontSize: 34, lineHeight: 0.95 },
          { text: seat.name || ' ', bold: true, fontSize: 15, margin: [0, 0, 0, 4] },
          { text: bags.kitName },
          { text: bags.title, color: faded },
          { text: bags.when, color: faded },
          { text: t('papers.label.scan'), margin: [0, 4, 0, 0] },
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
