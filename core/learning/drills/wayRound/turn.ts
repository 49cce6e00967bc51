import type { Side } from '../../../board/board.ts';
import type { BodyShape } from '../../../parts/body.ts';
import { familyOf, isFamilyId } from '../../../parts/families/index.ts';
import type { Part } from '../../../parts/part.ts';
import { pick } from '../../../random.ts';
import { backwards } from '../../mistakes/fitting.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, judged, right, wrong } from '../drill.ts';
import { familiesFor, isFree, oddPiece, pieceOf } from './lots.ts';

export const quarters = [0, 90, 180, 270] as const;
export type Quarter = (typeof quarters)[number];

export interface TurnTask {
  readonly part: Part;
  /** From where the board is seen: from below, everything is mirrored, as through glass. */
  readonly side: Side;
  /** How the print on the board lies, counter-clockwise, in degrees. */
  readonly board: Quarter;
  /** How the part lies in the hand at first. */
  readonly hand: Quarter;
}

/** How the part is held over the board, or that either way is right. */
export type TurnAnswer = Quarter | 'either';

/** How often the board is upside down. */
const belowShare = 0.35;

/** A part is turned until it drops into its place. */
export const turn: ExerciseKind<TurnTask, TurnAnswer> = {
  id: 'turn',
  skill: 'polarity',
  explainsAll: true,
  seconds: 25,
  guess: 0.25,
  items: (kit) => [...familiesFor(kit), 'lot'],
  make: (item, random, kit) => {
    const board = pick(random, quarters);
    const part = isFamilyId(item) ? pieceOf(item, random, kit) : oddPiece(random, kit);
    return {
      part,
      side: familyOf(part).mount === 'through' && random() < belowShare ? 'bottom' : 'top',
      board,
      // It never lies right already: then there would be nothing to do.
      hand: pick(
        random,
        quarters.filter((one) => one !== board),
      ),
    };
  },
  answer: ({ part, board }) => (isFree(part) ? 'either' : board),
  judge: ({ part, board }, answer) => {
    if (!isFree(part)) return judged(answer === board);
    if (answer === 'either') return right;
    // It fits its holes and works: only that it need not have been turned was not known.
    return quarters.includes(answer) && answer % 180 === board % 180
      ? { isRight: true, credit: 0.8 }
      : wrong;
  },
  ask: ({ part }) => said('drill.wayRound.turn.ask', { part: nameOf(part) }),
  describe: ({ part, side, board, hand }) => [
    said(`drill.wayRound.hole.${side}`),
    ...noteOf(part),
    said('drill.wayRound.turn.print', {
      print: printWords(part),
      towards: printTowards(part, board, side),
    }),
    handWords(part, hand, side),
  ],
  explain: (task, answer) => {
    const { part, side, board } = task;
    const isRight = turn.judge(task, answer, 'usual').isRight;
    return [
      ...noteOf(part),
      said(`family.${familyOf(part).id}.wayRound`),
      ...(side === 'bottom' ? [said('drill.wayRound.hole.mirrored')] : []),
      ...(isFree(part) || isRight ? [] : consequence(part, answer, board)),
    ];
  },
  tell: ({ part, board }, answer) => {
    if (answer === 'either') return said('drill.wayRound.turn.either');
    if (!isFree(part) && answer === board) return said('drill.wayRound.turn.right');
    return said(
      Math.abs(answer - board) === 180
        ? 'drill.wayRound.turn.backwards'
        : 'drill.wayRound.turn.askew',
    );
  },
  name: (item) =>
    item === 'lot'
      ? said('drill.wayRound.turn.lot')
      : said('drill.wayRound.turn.item', { part: said(`family.${item}.one`) }),
  raisedBy: ({ mistake, parts }) =>
    mistake === backwards.id
      ? parts.flatMap((part) => (part.lotNote?.turned?.length ? [part.family, 'lot'] : part.family))
      : [],
};

/** How a part is held over the board, in words. */
export const handWords = (part: Part, hand: Quarter, side: Side): Said =>
  said('drill.wayRound.turn.hand', {
    mark: bodyWords(part),
    towards: bodyTowards(part, hand, side),
  });

const nameOf = (part: Part): Said => said(`family.${familyOf(part).id}.one`);

/** What the sheet of an odd lot says. */
export const noteOf = ({ lotNote }: Part): Said[] => {
  if (!lotNote) return [];
  return [
    lotNote.text === ''
      ? said('drill.wayRound.sheet', {
          marks: (lotNote.turned ?? []).map((mark) => said(`sign.${mark}`)),
        })
      : said('drill.wayRound.note', { text: lotNote.text }),
  ];
};

/** What would happen. */
function consequence(part: Part, answer: TurnAnswer, board: Quarter): Said[] {
  if (answer !== 'either' && Math.abs(answer - board) !== 180)
    return [said('drill.wayRound.no-fit')];
  const { id, words } = familyOf(part);
  return words.backwards === undefined ? [] : [said(`family.${id}.backwards`)];
}

/** The mark that is looked at, by the form of the body, and where it points in the drawing from above at rotation 0. */
const marks: Readonly<
  Partial<Record<BodyShape, { readonly mark: string; readonly angle: number }>>
> = {
  dome: { mark: 'flat', angle: 0 },
  can: { mark: 'stripe', angle: 0 },
  'half-round': { mark: 'flat-face', angle: 270 },
  tab: { mark: 'metal-tab', angle: 90 },
  dip: { mark: 'notch', angle: 180 },
  so: { mark: 'notch', angle: 180 },
};

const markOf = (part: Part) =>
  marks[familyOf(part).body.shape] ?? { mark: isFree(part) ? 'leads' : 'band', angle: 0 };

const bodyWords = (part: Part): Said => said(`drill.wayRound.mark.${markOf(part).mark}`);
const printWords = (part: Part): Said => said(`drill.wayRound.printed.${markOf(part).mark}`);

const edges = ['right', 'top', 'left', 'bottom'] as const;

/** Towards which edge something points, by its angle in whole quarters, counter-clockwise from the right. */
export const pointsTo = (angle: number): Said =>
  said(`drill.wayRound.edge.${edges[(angle % 360) / 90] ?? 'right'}`);

/** Towards which edge the print on the board points. */
function printTowards(part: Part, rotation: Quarter, side: Side): Said {
  const { mark, angle } = markOf(part);
  const at = (angle + rotation) % 360;
  if (mark === 'leads') return said(`drill.wayRound.${at % 180 === 0 ? 'level' : 'upright'}`);
  return pointsTo(side === 'bottom' ? 540 - at : at);
}

/** Towards which edge the mark of the body points; in an odd lot it stands at the other end. */
function bodyTowards(part: Part, rotation: Quarter, side: Side): Said {
  const isOdd = part.lotNote?.turned?.includes('flat') ?? false;
  return printTowards(part, ((rotation + (isOdd ? 180 : 0)) % 360) as Quarter, side);
}
