import { type CutWire, cuttingListOf, wireNeeded } from '#core/wiring/cuttingList';
import { partName } from '#core/words/partWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { faded, makePaper, mono, ruled, tickBox } from './pdf.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { KitPaperOptions } from './stepSheets.ts';

const wiresOf = (kit: PlannedRevision) =>
  cuttingListOf(
    kit.lines.map(({ part }) => part),
    kit.board,
  );

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

/** Every wire of a kit: what is not known is left to be written in by hand. */
export function cuttingListPdf(
  kit: PlannedRevision,
  { size, speaker }: KitPaperOptions,
): Promise<Buffer> {
  const { t, decimals } = speaker;
  const wires = wiresOf(kit);
  const length = (mm: number) => `${Math.round(mm * 10) / 10} mm`;
  return makePaper({
    title: t('papers.cuttingList.title', { kit: kit.name }),
    facts: t('papers.cuttingList.facts', { revision: kit.revision }),
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
                widths: [14, 40, '*', 60, 64, '*'],
                body: [
                  headCells(speaker, '', 'place', 'whatItIs', 'colour', 'cutTo', 'ends'),
                  ...wires.map((wire) => [
                    tickBox(),
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
              text: wireNeeded(wires, 1)
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
  tableOf<CutWire>(
    speaker,
    [
      { heading: 'place', cell: ({ place }) => place },
      { heading: 'what', cell: (wire) => whatFor(speaker, wire) },
      { heading: 'colour', cell: ({ colour }) => colourWord(speaker, colour) },
      { heading: 'cutToMm', cell: ({ mm }) => mm ?? '' },
      { heading: 'ends', cell: (wire) => endsOf(speaker, wire) },
    ],
    wiresOf(kit),
  );
