import type { SheetSize } from '#contract/papers';
import type { Board } from '#core/board/board';
import { padsOf, partsByPlace } from '#core/board/pads';
import type { Part } from '#core/parts/part';
import type { Cable } from '#core/wiring/cable';
import { coreColour } from '#core/wiring/cableEnds';
import { type CutWire, cuttingListOf, wireNeeded } from '#core/wiring/cuttingList';
import { allWhereWords, holeWords } from '#core/words/boardWords';
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
  readonly board: Board | null;
  readonly parts: readonly Part[];
  readonly kits: number;
}

const ofKit = (kit: PlannedRevision, { t }: Speaker): WiresToCut => ({
  title: t('papers.cuttingList.title', { kit: kit.name }),
  facts: t('papers.cuttingList.facts', { revision: kit.revision }),
  board: kit.board,
  parts: kit.lines.map(({ part }) => part),
  kits: 1,
});

const ofRoom = (
  { kitName, title, when, revision, parts, board, seats }: BagsToPack,
  { t }: Speaker,
): WiresToCut => ({
  title: t('papers.cuttingList.roomTitle', { kit: kitName, count: seats.length }),
  facts: t('papers.cuttingList.roomFacts', { title, when, revision }),
  board,
  parts,
  kits: seats.length,
});

const colourWord = ({ t }: Speaker, colour: CutWire['colour']): string =>
  colour === null ? '' : typeof colour === 'string' ? t(`band.${colour}`) : colour.written;

/** `battery holder, plus`; what the wire is where it is a part by itself. */
const whatFor = ({ t }: Speaker, { part, lead }: CutWire): string =>
  [partName(t, { ...part, quantity: 1 }), lead && t('papers.cuttingList.lead', { lead })]
    .filter(Boolean)
    .join(', ');

/** Where it goes: a hole by name, or by its place on the board where that is known; `hole + of BT1`. */
function whereTo(speaker: Speaker, { board, parts }: WiresToCut): (wire: CutWire) => string {
  const { t, language } = speaker;
  const byPlace = partsByPlace(parts);
  const pads = board ? padsOf(board, byPlace) : [];
  const spots = board ? allWhereWords(t, language, board, byPlace, 'top') : undefined;
  return ({ place, lead, pins }) => {
    const own = pads.filter((pad) => pad.place === place && pins.includes(pad.pin));
    const holes = board ? holeWords(t, board, 'top', own) : [];
    if (holes.length > 0) return holes.join(' – ');
    const hole = t(`papers.cuttingList.${lead === undefined ? 'holesOf' : 'holeOf'}`, {
      place,
      lead,
      count: pins.length,
    });
    return [hole, spots?.get(place)].filter(Boolean).join(', ');
  };
}

/** What is done with the ends. */
const endsOf = ({ t }: Speaker, { stripMm, isTinned, hasSleeve }: CutWire): string =>
  [
    stripMm > 0 ? t('papers.cuttingList.strip', { mm: stripMm }) : t('papers.cuttingList.bare'),
    isTinned && t('papers.cuttingList.tin'),
    hasSleeve && t('papers.cuttingList.sleeve'),
  ]
    .filter(Boolean)
    .join('; ');

/** `cable with 2 cores: red from BT1 + to J1.1, …` */
const coresOf = ({ t }: Speaker, { cores }: Cable): string =>
  t('papers.cuttingList.cores', {
    count: cores.length,
    cores: cores
      .map((core) => {
        const named = coreColour(core);
        const colour = named ? t(`band.${named}`) : core.colour;
        return t('papers.cuttingList.core', { colour, from: core.from, to: core.to });
      })
      .join('; '),
  });

const cableEnds = ({ t }: Speaker, { through }: Cable): string =>
  through === '' ? '' : t('papers.cuttingList.through', { what: through });

/** Every wire of a kit. */
export const cuttingListPdf = (kit: PlannedRevision, { size, speaker }: KitPaperOptions) =>
  cutsPdf(ofKit(kit, speaker), size, speaker);

/** The wires of one kit, and how often each is cut for a room. */
export const roomCuttingList: WorkshopPaperDefinition = {
  pdf: (bags, { size, speaker }) => cutsPdf(ofRoom(bags, speaker), size, speaker),
  table: (bags, { speaker }) => cutsTable(ofRoom(bags, speaker), speaker),
};

/** What is not known is left to be written in by hand. */
function cutsPdf(toCut: WiresToCut, size: SheetSize, speaker: Speaker): Promise<Buffer> {
  const { t, decimals } = speaker;
  const { title, facts, kits } = toCut;
  const wires = cuttingListOf(toCut.parts, toCut.board);
  const cables = toCut.board?.cables ?? [];
  const to = whereTo(speaker, toCut);
  const length = (mm: number) => `${Math.round(mm * 10) / 10} mm`;
  return makePaper({
    title,
    facts,
    size,
    content:
      wires.length + cables.length === 0
        ? [{ text: t('papers.cuttingList.none') }]
        : [
            {
              layout: ruled,
              table: {
                headerRows: 1,
                dontBreakRows: true,
                widths: [14, 42, 40, '*', '*', 56, 60, '*'],
                body: [
                  headCells(
                    speaker,
                    '',
                    'pieces',
                    'place',
                    'from',
                    'to',
                    'colour',
                    'cutTo',
                    'ends',
                  ),
                  ...wires.map((wire) => [
                    tickBox(),
                    { text: String(kits), font: mono, bold: true },
                    { text: wire.place, font: mono, bold: true },
                    { text: decimals(whatFor(speaker, wire)) },
                    { text: to(wire) },
                    { text: colourWord(speaker, wire.colour) || '________' },
                    {
                      text: wire.mm === null ? '______ mm' : decimals(length(wire.mm)),
                      font: mono,
                    },
                    { text: endsOf(speaker, wire) },
                  ]),
                  ...cables.map((cable) => [
                    tickBox(),
                    { text: String(kits), font: mono, bold: true },
                    {
                      text: [{ text: cable.name, bold: true }, `: ${coresOf(speaker, cable)}`],
                      colSpan: 4,
                    },
                    '',
                    '',
                    '',
                    {
                      text: cable.mm === null ? '______ mm' : decimals(length(cable.mm)),
                      font: mono,
                    },
                    { text: cableEnds(speaker, cable) },
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

/** A wire, or a cable as a whole. */
type Cut = { readonly wire: CutWire } | { readonly cable: Cable };

function cutsTable(toCut: WiresToCut, speaker: Speaker): Table {
  const wires = cuttingListOf(toCut.parts, toCut.board);
  const cables = toCut.board?.cables ?? [];
  const to = whereTo(speaker, toCut);
  return tableOf<Cut>(
    speaker,
    [
      { heading: 'pieces', cell: () => toCut.kits },
      { heading: 'place', cell: (cut) => ('wire' in cut ? cut.wire.place : cut.cable.name) },
      {
        heading: 'from',
        cell: (cut) => ('wire' in cut ? whatFor(speaker, cut.wire) : coresOf(speaker, cut.cable)),
      },
      { heading: 'to', cell: (cut) => ('wire' in cut ? to(cut.wire) : '') },
      {
        heading: 'colour',
        cell: (cut) => ('wire' in cut ? colourWord(speaker, cut.wire.colour) : ''),
      },
      { heading: 'cutToMm', cell: (cut) => ('wire' in cut ? cut.wire : cut.cable).mm ?? '' },
      {
        heading: 'ends',
        cell: (cut) => ('wire' in cut ? endsOf(speaker, cut.wire) : cableEnds(speaker, cut.cable)),
      },
    ],
    [...wires.map((wire) => ({ wire })), ...cables.map((cable) => ({ cable }))],
  );
}
