import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { partsByPlace } from '#core/board/pads';
import { type BenchTest, type Outcome, unitOf, wordsOfOutcome } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { faultSheet } from '#core/faults/faultSheet';
import { candidateText, outcomeText, testText } from '#core/words/faultWords';
import { amountText } from '#core/words/figureWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { makePaper, ruled } from './pdf.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { KitPaperOptions } from './stepSheets.ts';

/** One line of the sheet: what is seen, what to do then, and what it means. */
interface FaultRow {
  readonly seen: string;
  readonly does: string;
  readonly means: string;
}

function rowsOf({ faults, lines }: PlannedRevision, { t }: Speaker): FaultRow[] {
  if (!faults) return [];
  const parts = partsByPlace(lines.map(({ part }) => part));
  return faultSheet(faults).flatMap(({ seen, lookAt, measure }) => {
    const name =
      seen
        .map(
          ({ test, outcome }) => `${placeOfSense(faults, test)} ${shown(t, faults, test, outcome)}`,
        )
        .join(', ') || t('papers.faultSheet.nothingToSee');
    return [
      ...lookAt.map((test) => ({
        seen: name,
        does: testText(t, faults, test, parts),
        means: t('papers.faultSheet.lookFor', {
          what: wordsOfOutcome(test)
            .slice(1)
            .map((word) => outcomeText(t, faults, test, word))
            .join(' / '),
        }),
      })),
      ...measure.map(({ test, means }) => ({
        seen: name,
        does: testText(t, faults, test, parts),
        means: means
          .map(({ outcome, groups }) => {
            const said = groups.flatMap(({ members }) =>
              members.slice(0, 2).map(({ candidate }) => candidateText(t, candidate, parts)),
            );
            return `${shown(t, faults, test, outcome)}: ${said.join(' / ')}`;
          })
          .join('\n'),
      })),
    ];
  });
}

const placeOfSense = ({ points }: FaultDictionary, test: BenchTest) =>
  test.kind === 'sense' ? (points.senses[test.sense]?.place ?? '') : '';

const shown = (t: Speaker['t'], faults: FaultDictionary, test: BenchTest, outcome: Outcome) => {
  const unit = unitOf(test);
  return typeof outcome === 'number' && unit
    ? amountText(t, outcome, unit)
    : outcomeText(t, faults, test, String(outcome));
};

/** From what is seen to what is wrong, for a room without screens. */
export async function faultSheetPdf(
  kit: PlannedRevision,
  { size, speaker }: KitPaperOptions,
): Promise<Buffer> {
  const { t } = speaker;
  const rows = rowsOf(kit, speaker);
  const content: Content[] = [
    {
      text: t('papers.faultSheet.safety'),
      margin: [0, 0, 0, 10] as [number, number, number, number],
    },
    rows.length === 0
      ? { text: t('papers.faultSheet.notYet') }
      : {
          layout: ruled,
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: ['*', '*'],
            body: [
              headCells(speaker, 'whatToDo', 'whatItMeans'),
              ...rows.flatMap(({ seen, does, means }, index): TableCell[][] => [
                ...(rows[index - 1]?.seen === seen
                  ? []
                  : [
                      [
                        { text: seen, bold: true, colSpan: 2, margin: [0, 8, 0, 0] },
                        {},
                      ] as TableCell[],
                    ]),
                [{ text: does }, { text: means }],
              ]),
            ],
          },
        },
  ];
  return makePaper({
    title: t('papers.faultSheet.title', { kit: kit.name }),
    facts: t('papers.faultSheet.about'),
    size,
    content,
  });
}

export const faultSheetTable = (kit: PlannedRevision, speaker: Speaker): Table =>
  tableOf<FaultRow>(
    speaker,
    [
      { heading: 'whatIsSeen', cell: ({ seen }) => seen },
      { heading: 'whatToDo', cell: ({ does }) => does },
      { heading: 'whatItMeans', cell: ({ means }) => means },
    ],
    rowsOf(kit, speaker),
  );
