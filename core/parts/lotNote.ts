import type { Part } from './part.ts';
import type { Meaning, Sign, SignMark } from './sign.ts';

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
