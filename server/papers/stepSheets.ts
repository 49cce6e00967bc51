import type { Content, TableCell } from 'pdfmake/interfaces.js';
import type { SheetSize } from '#contract/papers';
import type { CheckForm } from '#core/order/checks/definition';
import { checkOf } from '#core/order/checks/index';
import type { CheckStep, WorkStep } from '#core/order/step';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { svgText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { holdingSentence, lengthSentence } from '#core/words/orderWords';
import {
  cautionSentence,
  checkExpects,
  checkWords,
  familyWord,
  reasonSentence,
  stepPlaces,
  stepTitle,
} from '#core/words/partWords';
import { csvOf } from '../http/csv.ts';
import { boardPicture } from './boardPicture.ts';
import { bandWords } from './cells.ts';
import { makePaper, mm, mono, ruled, tickBox } from './pdf.ts';
import { checkPictogram, type PictogramName, pictogram } from './pictograms.ts';
import { partPicture } from './pictures.ts';
import type { PlannedRevision } from './plannedRevision.ts';
import { t } from './words.ts';

const faded = '#62564a';

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

/** The steps for a bench without a screen: what the seat shows, on paper. */
export function stepSheetsPdf(kit: PlannedRevision, size: SheetSize): Promise<Buffer> {
  const steps = sheetSteps(kit);
  return makePaper({
    title: `${kit.name}: step by step`,
    facts: `Revision ${kit.revision} · tick each step when it is done · what your instructor and this room’s rules say comes first`,
    size,
    content: [
      ...cautionsForAll(),
      {
        layout: ruled,
        table: {
          dontBreakRows: true,
          widths: [22, '*', mm(62)],
          body: steps.map((one) => stepRow(kit, one)),
        },
      },
    ],
  });
}

/** The usual cautions, once, before the first iron is hot (domain knowledge of every bench). */
const cautionsForAll = (): Content[] => [
  {
    margin: [0, 0, 0, 8],
    fontSize: 9,
    text: [
      { text: 'Always: ', bold: true },
      'glasses on when you solder and cut; hair and sleeves back; iron in its stand; windows open and fumes drawn off; no food, and wash your hands afterwards; parts stay hot for a minute. A burn: cool running water for 20 minutes, and medical advice.',
    ],
  },
];

function stepRow(kit: PlannedRevision, { step, number, done }: SheetStep): TableCell[] {
  return [
    { stack: [{ text: String(number), font: mono, fontSize: 13, bold: true }, tickBox()] },
    step.kind === 'check' ? checkText(step) : workText(step),
    step.kind === 'check'
      ? readingLine(step)
      : {
          stack: [
            {
              columns: step.parts.slice(0, 3).map((part) => partPicture(part, roomFor(step.parts))),
              columnGap: 4,
              margin: [0, 0, 0, 4],
            },
            ...boardOf(kit, step, done, { widthMm: 58, heightMm: 34 }),
          ],
        },
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

function workText(step: WorkStep): Content {
  const matters = [
    ...step.lengths.map((length) => lengthSentence(t, length)),
    ...step.holding.map((holding) => holdingSentence(t, holding)),
  ];
  const [part] = step.parts;
  const way = part && familyWord(t, part, 'wayRound');
  const bands = step.parts.map(bandWords).filter(Boolean).join(' / ');
  return {
    stack: [
      {
        text: [
          { text: `${stepTitle(t, step)}  `, bold: true, fontSize: 11 },
          { text: stepPlaces(step), font: mono, bold: true, fontSize: 11 },
        ],
      },
      ...(bands ? [{ text: bands }] : []),
      ...step.cautions.map((caution) => ({ text: `! ${cautionSentence(t, caution)}`, bold: true })),
      ...(way && !part.lotNote ? [{ text: way }] : []),
      ...step.parts.flatMap(({ remarks, showRemarks }) =>
        showRemarks && remarks ? [{ text: remarks, bold: true }] : [],
      ),
      ...matters.map((text) => ({ text })),
      { text: reasonSentence(t, step), color: faded, fontSize: 8.5 },
    ],
  };
}

function checkText(step: CheckStep): Content {
  return {
    stack: [
      { text: `Check: ${stepTitle(t, step)}`, bold: true, fontSize: 11 },
      ...checkWords(t, step).map((text) => ({ text })),
      { text: checkExpects(t, step), bold: true },
      { text: t(`check.${step.check}.otherwise`), color: faded },
    ],
  };
}

/** Where the reading is written down. */
function readingLine({ check }: CheckStep): Content {
  const form = checkOf(check).form;
  if (!form) return { columns: [tickBox(), { text: 'yes' }, tickBox(), { text: 'no: ask' }] };
  return {
    text: `__________ ${unitSigns[form.unit]}`,
    fontSize: 13,
    margin: [0, 14, 0, 0],
  };
}

const unitSigns: Readonly<Record<CheckForm['unit'], string>> = { ohm: 'Ω', milliampere: 'mA' };

/** `> 10 Ω`: what is right, without a word. */
const limitText = (form: CheckForm, step: CheckStep): string => {
  const limits = form.limits(step);
  const unit = unitSigns[form.unit];
  return 'least' in limits ? `> ${limits.least} ${unit}` : `< ${limits.most} ${unit}`;
};

/** The same steps without a word: numbers, drawings, signs. */
export function pictureStepsPdf(kit: PlannedRevision, size: SheetSize): Promise<Buffer> {
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
    const { form, notes } = checkOf(step.check);
    const out = notes(step)
      .before.flatMap((note) => (note.kind === 'chips-out' ? note.chips : []))
      .join(' ');
    return [
      head,
      checkPictogram(step.check, 24),
      {
        text: form ? limitText(form, step) : '',
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
export const stepsCsv = (kit: PlannedRevision): string =>
  csvOf<SheetStep>(
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
