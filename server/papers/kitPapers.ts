import type { Content } from 'pdfmake/interfaces.js';
import type { Revision } from '#contract/kits';
import type { KitPaper, SheetSize } from '#contract/papers';
import { familyOf } from '#core/parts/families/index';
import { shortDesignators, toleranceLabel, valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { csvOf } from '../http/csv.ts';
import { bandWords, headCell, whatItIs } from './cells.ts';
import { makePaper, mm, mono, ruled, tickBox } from './pdf.ts';
import { partPicture } from './pictures.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import { pictureStepsPdf, stepSheetsPdf, stepsCsv } from './stepSheets.ts';

interface KitPaperDefinition {
  readonly title: string;
  readonly pdf: (kit: PlannedRevision, size: SheetSize) => Promise<Buffer>;
  readonly csv: (kit: PlannedRevision) => string;
}

const factsOf = ({ revision, supplyVolt }: Revision) =>
  `Revision ${revision}${supplyVolt === null ? '' : ` · supply ${supplyVolt} V`}`;

/** The papers that a kit has, whoever builds it. */
export const kitPaperDefinitions: Readonly<Record<KitPaper, KitPaperDefinition>> = {
  'parts-sheet': {
    title: 'Parts sheet',
    pdf: (kit, size) =>
      makePaper({
        title: `${kit.name}: parts sheet`,
        facts: `${factsOf(kit)} · tick each line when all its pieces lie before you`,
        size,
        content: [
          {
            layout: ruled,
            table: {
              headerRows: 1,
              dontBreakRows: true,
              widths: [14, 66, 34, mm(46), '*'],
              body: [
                ['', 'Place', 'Pieces', 'Looks like', 'What it is'].map(headCell),
                ...kit.lines.map(({ part }) => [
                  tickBox(),
                  { text: shortDesignators(part.designators) || '–', font: mono, bold: true },
                  { text: String(part.quantity), font: mono, alignment: 'right' as const },
                  partPicture(part, { widthMm: 44, heightMm: 17 }),
                  whatItIs(part),
                ]),
              ],
            },
          },
          ...errata(kit),
        ],
      }),
    csv: ({ lines }) =>
      csvOf<Part>(
        [
          { heading: 'place', cell: ({ designators }) => shortDesignators(designators) },
          { heading: 'quantity', cell: ({ quantity }) => quantity },
          { heading: 'kind of part', cell: (part) => familyOf(part).words.one },
          { heading: 'value', cell: ({ value }) => valueLabel(value) },
          { heading: 'tolerance', cell: ({ value }) => toleranceLabel(value) },
          { heading: 'pins', cell: ({ pins }) => pins ?? '' },
          { heading: 'in the kit', cell: ({ supply }) => csvSupply[supply] },
          { heading: 'bands', cell: bandWords },
          { heading: 'description', cell: ({ description }) => description },
          { heading: 'remarks', cell: ({ remarks }) => remarks ?? '' },
          { heading: 'body', cell: (part) => part.package ?? '' },
          { heading: 'leads', cell: ({ lotNote }) => lotNote?.pinout?.join(', ') ?? '' },
        ],
        lines.map(({ part }) => part),
      ),
  },
  'resistor-card': {
    title: 'Resistor card',
    pdf: (kit, size) => {
      const rows = resistorsByPlace(kit);
      return makePaper({
        title: `${kit.name}: resistor card`,
        facts: `${factsOf(kit)} · tape each resistor onto its line, in the order of the places`,
        size,
        content: [
          rows.length === 0
            ? { text: 'No part of this kit carries its value in bands.' }
            : {
                layout: ruled,
                table: {
                  headerRows: 1,
                  dontBreakRows: true,
                  widths: [46, mm(44), 74, '*'],
                  body: [
                    ['Place', 'Bands', 'Value', 'In words'].map(headCell),
                    ...rows.map(({ place, part }) => [
                      { text: place, font: mono, bold: true, fontSize: 12, margin: margins(5) },
                      partPicture(part, { widthMm: 42, heightMm: 14 }),
                      { text: valueWords(part), font: mono, margin: margins(5) },
                      { text: bandWords(part), margin: margins(5) },
                    ]),
                  ],
                },
              },
        ],
      });
    },
    csv: (kit) =>
      csvOf(
        [
          { heading: 'place', cell: ({ place }) => place },
          { heading: 'value', cell: ({ part }) => valueLabel(part.value) },
          { heading: 'tolerance', cell: ({ part }) => toleranceLabel(part.value) },
          { heading: 'bands', cell: ({ part }) => bandWords(part) },
        ],
        resistorsByPlace(kit),
      ),
  },
  'step-sheets': { title: 'Step sheets', pdf: stepSheetsPdf, csv: stepsCsv },
  'picture-steps': { title: 'Steps in pictures', pdf: pictureStepsPdf, csv: stepsCsv },
};

const csvSupply = { 'in-kit': 'yes', spare: 'spare', 'not-in-kit': 'no' };

const margins = (top: number): [number, number, number, number] => [0, top, 0, 0];

const valueWords = ({ value }: Part) =>
  [valueLabel(value), toleranceLabel(value)].filter(Boolean).join(' ');

function errata({ errata: found }: Revision): Content[] {
  if (found.length === 0) return [];
  return [
    { text: 'Errata', bold: true, fontSize: 12, margin: [0, 12, 0, 3] },
    ...found.map(
      ({ designators, text }): Content => ({
        text: [{ text: `${shortDesignators(designators)}  `, font: mono, bold: true }, text],
        margin: [0, 0, 0, 3],
      }),
    ),
  ];
}

/** One row for each place that takes a part with bands. */
function resistorsByPlace({ lines }: Revision): { place: string; part: Part }[] {
  const number = (place: string) => Number(/\d+/.exec(place)?.[0] ?? 0);
  return lines
    .filter(({ part }) => (familyOf(part).bands?.(part) ?? []).length > 0)
    .flatMap(({ part }) => part.designators.map((place) => ({ place, part })))
    .sort((a, b) => {
      const [x, y] = [a.place.replace(/\d+/g, ''), b.place.replace(/\d+/g, '')];
      return x === y ? number(a.place) - number(b.place) : x < y ? -1 : 1;
    });
}
