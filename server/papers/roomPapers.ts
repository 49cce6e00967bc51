import type { Content } from 'pdfmake/interfaces.js';
import type { Seat } from '#contract/workshops';
import { experienceWords } from '#core/pace/experience';
import { type ChecklistItem, checklistOf } from '#core/safety/checklist';
import { csvOf } from '../http/csv.ts';
import { headCell } from './cells.ts';
import { makePaper, mm, mono, ruled, tickBox } from './pdf.ts';
import type { BagsToPack, WorkshopPaperDefinition } from './workshopPaper.ts';

const groupWords: Readonly<Record<ChecklistItem['group'], string>> = {
  room: 'The room',
  bench: 'Each bench',
  people: 'Everybody in it',
  kit: 'This kit',
};

const signOf = ({ signs }: BagsToPack, item: string) => signs.find((sign) => sign.item === item);

const timeOf = (at: string) =>
  new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' }).format(new Date(at));

/** The room's checklist: with who signed what, and lines to sign by hand. */
export const checklistPaper: WorkshopPaperDefinition = {
  title: 'Room checklist',
  pdf: (bags, { size }) =>
    makePaper({
      title: 'Before the doors open',
      facts: `${bags.title}, ${bags.when} · ${bags.kitName}`,
      size,
      content: [
        ...Object.entries(groupWords).flatMap(([group, title]): Content[] => {
          const items = checklistOf(bags).filter((item) => item.group === group);
          if (items.length === 0) return [];
          return [
            { text: title, bold: true, fontSize: 12, margin: [0, 8, 0, 3] },
            {
              layout: ruled,
              table: {
                headerRows: 1,
                dontBreakRows: true,
                widths: [14, '*', mm(46)],
                body: [
                  ['', 'Look at', 'Seen by, at'].map(headCell),
                  ...items.map(({ id, says, why }) => {
                    const sign = signOf(bags, id);
                    return [
                      sign ? { text: '×', bold: true, fontSize: 13 } : tickBox(),
                      { stack: [{ text: says }, { text: why, fontSize: 8, color: '#62564a' }] },
                      sign ? `${sign.by}, ${timeOf(sign.at)}` : '',
                    ];
                  }),
                ],
              },
            },
          ];
        }),
        {
          text: 'These are the usual cautions. The rules of the place and qualified people come first.',
          margin: [0, 10, 0, 0],
        },
      ],
    }),
  csv: (bags) =>
    csvOf<ChecklistItem>(
      [
        { heading: 'about', cell: ({ group }) => groupWords[group] },
        { heading: 'look at', cell: ({ says }) => says },
        { heading: 'seen by', cell: ({ id }) => signOf(bags, id)?.by ?? '' },
        { heading: 'at', cell: ({ id }) => signOf(bags, id)?.at ?? '' },
      ],
      checklistOf(bags),
    ),
};

/** Who sits where and beside whom, to hang at the door: what somebody can or cannot is nobody’s business there. */
export const seatPlanPaper: WorkshopPaperDefinition = {
  title: 'Seat plan',
  pdf: (bags, { size }) =>
    makePaper({
      title: `${bags.title}: who sits where`,
      facts: `${bags.when} · ${bags.kitName}`,
      size,
      content: [
        {
          layout: ruled,
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [mm(18), '*', mm(70)],
            body: [
              ['Seat', 'Name', 'Beside'].map(headCell),
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
  csv: ({ seats }) =>
    csvOf<Seat>(
      [
        { heading: 'seat', cell: ({ number }) => number },
        { heading: 'name', cell: ({ name }) => name },
        { heading: 'beside', cell: ({ partner }) => partner ?? '' },
        { heading: 'experience', cell: ({ experience }) => experienceWords[experience] },
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
