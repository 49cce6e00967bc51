import type { Content } from 'pdfmake/interfaces.js';
import type { Revision } from '#contract/kits';
import type { KitPaper } from '#contract/papers';
import { familyOf } from '#core/parts/families/index';
import { shortDesignators, toleranceLabel, valueLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { type Table, type TableColumn, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { bandWords, headCells, whatItIs } from './cells.ts';
import { circuitSheetPdf, circuitSheetTable } from './circuitSheet.ts';
import { cuttingListPdf, cuttingListTable } from './cuttingList.ts';
import { drillTemplatePdf, drillTemplateTable } from './drillTemplate.ts';
import { faultSheetPdf, faultSheetTable } from './faultSheet.ts';
import { makePaper, mm, mono, ruled, tickBox } from './pdf.ts';
import { partPicture } from './pictures.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import { type KitPaperOptions, pictureStepsPdf, stepSheetsPdf, stepsTable } from './stepSheets.ts';

interface KitPaperDefinition {
  readonly pdf: (kit: PlannedRevision, options: KitPaperOptions) => Promise<Buffer>;
  readonly table: (kit: PlannedRevision, speaker: Speaker) => Table;
}

const factsOf = ({ t }: Speaker, { revision, supplyVolt }: Revision) =>
  supplyVolt === null
    ? t('papers.revision', { revision })
    : t('papers.revisionAndSupply', { revision, volt: supplyVolt });

/** The parts list as a table that is read again in any language. */
export const partsTable = (parts: readonly Part[], speaker: Speaker): Table =>
  tableOf<Part>(speaker, partColumns(speaker), parts);

const partColumns = (speaker: Speaker): readonly TableColumn<Part>[] => [
  { heading: 'place', cell: ({ designators }) => shortDesignators(designators) },
  { heading: 'quantity', cell: ({ quantity }) => quantity },
  { heading: 'kindOfPart', cell: (part) => speaker.t(`family.${part.family}.one`) },
  { heading: 'value', cell: ({ value }) => valueLabel(value) },
  { heading: 'tolerance', cell: ({ value }) => toleranceLabel(value) },
  { heading: 'pins', cell: ({ pins }) => pins ?? '' },
  { heading: 'inTheKit', cell: ({ supply }) => speaker.t(`exports.supply.${supply}`) },
  { heading: 'bands', cell: (part) => bandWords(speaker, part) },
  { heading: 'description', cell: ({ description }) => description },
  { heading: 'remarks', cell: ({ remarks }) => remarks ?? '' },
  { heading: 'body', cell: (part) => part.package ?? '' },
  { heading: 'leads', cell: ({ lotNote }) => lotNote?.pinout?.join(', ') ?? '' },
];

/** The papers that a kit has, whoever builds it. */
export const kitPaperDefinitions: Readonly<Record<KitPaper, KitPaperDefinition>> = {
  'parts-sheet': {
    pdf: (kit, { size, speaker }) =>
      makePaper({
        title: speaker.t('papers.partsSheet.title', { kit: kit.name }),
        facts: `${factsOf(speaker, kit)} · ${speaker.t('papers.partsSheet.tick')}`,
        size,
        content: [
          {
            layout: ruled,
            table: {
              headerRows: 1,
              dontBreakRows: true,
              widths: [14, 66, 36, mm(40), '*'],
              body: [
                headCells(speaker, '', 'place', 'pieces', 'looksLike', 'whatItIs'),
                ...kit.lines.map(({ part }) => [
                  tickBox(),
                  { text: shortDesignators(part.designators) || '–', font: mono, bold: true },
                  { text: String(part.quantity), font: mono, alignment: 'right' as const },
                  partPicture(part, { widthMm: 38, heightMm: 8 }),
                  whatItIs(speaker, part),
                ]),
              ],
            },
          },
          ...errata(speaker, kit),
        ],
      }),
    table: ({ lines }, speaker) =>
      partsTable(
        lines.map(({ part }) => part),
        speaker,
      ),
  },
  'resistor-card': {
    pdf: (kit, { size, speaker }) => {
      const { t, decimals } = speaker;
      const rows = resistorsByPlace(kit);
      return makePaper({
        title: t('papers.resistorCard.title', { kit: kit.name }),
        facts: `${factsOf(speaker, kit)} · ${t('papers.resistorCard.tape')}`,
        size,
        content: [
          rows.length === 0
            ? { text: t('papers.resistorCard.none') }
            : {
                layout: ruled,
                table: {
                  headerRows: 1,
                  dontBreakRows: true,
                  widths: [46, mm(44), 74, '*'],
                  body: [
                    headCells(speaker, 'place', 'bands', 'value', 'inWords'),
                    ...rows.map(({ place, part }) => [
                      { text: place, font: mono, bold: true, fontSize: 12, margin: margins(5) },
                      partPicture(part, { widthMm: 42, heightMm: 14 }),
                      { text: decimals(valueWords(part)), font: mono, margin: margins(5) },
                      { text: bandWords(speaker, part), margin: margins(5) },
                    ]),
                  ],
                },
              },
        ],
      });
    },
    table: (kit, speaker) =>
      tableOf(
        speaker,
        [
          { heading: 'place', cell: ({ place }) => place },
          { heading: 'value', cell: ({ part }) => valueLabel(part.value) },
          { heading: 'tolerance', cell: ({ part }) => toleranceLabel(part.value) },
          { heading: 'bands', cell: ({ part }) => bandWords(speaker, part) },
        ],
        resistorsByPlace(kit),
      ),
  },
  'cutting-list': { pdf: cuttingListPdf, table: cuttingListTable },
  'circuit-sheet': { pdf: circuitSheetPdf, table: circuitSheetTable },
  'fault-sheet': { pdf: faultSheetPdf, table: faultSheetTable },
  'drill-template': { pdf: drillTemplatePdf, table: drillTemplateTable },
  'step-sheets': { pdf: stepSheetsPdf, table: stepsTable },
  'picture-steps': { pdf: pictureStepsPdf, table: stepsTable },
};

const margins = (top: number): [number, number, number, number] => [0, top, 0, 0];

const valueWords = ({ value }: Part) =>
  [valueLabel(value), toleranceLabel(value)].filter(Boolean).join(' ');

function errata({ t }: Speaker, { errata: found }: Revision): Content[] {
  if (found.length === 0) return [];
  return [
    { text: t('papers.knownProblems'), bold: true, fontSize: 12, margin: [0, 12, 0, 3] },
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
