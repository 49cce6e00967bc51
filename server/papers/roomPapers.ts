import type { Content, TableCell } from 'pdfmake/interfaces.js';
import type { ChecklistSign, Seat } from '#contract/workshops';
import { type RoomCell, rowsOf } from '#core/pace/seating/roomPlan';
import { type ChecklistItem, checklistOf } from '#core/safety/checklist';
import { timeInWords } from '../clock/siteTime.ts';
import { tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells, namedTable } from './cells.ts';
import { faded, makePaper, mm, mono, ruled, tickBox, ticked } from './pdf.ts';
import type { BagsToPack, WorkshopPaperDefinition } from './workshopPaper.ts';

const groups: readonly ChecklistItem['group'][] = ['room', 'bench', 'people', 'kit'];

const signOf = ({ signs }: BagsToPack, item: string) => signs.find((sign) => sign.item === item);

const timeOf = ({ locale }: Speaker, at: string) => timeInWords(locale, at, { timeStyle: 'short' });

function checklistRow(speaker: Speaker, id: string, sign: ChecklistSign | undefined): TableCell[] {
  return [
    sign ? ticked() : tickBox(),
    {
      stack: [
        { text: speaker.t(`checklist.${id}.says`) },
        { text: speaker.t(`checklist.${id}.why`), color: faded },
      ],
    },
    sign ? `${sign.by}, ${timeOf(speaker, sign.at)}` : '',
  ];
}

/** The room's checklist: with who signed what, and lines to sign by hand. */
export const checklistPaper: WorkshopPaperDefinition = {
  pdf: (bags, { size, speaker }) =>
    makePaper({
      title: speaker.t('papers.checklist.title'),
      facts: `${bags.title}, ${bags.when} · ${bags.kitName}`,
      size,
      content: [
        ...groups.flatMap((group): Content[] => {
          const items = checklistOf(bags).filter((item) => item.group === group);
          if (items.length === 0) return [];
          return [
            namedTable(speaker, {
              name: speaker.t(`papers.checklist.group.${group}`),
              heads: ['', 'lookAt', 'seenByAt'],
              widths: [14, '*', mm(46)],
              rows: items.map(({ id }) => checklistRow(speaker, id, signOf(bags, id))),
            }),
          ];
        }),
        {
          text: speaker.t('papers.checklist.usual'),
          margin: [0, 10, 0, 0],
        },
      ],
    }),
  table: (bags, { speaker }) =>
    tableOf<ChecklistItem>(
      speaker,
      [
        { heading: 'about', cell: ({ group }) => speaker.t(`papers.checklist.group.${group}`) },
        { heading: 'lookAt', cell: ({ id }) => speaker.t(`checklist.${id}.says`) },
        { heading: 'seenBy', cell: ({ id }) => signOf(bags, id)?.by ?? '' },
        { heading: 'at', cell: ({ id }) => signOf(bags, id)?.at ?? '' },
      ],
      checklistOf(bags),
    ),
};

/** Who sits where and beside whom, to hang at the door: what somebody can or cannot is nobody’s business there. */
export const seatPlanPaper: WorkshopPaperDefinition = {
  pdf: (bags, { size, speaker }) =>
    makePaper({
      title: speaker.t('papers.seatPlan.title', { title: bags.title }),
      facts: `${bags.when} · ${bags.kitName}`,
      size,
      content: [
        roomDrawing(bags, speaker),
        {
          layout: ruled,
          margin: [0, 14, 0, 0],
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [mm(18), '*', mm(70)],
            body: [
              headCells(speaker, 'seat', 'name', 'beside'),
              ...besideEachOther(bags.seats).map((seat) => [
                { text: String(seat.number), font: mono, bold: true, fontSize: 16 },
                {
                  text: seat.name || ' ',
                  fontSize: 14,
                  margin: [0, 2, 0, 2] as [number, number, number, number],
                },
                besideWhom(bags.seats, seat),
              ]),
            ],
          },
        },
      ],
    }),
  table: ({ seats }, { speaker }) =>
    tableOf<Seat>(
      speaker,
      [
        { heading: 'seat', cell: ({ number }) => number },
        { heading: 'name', cell: ({ name }) => name },
        { heading: 'beside', cell: ({ partner }) => partner ?? '' },
        { heading: 'experience', cell: ({ experience }) => speaker.t(`experience.${experience}`) },
      ],
      seats,
    ),
};

function besideWhom(seats: readonly Seat[], { partner }: Seat): string {
  const other = seats.find(({ number }) => number === partner);
  return other ? `${other.number} ${other.name}` : '';
}

/** Partners one below the other, in the order of the lower number of each pair. */
const besideEachOther = (seats: readonly Seat[]): Seat[] =>
  [...seats].sort((a, b) => pairNumber(a) - pairNumber(b) || a.number - b.number);

const pairNumber = ({ number, partner }: Seat): number => Math.min(number, partner ?? number);

/** The room from above, the front at the top: who sits where, and what everybody shares. */
function roomDrawing({ room, seats }: BagsToPack, { t }: Speaker): Content {
  const seatOf = new Map(seats.map((seat) => [seat.id, seat]));
  const words = (cell: RoomCell): TableCell => {
    if (!cell) return { text: ' ', border: [false, false, false, false] };
    if (cell.kind === 'thing') {
      return { text: cell.thing, italics: true, alignment: 'center', fillColor: shade };
    }
    const seat = seatOf.get(cell.seat);
    return {
      stack: [
        { text: String(seat?.number ?? ''), font: mono, bold: true, fontSize: 16 },
        { text: seat?.name || ' ' },
      ],
      alignment: 'center',
    };
  };
  return {
    stack: [
      { text: t('papers.seatPlan.front'), alignment: 'center', color: faded, margin: [0, 0, 0, 4] },
      {
        table: {
          widths: Array.from({ length: room.columns }, () => '*'),
          dontBreakRows: true,
          body: rowsOf(room).map((row) => row.map(words)),
        },
      },
    ],
  };
}

const shade = '#f0eadd';
