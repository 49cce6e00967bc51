import type { Side } from '../../../board/board.ts';
import { footprintOf } from '../../../board/footprint.ts';
import { capacitorElectrolytic } from '../../../parts/families/capacitors/capacitor-electrolytic.ts';
import { icDip } from '../../../parts/families/chips/ic-dip.ts';
import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import { type FamilyId, familyIds } from '../../../parts/families/ids.ts';
import { familyOf, isFamilyId } from '../../../parts/families/index.ts';
import { led3mm } from '../../../parts/families/leds/led-3mm.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import type { Part } from '../../../parts/part.ts';
import { pick, shuffled } from '../../../random.ts';
import { backwards } from '../../mistakes/fitting.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';
import { oddPiece, pieceOf } from './lots.ts';
import { noteOf, pointsTo, type Quarter, quarters } from './turn.ts';

/** A hole in the picture of one side: x to the right and y down from the middle of the part, in mm. */
export interface SeenHole {
  readonly pin: string;
  /** What it is called in this exercise. */
  readonly letter: string;
  readonly xMm: number;
  readonly yMm: number;
}

export interface HoleTask {
  readonly part: Part;
  /** How the print on the component side lies, counter-clockwise, in degrees. */
  readonly board: Quarter;
  /** The side on which the hole is to be found. */
  readonly side: Side;
  readonly asked: Asked;
  readonly holes: readonly SeenHole[];
}

type Asked = 'long-lead' | 'band' | 'stripe' | 'pin-1';

/** What is asked of each family, and the pin that it is. */
const askable: Readonly<
  Partial<Record<FamilyId, { readonly asked: Asked; readonly pin: string }>>
> = {
  [led5mm.id]: { asked: 'long-lead', pin: '1' },
  [led3mm.id]: { asked: 'long-lead', pin: '1' },
  [capacitorElectrolytic.id]: { asked: 'stripe', pin: '2' },
  [diodeAxial.id]: { asked: 'band', pin: '2' },
  [icDip.id]: { asked: 'pin-1', pin: '1' },
};

/** The hole of one lead is found, from above or on the solder side, where left and right change. */
export const hole: ExerciseKind<HoleTask, string> = {
  id: 'hole',
  skill: 'polarity',
  seconds: 25,
  guess: 0.45,
  items: (kit) => {
    const own = new Set(kit.parts.map(({ family }) => family));
    const families = familyIds
      .filter((id) => askable[id])
      .sort((a, b) => Number(own.has(b)) - Number(own.has(a)));
    return [...families.flatMap((family) => [`${family}-bottom`, `${family}-top`]), 'lot-bottom'];
  },
  make: (item, random, kit) => {
    const [, name = '', side = 'top'] = /^(.*)-(top|bottom)$/.exec(item) ?? [];
    const part =
      name === 'lot'
        ? oddPiece(random, kit)
        : pieceOf(isFamilyId(name) ? name : led5mm.id, random, kit);
    const board = pick(random, quarters);
    const { asked } = askable[part.family] ?? { asked: 'long-lead' as const };
    return {
      part,
      board,
      side: side as Side,
      asked,
      holes: holesOf(part, board, side as Side, random),
    };
  },
  answer: ({ part }) => askable[part.family]?.pin ?? '1',
  judge: (task, answer) => judged(answer === hole.answer(task)),
  ask: ({ part, asked, side }) =>
    said(`drill.wayRound.hole.ask-${side}`, {
      part: said(`family.${familyOf(part).id}.one`),
      lead: said(`drill.wayRound.hole.lead.${asked}`),
    }),
  describe: ({ part, board, side, holes }) => [
    ...noteOf(part),
    said('drill.wayRound.hole.plus', {
      sign: said(`drill.wayRound.hole.sign.${signOf(part)}`),
      towards: plusTowards(part, board),
    }),
    said(`drill.wayRound.hole.seen-${side}`, {
      holes: holes.map(({ letter, xMm, yMm }) =>
        said('drill.wayRound.hole.at', { letter, where: whereWords(xMm, yMm) }),
      ),
    }),
  ],
  explain: (task, answer) => {
    const { part, side, holes } = task;
    const { id, words } = familyOf(part);
    const letter = holes.find(({ pin }) => pin === hole.answer(task))?.letter ?? '';
    return [
      said('drill.wayRound.hole.is', { letter }),
      ...noteOf(part),
      said(`family.${id}.wayRound`),
      ...(side === 'bottom' ? [said('drill.wayRound.hole.mirrored')] : []),
      ...(answer !== hole.answer(task) && words.backwards !== undefined
        ? [said(`family.${id}.backwards`)]
        : []),
    ];
  },
  tell: ({ holes }, answer) =>
    said('drill.plain', { text: holes.find(({ pin }) => pin === answer)?.letter ?? '' }),
  name: (item) => {
    const [, name = '', side = 'top'] = /^(.*)-(top|bottom)$/.exec(item) ?? [];
    return said(`drill.wayRound.hole.item-${side}`, {
      part: name === 'lot' ? said('drill.wayRound.turn.lot') : said(`family.${name}.one`),
    });
  },
  raisedBy: ({ mistake, parts }) =>
    mistake === backwards.id
      ? parts.flatMap(({ family }) => (family in askable ? [`${family}-bottom`] : []))
      : [],
};

/** The holes that one chooses from: both of two, the corners of a chip. */
function holesOf(part: Part, board: Quarter, side: Side, random: () => number): SeenHole[] {
  const { pins } = footprintOf(part);
  const count = pins.length;
  const corners = new Set([1, count / 2, count / 2 + 1, count].map(String));
  const wanted = count <= 2 ? pins : pins.filter(({ pin }) => corners.has(pin));
  const letters = shuffled(random, ['A', 'B', 'C', 'D'].slice(0, wanted.length));
  const angle = (board * Math.PI) / 180;
  return wanted
    .map(({ pin, x, y }, index) => {
      const across = x * Math.cos(angle) - y * Math.sin(angle);
      const up = x * Math.sin(angle) + y * Math.cos(angle);
      return {
        pin,
        letter: letters[index] ?? '',
        // Turned over about its upright axis, left and right change.
        xMm: rounded(side === 'bottom' ? -across : across),
        yMm: rounded(-up),
      };
    })
    .sort((a, b) => (a.letter < b.letter ? -1 : 1));
}

const rounded = (mm: number): number => Math.round(mm * 100) / 100 + 0;

const signOf = (part: Part): 'plus' | 'line' | 'notch' => {
  if (part.family === icDip.id) return 'notch';
  return part.family === diodeAxial.id ? 'line' : 'plus';
};

/** Where the sign printed on the component side is: plus and the notch on the left at rotation 0, a line on the right. */
const plusTowards = (part: Part, board: Quarter): Said =>
  pointsTo((signOf(part) === 'line' ? 0 : 180) + board);

function whereWords(xMm: number, yMm: number): Said {
  const across = Math.abs(xMm) < 0.1 ? 'middle' : xMm < 0 ? 'left' : 'right';
  const down = Math.abs(yMm) < 0.1 ? 'middle' : yMm < 0 ? 'top' : 'bottom';
  return said(`drill.wayRound.hole.where.${down}-${across}`);
}
