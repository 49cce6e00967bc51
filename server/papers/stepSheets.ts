import type { Content, TableCell } from 'pdfmake/interfaces.js';
import type { SheetSize, StepSize } from '#contract/papers';
import { checkOf } from '#core/order/checks/index';
import type { MeasuredUnit } from '#core/order/checks/limits';
import { type Measuring, measuringOf } from '#core/order/checks/measuring';
import type { OwnTextField } from '#core/order/own/own';
import type { CheckStep, WorkStep } from '#core/order/step';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { svgText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { ownMeasureSentence, repeatSentence } from '#core/words/measureWords';
import { holdingSentence, lengthSentence } from '#core/words/orderWords';
import { ownLines } from '#core/words/ownText';
import {
  cautionSentence,
  checkExpects,
  checkWords,
  familyWord,
  reasonSentence,
  stepPlaces,
  stepTitle,
} from '#core/words/partWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { boardPicture } from './boardPicture.ts';
import { bandWords } from './cells.ts';
import { faded, makePaper, mm, mono, ruled, tickBox } from './pdf.ts';
import { checkPictogram, type PictogramName, pictogram } from './pictograms.ts';
import { partPicture } from './pictures.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import { stepPictures } from './stepPictures.ts';

/** A step with what is on the board before it. */
interface SheetStep {
  readonly step: PlannedStep;
  readonly number: number;
  readonly done: ReadonlySet<string>;
}

function sheetSteps(kit: PlannedRevision): SheetStep[] {
  const done = new Set<string>();
  return kit.steps.map((step, index) => {
    const before = new Set(done);
    for (const place of placesOf(step)) done.add(place);
    return { step, number: index + 1, done: before };
  });
}

const placesOf = (step: PlannedStep): readonly string[] =>
  step.kind === 'check' ? [] : step.parts.flatMap(({ designators }) => designators);

export interface KitPaperOptions {
  readonly size: SheetSize;
  readonly steps: StepSize;
  readonly speaker: Speaker;
}

/** The steps for a bench without a screen: what the seat shows, on paper; many on a page, or one a page. */
export function stepSheetsPdf(
  kit: PlannedRevision,
  { size, steps, speaker }: KitPaperOptions,
): Promise<Buffer> {
  const { t } = speaker;
  const found = sheetSteps(kit);
  return makePaper({
    title: t('papers.stepSheets.title', { kit: kit.name }),
    facts: t('papers.stepSheets.facts', { revision: kit.revision }),
    size,
    content: [
      ...cautionsForAll(speaker),
      ...(steps === 'large'
        ? found.map((one) => largeStep(speaker, kit, one))
        : [
            {
              layout: ruled,
              table: {
                dontBreakRows: true,
                widths: [22, '*', mm(62)],
                body: found.map((one) => stepRow(speaker, kit, one)),
              },
            },
          ]),
    ],
  });
}

/** One step on a page of its own, to be read from where the iron is. */
function largeStep(
  speaker: Speaker,
  kit: PlannedRevision,
  { step, number, done }: SheetStep,
): Content {
  return {
    pageBreak: number === 1 ? undefined : 'before',
    fontSize: largeText,
    stack: [
      {
        columns: [
          { width: mm(24), text: String(number), font: mono, fontSize: 40, bold: true },
          step.kind === 'check' ? checkText(speaker, step) : workText(speaker, step),
          { width: 14, ...(tickBox() as object) } as Content,
        ],
        margin: [0, 0, 0, 14],
      },
      ...(step.kind === 'check'
        ? [readingLine(speaker, step)]
        : [
            {
              columns: step.parts
                .slice(0, 3)
                .map((part) => partPicture(part, largePart(step.parts))),
              columnGap: 10,
              margin: [0, 0, 0, 16] as [number, number, number, number],
            },
            ...boardOf(kit, step, done, { widthMm: 175, heightMm: 110 }),
          ]),
      ...stepPictures(speaker, step, kit.stepPictures, { widthMm: 175, heightMm: 80 }),
    ],
  };
}

/** As large as is read at arm's length. */
const largeText = 14;
const largePart = (parts: readonly Part[]) => ({
  widthMm: parts.length > 1 ? 170 / Math.min(3, parts.length) - 6 : 90,
  heightMm: 38,
  scale: 4,
});

/** The usual cautions, once, before the first iron is hot (domain knowledge of every bench). */
const cautionsForAll = ({ t }: Speaker): Content[] => [
  {
    margin: [0, 0, 0, 8],
    text: [
      { text: `${t('papers.stepSheets.always')} `, bold: true },
      t('papers.stepSheets.cautions'),
    ],
  },
];

function stepRow(
  speaker: Speaker,
  kit: PlannedRevision,
  { step, number, done }: SheetStep,
): TableCell[] {
  return [
    { stack: [{ text: String(number), font: mono, fontSize: 13, bold: true }, tickBox()] },
    step.kind === 'check' ? checkText(speaker, step) : workText(speaker, step),
    {
      stack: [
        ...(step.kind === 'check' ? [readingLine(speaker, step)] : partsAndBoard(kit, step, done)),
        ...stepPictures(speaker, step, kit.stepPictures, { widthMm: 58, heightMm: 40 }),
      ],
    },
  ];
}

function partsAndBoard(kit: PlannedRevision, step: WorkStep, done: ReadonlySet<string>): Content[] {
  return [
    {
      columns: step.parts.slice(0, 3).map((part) => partPicture(part, roomFor(step.parts))),
      columnGap: 4,
      margin: [0, 0, 0, 4],
    },
    ...boardOf(kit, step, done, { widthMm: 58, heightMm: 34 }),
  ];
}

const roomFor = (parts: readonly Part[]) => ({
  widthMm: parts.length > 1 ? 58 / Math.min(3, parts.length) - 3 : 40,
  heightMm: 14,
});

function boardOf(
  kit: PlannedRevision,
  step: WorkStep,
  done: ReadonlySet<string>,
  room: { widthMm: number; heightMm: number },
  near = true,
): Content[] {
  const places = placesOf({ ...step, minutes: 0 });
  const now = new Set(places);
  const { board } = kit;
  if (!board?.placements.some(({ place }) => now.has(place))) return [];
  const parts = kit.lines.map(({ part }) => part);
  return [boardPicture(board, parts, { side: step.side, now, done, near }, room)];
}

function workText(speaker: Speaker, step: WorkStep): Content {
  const { t, decimals } = speaker;
  const matters = [
    ...step.lengths.map((length) => lengthSentence(t, length)),
    ...step.holding.map((holding) => holdingSentence(t, holding)),
  ];
  const [part] = step.parts;
  const way = part && familyWord(t, part, 'wayRound');
  const bands = step.parts
    .map((one) => bandWords(speaker, one))
    .filter(Boolean)
    .join(' / ');
  return {
    stack: [
      {
        text: [
          { text: decimals(`${stepTitle(t, step)}  `), bold: true },
          { text: stepPlaces(step), font: mono, bold: true },
        ],
      },
      ...(bands ? [{ text: bands }] : []),
      ...step.cautions.map((caution) => ({
        text: decimals(`! ${cautionSentence(t, caution)}`),
        bold: true,
      })),
      ...ownText(speaker, step, 'caution', true),
      ...ownText(speaker, step, 'how'),
      ...(way && !part.lotNote ? [{ text: way }] : []),
      ...countedAndMeasured(speaker, step),
      ...step.parts.flatMap(({ remarks, showRemarks }) =>
        showRemarks && remarks ? [{ text: remarks, bold: true }] : [],
      ),
      ...matters.map((text) => ({ text: decimals(text) })),
      ...(step.kind === 'own' ? ownText(speaker, step, 'expects', true) : []),
      ...ownText(speaker, step, 'look', true),
      ...(measuringOf(step) ? [readingLine(speaker, step)] : []),
      ...(step.kind === 'own' ? [] : [{ text: decimals(reasonSentence(t, step)), color: faded }]),
    ],
  };
}

/** How often it is done, and what the instructor wants measured. */
function countedAndMeasured({ t, decimals }: Speaker, step: WorkStep | CheckStep): Content[] {
  const measuring = measuringOf(step);
  const lines = [
    step.own?.words.repeat && repeatSentence(t, step.own.words.repeat),
    measuring && ownMeasureSentence(t, measuring),
  ];
  return lines.flatMap((text) => (text ? [{ text: decimals(text), bold: true }] : []));
}

/** What the instructor says of a step, line by line. */
function ownText(
  { t, decimals }: Speaker,
  { own }: PlannedStep | WorkStep | CheckStep,
  field: OwnTextField,
  bold = false,
): Content[] {
  const text = own?.words[field];
  return text ? ownLines(t, text).map((line) => ({ text: decimals(line), bold })) : [];
}

function checkText(speaker: Speaker, step: CheckStep): Content {
  const { t, decimals } = speaker;
  return {
    stack: [
      { text: t('papers.stepSheets.check', { title: stepTitle(t, step) }), bold: true },
      ...checkWords(t, step).map((text) => ({ text: decimals(text) })),
      ...countedAndMeasured(speaker, step),
      { text: decimals(checkExpects(t, step)), bold: true },
      ...ownText(speaker, step, 'caution', true),
      ...ownText(speaker, step, 'look', true),
      { text: t(`check.${step.check}.otherwise`), color: faded },
    ],
  };
}

/** Where the reading is written down. */
function readingLine({ t }: Speaker, step: WorkStep | CheckStep): Content {
  const measuring = measuringOf(step);
  if (!measuring)
    return {
      columns: [
        tickBox(),
        { text: t('papers.stepSheets.yes') },
        tickBox(),
        { text: t('papers.stepSheets.noAsk') },
      ],
    };
  return {
    text: `__________ ${unitSigns[measuring.unit]}`,
    fontSize: 13,
    margin: [0, 14, 0, 0],
  };
}

const unitSigns: Readonly<Record<MeasuredUnit, string>> = {
  ohm: 'Ω',
  milliampere: 'mA',
  volt: 'V',
  hertz: 'Hz',
};

/** `> 10 Ω`, `4.8 … 5.2 V`: what is right, without a word. */
const limitText = ({ unit, limits: { least, most } }: Measuring): string => {
  const sign = unitSigns[unit];
  if (least === undefined) return `< ${most} ${sign}`;
  return most === undefined ? `> ${least} ${sign}` : `${least} … ${most} ${sign}`;
};

/** The same steps without a word: numbers, drawings, signs. */
export function pictureStepsPdf(kit: PlannedRevision, { size }: KitPaperOptions): Promise<Buffer> {
  return makePaper({
    title: kit.name,
    facts: '',
    size,
    content: [
      {
        layout: ruled,
        table: {
          dontBreakRows: true,
          widths: [mm(12), mm(44), '*', '*'],
          body: sheetSteps(kit).map((one) => pictureRow(kit, one)),
        },
      },
    ],
  });
}

function pictureRow(kit: PlannedRevision, { step, number, done }: SheetStep): TableCell[] {
  const head: Content = {
    stack: [
      { text: String(number), font: mono, fontSize: 18, bold: true },
      step.kind === 'check' ? checkPictogram(step.check, 11) : pictogram(step.kind, 11),
      tickBox(),
    ],
  };
  if (step.kind === 'check') {
    const { notes } = checkOf(step.check);
    const measuring = measuringOf(step);
    const out = notes(step)
      .before.flatMap((note) => (note.kind === 'chips-out' ? note.chips : []))
      .join(' ');
    return [
      head,
      checkPictogram(step.check, 24),
      {
        text: measuring ? limitText(measuring) : '',
        font: mono,
        fontSize: 16,
        margin: [0, 18, 0, 0],
      },
      out
        ? { text: out, font: mono, fontSize: 16, decoration: 'lineThrough', margin: [0, 18, 0, 0] }
        : '',
    ];
  }
  const signs: PictogramName[] = [
    ...(step.cautions.some(({ kind }) => kind !== 'mix-up') ? (['warn'] as const) : []),
    ...step.holding.map(({ method }) => method),
  ];
  return [
    head,
    {
      stack: [
        ...step.parts.map((part) => ({
          columns: [
            {
              width: 'auto',
              text: `${part.quantity} ×`,
              font: mono,
              fontSize: 13,
              margin: [0, 4, 4, 0],
            },
            partPicture(part, { widthMm: 30, heightMm: 16 }),
          ] as Content[],
        })),
        { text: stepPlaces(step), font: mono, fontSize: 14, bold: true },
        ...lookAlikes(step),
        { columns: signs.map((sign) => pictogram(sign, 9)), columnGap: 3 },
      ],
    },
    { stack: boardOf(kit, step, done, { widthMm: 60, heightMm: 42 }) },
    {
      stack: [...boardOf(kit, step, done, { widthMm: 34, heightMm: 24 }, false), ...marksOf(step)],
    },
  ];
}

/** The part that this one is taken for, small and crossed out. */
const lookAlikes = (step: WorkStep): Content[] =>
  step.cautions.flatMap((caution) =>
    caution.kind === 'mix-up'
      ? [
          {
            columns: [
              { width: 'auto', text: '≠', fontSize: 14, margin: [0, 2, 4, 0] },
              partPicture(caution.other, { widthMm: 22, heightMm: 10 }),
            ] as Content[],
          },
        ]
      : [],
  );

/** What is printed on the board where the way round matters, beside the part as it lies on the mat. */
function marksOf(step: WorkStep): Content[] {
  const marks = step.parts.flatMap((part) => {
    const draw = familyOf(part).drawBoardMark;
    if (!draw) return [];
    const drawing = draw(part);
    const scale = Math.min(2.2, 40 / drawing.widthMm, 26 / drawing.heightMm);
    return [
      {
        svg: svgText(drawing, mono),
        width: mm(drawing.widthMm * scale),
        height: mm(drawing.heightMm * scale),
      },
    ];
  });
  return marks.slice(0, 2);
}

/** The steps as a table. */
export const stepsTable = (kit: PlannedRevision, speaker: Speaker): Table => {
  const { t } = speaker;
  return tableOf<SheetStep>(
    speaker,
    [
      { heading: 'step', cell: ({ number }) => number },
      { heading: 'what', cell: ({ step }) => stepTitle(t, step) },
      { heading: 'places', cell: ({ step }) => placesOf(step).join(' ') },
      { heading: 'joints', cell: ({ step }) => (step.kind === 'check' ? '' : step.joints) },
      { heading: 'minutes', cell: ({ step }) => step.minutes },
      {
        heading: 'hold',
        cell: ({ step }) =>
          step.kind === 'check' ? '' : step.holding.map((one) => holdingSentence(t, one)).join(' '),
      },
      { heading: 'why', cell: ({ step }) => reasonSentence(t, step) },
    ],
    sheetSteps(kit),
  );
};
