import type { Board } from '../../board/board.ts';
import type { FaultDictionary } from '../../faults/dictionary.ts';
import type { StyleId } from '../../order/styles/ids.ts';
import type { Part } from '../../parts/part.ts';
import type { Random } from '../../random.ts';
import type { MistakeId } from '../mistakes/ids.ts';
import type { Said } from '../said.ts';
import type { SkillId } from '../skills.ts';

/** The kit that exercises are made from; without parts they come from what kits usually hold. */
export interface PracticeKit {
  readonly parts: readonly Part[];
  readonly board: Board | null;
  /** The styles that the kit is soldered in, the first deciding first; none where nobody has chosen. */
  readonly styles: readonly StyleId[];
  /** What faults of its board show; absent where nobody has worked it out. */
  readonly faults?: FaultDictionary | undefined;
}

export const noKit: PracticeKit = { parts: [], board: null, styles: [] };

/** How the learner sees colours, as far as they said so; `unsure` counts as any of the deficiencies. */
export const sights = ['usual', 'red-green', 'blue-yellow', 'unsure'] as const;
export type Sight = (typeof sights)[number];

/** What went wrong in a build: the mistake and the parts it happened to. */
export interface Slip {
  readonly mistake: MistakeId;
  readonly parts: readonly Part[];
}

export interface Judgement {
  /** Null where it is not counted: what decides it cannot be seen by this learner. */
  readonly isRight: boolean | null;
  /** 0 to 1: what of it was right. */
  readonly credit: number;
}

/**
 * One sort of exercise of a drill. A task holds everything that is drawn and asked; the same item, seed and kit make the
 * same task on every device.
 */
export interface ExerciseKind<Task, Answer> {
  /** Unique within the drill. */
  readonly id: string;
  readonly skill: SkillId;
  /** Seconds that one takes (prior from common practice). */
  readonly seconds: number;
  /** The chance to be right without knowing. */
  readonly guess: number;
  /** What it trains, each remembered for itself: a colour, a mark, a joint class, a rule; those of the kit first. */
  readonly items: (kit: PracticeKit) => readonly string[];
  readonly make: (item: string, random: Random, kit: PracticeKit) => Task;
  /** A right answer. */
  readonly answer: (task: Task) => Answer;
  readonly judge: (task: Task, answer: Answer, sight: Sight) => Judgement;
  readonly ask: (task: Task) => Said;
  /** What the picture shows, in words that do not give the answer away. */
  readonly describe: (task: Task) => readonly Said[];
  /** Why the right answer is right, and what the given one mistook. */
  readonly explain: (task: Task, answer: Answer) => readonly Said[];
  /** An answer in words. */
  readonly tell: (task: Task, answer: Answer) => Said;
  /** What is seen are colours: in words they are shown only to those who cannot tell them. */
  readonly showsColours?: true;
  /** Its explanation says what would have been right: nothing else need. */
  readonly explainsAll?: true;
  /** Done with the hands and not answered: no question to put to a whole class. */
  readonly isHandsOn?: true;
  /** What an item is, in words. */
  readonly name: (item: string) => Said;
  /** The items that a slip in a build shows to be weak. */
  readonly raisedBy?: (slip: Slip) => readonly string[];
}

// Outside its own file and its own picture nobody looks into a task or an answer.
// biome-ignore lint/suspicious/noExplicitAny: the two types belong together and to one definition only
export type AnyKind = ExerciseKind<any, any>;

/** A trainer. A new one is a definition here, a line in index.ts and a picture in web/practice/drills. */
export interface Drill {
  readonly id: string;
  readonly kinds: readonly AnyKind[];
  readonly words: DrillWords;
}

export interface DrillWords {
  readonly name: string;
  /** What it is good for, in one sentence. */
  readonly aim: string;
  readonly [key: string]: string | DrillTree;
}
export interface DrillTree {
  readonly [key: string]: string | DrillTree;
}

export const right: Judgement = { isRight: true, credit: 1 };
export const wrong: Judgement = { isRight: false, credit: 0 };
export const notCounted: Judgement = { isRight: null, credit: 0 };
export const judged = (isRight: boolean): Judgement => (isRight ? right : wrong);
