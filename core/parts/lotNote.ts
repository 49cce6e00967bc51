import type { Part } from './part.ts';
import type { Meaning, Sign, SignMark } from './sign.ts';

/**
 * What is different about the lot in the bag: it overrides the rule of the family. A meter's diode test before
 * soldering settles it (common practice).
 */
export interface LotNote {
  /** In the instructor's words; learners read it in place of the family's rule. */
  readonly text: string;
  /** Marks that stand at the other end than the family's rule says. */
  readonly turned?: readonly SignMark[];
  /** Names of the leads from left to right, flat face and print to the reader, leads down. */
  readonly pinout?: readonly string[];
}

const opposite: Partial<Record<Meaning, Meaning>> = {
  plus: 'minus',
  minus: 'plus',
  anode: 'cathode',
  cathode: 'anode',
};

/** What the marks of this very part mean: the family's rule, turned where the lot says so. */
export function signsOf(
  signs: readonly Sign[],
  { lotNote }: Pick<Part, 'lotNote'>,
): readonly Sign[] {
  return signs.map((sign) =>
    lotNote?.turned?.includes(sign.mark)
      ? { ...sign, means: opposite[sign.means] ?? sign.means }
      : sign,
  );
}

/** The marks of a family that a lot can have at the other end. */
export const turnableSigns = (signs: readonly Sign[]): readonly Sign[] =>
  signs.filter(({ means }) => opposite[means] !== undefined);

/** Whether the lot of this part has the mark at the other end. */
export const isTurned = ({ lotNote }: Pick<Part, 'lotNote'>, mark: SignMark): boolean =>
  lotNote?.turned?.includes(mark) ?? false;

/** Whether the lot has its marks or leads other than the family's rule says, so that the rule must not be shown. */
export const overridesRule = ({ lotNote }: Pick<Part, 'lotNote'>): boolean =>
  (lotNote?.turned?.length ?? 0) + (lotNote?.pinout?.length ?? 0) > 0;
