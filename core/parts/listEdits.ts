import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Part } from './part.ts';

/** A line of a parts list with whatever else is known of it. */
interface Line {
  readonly part: Part;
}

/** Changes of a list by hand: each takes the lines and the places (from 0) of those that are meant. */
type Edit = <L extends Line>(lines: readonly L[], chosen: ReadonlySet<number>) => readonly L[];

export const withoutLines: Edit = (lines, chosen) => lines.filter((_, index) => !chosen.has(index));

/** The same once more behind each, at the next free places of its letters. */
export const duplicated: Edit = (lines, chosen) => {
  const taken = new Set(lines.flatMap(({ part }) => part.designators));
  return lines.flatMap((line, index) => {
    if (!chosen.has(index)) return [line];
    const designators = line.part.designators.map((name) => {
      const free = nextFree(name, taken);
      taken.add(free);
      return free;
    });
    return [line, { ...line, part: { ...line.part, designators } }];
  });
};

/** `R7` where R1 to R6 are taken. */
function nextFree(name: string, taken: ReadonlySet<string>): string {
  const letters = /^[A-Z]*/.exec(name)?.[0] ?? '';
  const numbers = [...taken].map((one) => new RegExp(`^${letters}(\\d+)$`).exec(one)?.[1]);
  return `${letters}${Math.max(0, ...numbers.map((number) => Number(number ?? 0))) + 1}`;
}

/** A line of its own for every place; of parts without a place, for every piece. */
export const split: Edit = (lines, chosen) =>
  lines.flatMap((line, index) => {
    const { part } = line;
    if (!chosen.has(index) || part.quantity < 2) return [line];
    return Array.from({ length: part.quantity }, (_, n) => {
      const name = part.designators[n];
      return {
        ...line,
        part: { ...part, quantity: 1, designators: name === undefined ? [] : [name] },
      };
    });
  });

/** One step up or down together, as far as there is room. */
const moved =
  (by: -1 | 1): Edit =>
  (lines, chosen) => {
    const order = lines.map((_, index) => index);
    const from = by < 0 ? order : [...order].reverse();
    const next = [...lines];
    const at = new Set(chosen);
    for (const index of from) {
      const to = index + by;
      if (!at.has(index) || to < 0 || to >= next.length || at.has(to)) continue;
      [next[index], next[to]] = [next[to] as never, next[index] as never];
      at.delete(index);
      at.add(to);
    }
    return next;
  };
export const movedUp: Edit = moved(-1);
export const movedDown: Edit = moved(1);

/**
 * One line of several, in the place of the first of them; only of the same part.
 *
 * @returns the lines; or why they are not one
 */
export function merged<L extends Line>(
  lines: readonly L[],
  chosen: ReadonlySet<number>,
): Result<readonly L[], Said> {
  const meant = lines.filter((_, index) => chosen.has(index));
  const [first] = meant;
  if (!first || meant.length < 2) return fail(said('lists.edit.chooseTwoLines'));
  const other = meant.find(({ part }) => sameness(part) !== sameness(first.part));
  if (other) return fail(said('lists.edit.notTheSamePart'));
  const hasPlaces = meant.filter(({ part }) => part.designators.length > 0).length;
  if (hasPlaces > 0 && hasPlaces < meant.length) return fail(said('lists.edit.placesMissing'));
  const part: Part = {
    ...first.part,
    designators: meant.flatMap((one) => one.part.designators),
    quantity: meant.reduce((sum, one) => sum + one.part.quantity, 0),
  };
  const at = lines.indexOf(first);
  return ok(
    lines.flatMap((line, index) => {
      if (index === at) return [{ ...line, part }];
      return chosen.has(index) ? [] : [line];
    }),
  );
}

/** What makes two lines the same part: everything but where it goes, how many there are and how the list calls it. */
const sameness = ({ designators: _, quantity: __, description: ___, ...rest }: Part): string =>
  JSON.stringify(Object.entries(rest).sort(([a], [b]) => a.localeCompare(b)));
