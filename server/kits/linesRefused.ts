import type { KitLine } from '#contract/kits';
import { checkLines } from '#core/parts/checkLines';
import { invalid, type Refusal } from '../http/refusal.ts';

/** So many of what is wrong is told. */
const mostTold = 20;

/**
 * Why lines cannot be kept: a place that two have, a quantity that does not fit its places.
 *
 * @param under the path of the lines in the body
 */
export function linesRefused(lines: readonly KitLine[], under = 'lines'): Refusal | undefined {
  const problems = checkLines(lines.map(({ part }) => part));
  if (problems.length === 0) return undefined;
  return invalid(
    problems.slice(0, mostTold).map(({ line, field, message }) => ({
      field: `${under}[${line}].part.${field}`,
      says: message,
    })),
  );
}
