import type { Content } from 'pdfmake/interfaces.js';
import { middleOf, type Panel } from '#core/housing/panel';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { makePaper, mm, mono, ruled } from './pdf.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import type { KitPaperOptions } from './stepSheets.ts';

const ink = '#231c15';
/** Room around the panel for the arms of its crosses. */
const marginMm = 4;
/** What fits between the margins of either sheet, upright, with its title and its table of holes begun. */
const roomMm = { width: 176, height: 200 };
const barMm = 100;

const isTooLarge = ({ widthMm, heightMm }: Panel): boolean =>
  widthMm + 2 * marginMm > roomMm.width || heightMm + 2 * marginMm > roomMm.height;

/**
 * Panels to lay on the case and to drill through, at their true size: a bar to measure the print by, crosses over the
 * middles, and the list of holes.
 */
export function drillTemplatePdf(
  { name, board, revision }: Pick<PlannedRevision, 'name' | 'board' | 'revision'>,
  { size, speaker }: KitPaperOptions,
): Promise<Buffer> {
  const { t } = speaker;
  const panels = board?.panels ?? [];
  return makePaper({
    title: t('papers.drillTemplate.title', { kit: name }),
    facts: t('papers.drillTemplate.facts', { revision }),
    size,
    content:
      panels.length === 0
        ? [{ text: t('papers.drillTemplate.none') }]
        : [
            { text: t('papers.drillTemplate.cautions'), bold: true, margin: [0, 0, 0, 8] },
            ...panels.flatMap((panel, index) => panelContent(speaker, panel, index === 0)),
          ],
  });
}

function panelContent(speaker: Speaker, panel: Panel, isFirst: boolean): Content[] {
  const { t, decimals } = speaker;
  const from = t(`papers.drillTemplate.from.${panel.fromX}-${panel.fromY}`);
  return [
    {
      text: t('papers.drillTemplate.panel', {
        name: panel.name,
        width: panel.widthMm,
        height: panel.heightMm,
        from,
      }),
      fontSize: 13,
      bold: true,
      margin: [0, isFirst ? 0 : 4, 0, 4],
      ...(isFirst ? {} : { pageBreak: 'before' as const }),
    },
    ...(isTooLarge(panel)
      ? [{ text: t('papers.drillTemplate.tooLarge'), bold: true, margin: [0, 0, 0, 8] } as Content]
      : [scaleBar(speaker), templateOf(panel)]),
    {
      layout: ruled,
      margin: [0, 8, 0, 0],
      table: {
        headerRows: 1,
        dontBreakRows: true,
        widths: [24, 60, 60, 60, '*'],
        body: [
          headCells(speaker, 'hole', 'fromSide', 'fromTop', 'diameter', 'whatFor'),
          ...panel.holes.map(({ xMm, yMm, diameterMm, what }, index) => [
            { text: String(index + 1), font: mono, bold: true },
            { text: decimals(`${xMm} mm`), font: mono },
            { text: decimals(`${yMm} mm`), font: mono },
            { text: decimals(`${diameterMm} mm`), font: mono },
            { text: what },
          ]),
        ],
      },
    },
  ];
}

/** A printer that fits pages to the sheet shrinks this bar too, and whoever measures it knows. */
function scaleBar({ t }: Speaker): Content {
  const line = (x: number, y1: number, y2: number) =>
    `<line x1="${x}" y1="${y1}" x2="${x}" y2="${y2}" stroke="${ink}" stroke-width="0.3"/>`;
  const ticks = Array.from({ length: barMm / 10 + 1 }, (_, index) =>
    line(1 + 10 * index, index % 5 === 0 ? 0 : 1.5, 4),
  );
  const svg = [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${barMm + 2} 5">`,
    `<line x1="1" y1="4" x2="${1 + barMm}" y2="4" stroke="${ink}" stroke-width="0.3"/>`,
    ...ticks,
    '</svg>',
  ].join('');
  return {
    margin: [0, 0, 0, 6],
    stack: [
      { svg, width: mm(barMm + 2), height: mm(5) },
      { text: t('papers.drillTemplate.measureTheBar', { mm: barMm }) },
    ],
  };
}

function templateOf(panel: Panel): Content {
  const { widthMm, heightMm, holes } = panel;
  const [width, height] = [widthMm + 2 * marginMm, heightMm + 2 * marginMm];
  const svg = [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${-marginMm} ${-marginMm} ${width} ${height}">`,
    `<rect x="0" y="0" width="${widthMm}" height="${heightMm}" fill="none" stroke="${ink}" stroke-width="0.25"/>`,
    ...holes.map((hole, index) => holeText(panel, index, hole)),
    '</svg>',
  ].join('');
  return { svg, width: mm(width), height: mm(height) };
}

/** A circle of the hole’s size, a cross through its middle for the punch, and its number. */
function holeText(panel: Panel, index: number, hole: Panel['holes'][number]): string {
  const { x, y } = middleOf(panel, hole);
  const radius = hole.diameterMm / 2;
  const arm = radius + 2;
  const number = String(index + 1);
  // The number stands where the panel is: never over its edge.
  const right = x + radius + 1 + 2.4 * number.length < panel.widthMm;
  return [
    `<circle cx="${x}" cy="${y}" r="${radius}" fill="none" stroke="${ink}" stroke-width="0.25"/>`,
    `<path d="M${x - arm} ${y}H${x + arm}M${x} ${y - arm}V${y + arm}" fill="none" stroke="${ink}" stroke-width="0.15"/>`,
    `<text x="${right ? x + radius + 0.6 : x - radius - 0.6}" y="${y - 0.8}" font-size="3" font-family="${mono}" fill="${ink}" text-anchor="${right ? 'start' : 'end'}">${number}</text>`,
  ].join('');
}

/** The list of holes as a table. */
export const drillTemplateTable = ({ board }: PlannedRevision, speaker: Speaker): Table =>
  tableOf(
    speaker,
    [
      { heading: 'panel', cell: ({ panel }) => panel.name },
      { heading: 'hole', cell: ({ number }) => number },
      { heading: 'fromLeftMm', cell: ({ panel, hole }) => middleOf(panel, hole).x },
      { heading: 'fromTopMm', cell: ({ panel, hole }) => middleOf(panel, hole).y },
      { heading: 'diameterMm', cell: ({ hole }) => hole.diameterMm },
      { heading: 'what', cell: ({ hole }) => hole.what },
    ],
    (board?.panels ?? []).flatMap((panel) =>
      panel.holes.map((hole, index) => ({ panel, hole, number: index + 1 })),
    ),
  );
