import type { SheetSize } from '#contract/papers';
import { type CutWire, cuttingListOf, wireNeeded } from '#core/wiring/cuttingList';
import { partName } from '#core/words/partWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { faded, makePaper, mono, ruled, tickBox } from './pdf.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { KitPaperOptions } from './stepSheets.ts';
import type { BagsToPack, WorkshopPaperDefinition } from './workshopPaper.ts';

/** Whose wires are cut, and for how many. */
interface WiresToCut {
  readonly title: string;
  readonly facts: string;
  readonly wires: readonly CutWire[];
  readonly kits: number;
}

const ofKit = (kit: PlannedRevision, { t }: Speaker): WiresToCut => ({
  title: t('papers.cuttingList.title', { kit: kit.name }),
  facts: t('papers.cuttingList.facts', { revision: kit.revision }),
  wires: cuttingListOf(
    kit.lines.map(({ part }) => part),
    kit.board,
  ),
  kits: 1,
});

const ofRoom = (
  { kitName, title, when, revision, parts, board, seats }: BagsToPack,
  { t }: Speaker,
): WiresToCut => ({
  title: t('papers.cuttingList.roomTitle', { kit: kitName, count: seats.length }),
  facts: t('papers.cuttingList.roomFacts', { title, when, revision }),
  wires: cuttingListOf(parts, board),
  kits: seats.length,
});

const colourWord = ({ t }: Speaker, colour: CutWire['colour']): string =>
  colour === null ? '' : typeof colour === 'string' ? t(`band.${colour}`) : colour.written;

/** `battery holder, plus`; what the wire is where it is a part by itself. */
const whatFor = ({ t }: Speaker, { part, lead }: CutWire): string =>
  [partName(t, { ...part, quantity: 1 }), lead && t('papers.cuttingList.lead', { lead })]
    .filter(Boolean)
    .join(', ');

/** What is done with the ends. */
const endsOf = ({ t }: Speaker, { stripMm, isTinned, hasSleeve }: CutWire): string =>
  [
    stripMm > 0 ? t('papers.cuttingList.strip', { mm: stripMm }) : t('papers.cuttingList.bare'),
    isTinned && t('papers.cuttingList.tin'),
    hasSleeve && t('papers.cuttingList.sleeve'),
  ]
    .filter(Boolean)
    .join('; ');

/** Every wire of a kit. */
export const cuttingListPdf = (kit: PlannedRevision, { size, speaker }: KitPaperOptions) =>
  cutsPdf(ofKit(kit, speaker), size, speaker);

/** The wires of one kit, and how often each is cut for a room. */
export const roomCuttingList: WorkshopPaperDefinition = {
  pdf: (bags, { size, speaker }) => cutsPdf(ofRoom(bags, speaker), size, speaker),
  table: (bags, { speaker }) => cutsTable(ofRoom(bags, speaker), speaker),
};

/** What is not known is left to be written in by hand. */
function cutsPdf(
  { title, facts, wires, kits }: WiresToCut,
  size: SheetSize,
  speaker: Speaker,
): Promise<Buffer> {
  const { t, decimals } = speaker;
  const length = (mm: number) => `${Math.round(mm * 10) / 10} mm`;
  return makePaper({
    title,
    facts,
    size,
    content:
      wires.length === 0
        ? [{ text: t('papers.cuttingList.none') }]
        : [
            {
              layout: ruled,
              table: {
                headerRows: 1,
                dontBreakRows: true,
                widths: [14, 36, 40, '*', 60, 64, '*'],
                body: [
                  headCells(speaker, '', 'pieces', 'place', 'whatItIs', 'colour', 'cutTo', 'ends'),
                  ...wires.map((wire) => [
                    tickBox(),
                    { text: String(kits), font: mono, bold: true },
                    { text: wire.place, font: mono, bold: true },
                    { text: decimals(whatFor(speaker, wire)) },
                    { text: colourWord(speaker, wire.colour) || '________' },
                    {
                      text: wire.mm === null ? '______ mm' : decimals(length(wire.mm)),
                      font: mono,
                    },
                    { text: endsOf(speaker, wire) },
                  ]),
                ],
              },
            },
            {
              text: wireNeeded(wires, kits)
                .map(({ colour, pieces, mm }) =>
                  t('papers.cuttingList.sum', {
                    colour: colourWord(speaker, colour) || t('papers.cuttingList.anyColour'),
                    count: pieces,
                    length: decimals(length(mm)),
                  }),
                )
                .join(' · '),
              color: faded,
              margin: [0, 8, 0, 0],
            },
          ],
  });
}

/** The same as a table. */
export const cuttingListTable = (kit: PlannedRevision, speaker: Speaker): Table =>
  cutsTable(ofKit(kit, speaker), speaker);

const cutsTable = ({ wires, kits }: WiresToCut, speaker: Speaker): Table =>
  tableOf<CutWire>(
    speaker,
    [
      { heading: 'pieces', cell: () => kits },
      { heading: 'place', cell: ({ place }) => place },
      { heading: 'what', cell: (wire) => whatFor(speaker, wire) },
      { heading: 'colour', cell: ({ colour }) => colourWord(speaker, colour) },
      { heading: 'cutToMm', cell: ({ mm }) => mm ?? '' },
      { heading: 'ends', cell: (wire) => endsOf(speaker, wire) },
    ],
    wires,
  );
