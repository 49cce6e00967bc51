import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { wiredKitOf } from '#contract/kits';
import { partsByPlace } from '#core/board/pads';
import { circuitOf } from '#core/circuit/circuitOf';
import { circuitSvgText } from '#core/circuit/drawing/circuitSvgText';
import type { NetFigures, StageFigures } from '#core/circuit/figures';
import { figuresAt } from '#core/circuit/kitFigures';
import { stagesOf } from '#core/circuit/stages';
import { pinText, rangeText } from '#core/words/figureWords';
import { stepTitle } from '#core/words/partWords';
import { drawingOf } from '../circuit/drawingOf.ts';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { makePaper, mono, ruled } from './pdf.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { KitPaperOptions } from './stepSheets.ts';

/** One reading of one stage, as the sheet and its table tell it. */
interface ReadingRow {
  readonly stage: string;
  readonly net: string;
  readonly probe: string;
  readonly shows: string;
}

const mostPins = 3;

/** What a meter must show at every stage at which something is measured; none where nobody has worked it out. */
function readingRows(revision: PlannedRevision, speaker: Speaker): ReadingRow[] {
  const { figures, steps } = revision;
  if (!figures) return [];
  const { t } = speaker;
  const kit = wiredKitOf(revision);
  const byPlace = partsByPlace(kit.parts);
  const { nets } = circuitOf(kit);
  return stagesOf(steps).flatMap((stage) => {
    const found = figuresAt(figures, stage.places)?.figures;
    if (!found) return [];
    const fitted = new Set(stage.places);
    const name =
      steps
        .filter(({ id }) => stage.steps.includes(id))
        .map((step) => stepTitle(t, step))
        .join(', ') || t('papers.circuitSheet.whole');
    const ofNets = found.nets.map((one): ReadingRow => {
      const net = nets.find(({ id }) => id === one.net);
      const pins = (net?.pins ?? []).filter((pin) =>
        fitted.has(pin.slice(0, pin.lastIndexOf('.'))),
      );
      return {
        stage: name,
        net: net?.name ?? one.net,
        probe: pins
          .slice(0, mostPins)
          .map((pin) => pinText(t, pin, byPlace))
          .join(' / '),
        shows: shownAt(one, speaker),
      };
    });
    return [...supplyRows(found, name, speaker), ...ofNets];
  });
}

function shownAt({ volt, swings, unsure }: NetFigures, { t }: Speaker): string {
  if (unsure) return t('papers.circuitSheet.unsure');
  return swings
    ? t('papers.circuitSheet.swings', {
        volt: rangeText(
          t,
          { ...volt, least: swings.lowVolt.usual, most: swings.highVolt.usual },
          'V',
        ),
        hertz: rangeText(t, swings.hertz, 'Hz'),
      })
    : rangeText(t, volt, 'V');
}

function supplyRows(
  { ohm, milliampere }: StageFigures,
  stage: string,
  { t }: Speaker,
): ReadingRow[] {
  const row = (what: 'ohm' | 'current', shows: string): ReadingRow => ({
    stage,
    net: t(`papers.circuitSheet.${what}`),
    probe: '',
    shows,
  });
  return [
    ...(ohm ? [row('ohm', rangeText(t, ohm.redAtPlus, 'Ω'))] : []),
    ...(milliampere ? [row('current', rangeText(t, milliampere, 'mA'))] : []),
  ];
}

/** The circuit, and what a meter must show in it: for the bench, and for whoever helps there. */
export async function circuitSheetPdf(
  kit: PlannedRevision,
  { size, speaker }: KitPaperOptions,
): Promise<Buffer> {
  const { t } = speaker;
  const drawing = await drawingOf(kit, 'box');
  const rows = readingRows(kit, speaker);
  const content: Content[] = [
    ...(drawing
      ? [
          {
            svg: circuitSvgText(drawing, mono),
            fit: [500, 380] as [number, number],
            margin: [0, 0, 0, 12] as [number, number, number, number],
          },
        ]
      : [
          {
            text: t('papers.circuitSheet.noCircuit'),
            margin: [0, 0, 0, 12] as [number, number, number, number],
          },
        ]),
    rows.length === 0
      ? { text: t('papers.circuitSheet.noFigures') }
      : {
          layout: ruled,
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [130, '*', 130],
            body: [
              headCells(speaker, 'net', 'redProbe', 'meterShows'),
              ...rows.flatMap(({ stage, net, probe, shows }, index): TableCell[][] => [
                ...(rows[index - 1]?.stage === stage
                  ? []
                  : [
                      [
                        { text: stage, bold: true, colSpan: 3, margin: [0, 6, 0, 0] },
                        {},
                        {},
                      ] as TableCell[],
                    ]),
                [
                  { text: net, font: mono, bold: true },
                  { text: probe },
                  { text: shows, bold: true },
                ],
              ]),
            ],
          },
        },
  ];
  return makePaper({
    title: t('papers.circuitSheet.title', { kit: kit.name }),
    facts: t('papers.circuitSheet.about'),
    size,
    content,
  });
}

export const circuitSheetTable = (kit: PlannedRevision, speaker: Speaker): Table =>
  tableOf<ReadingRow>(
    speaker,
    [
      { heading: 'stage', cell: ({ stage }) => stage },
      { heading: 'net', cell: ({ net }) => net },
      { heading: 'redProbe', cell: ({ probe }) => probe },
      { heading: 'meterShows', cell: ({ shows }) => shows },
    ],
    readingRows(kit, speaker),
  );
