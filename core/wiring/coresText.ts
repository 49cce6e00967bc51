import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Core } from './cable.ts';

/** What is wrong with a line of a list of cores, counted from 1. */
export interface CoreProblem {
  readonly line: number;
  readonly message: Said;
}

const mostLetters = 40;

/** Marks between the three things that a line says; blanks only where there are no marks. */
const marks = /;|,|\t|\||->|→|=>/;
/** `red BT1 + J1.1`: a sign or a number by itself belongs to the place before it. */
const loose = /(?<!\s)\s+(?=[+−-](?:\s|$))/g;

const bound = '\u00a0';

/**
 * Cores as they are written, a line each: `red, BT1 +, J1.1` is the red one from the plus of BT1 to lead 1 of J1.
 *
 * @returns the cores; or every line that says no core
 */
export function readCores(text: string): Result<readonly Core[], readonly CoreProblem[]> {
  const problems: CoreProblem[] = [];
  const cores = text.split('\n').flatMap((written, index): Core[] => {
    const line = index + 1;
    const trimmed = written.trim();
    if (trimmed === '') return [];
    const parted = trimmed
      .split(marks)
      .map((piece) => piece.trim())
      .filter((piece) => piece !== '');
    const pieces =
      parted.length > 1
        ? parted
        : trimmed
            .replace(loose, bound)
            .split(/ +/)
            .map((piece) => piece.replace(bound, ' '));
    const [colour, from, to, ...more] = pieces;
    if (!colour || !from || !to || more.length > 0) {
      problems.push({ line, message: said('ui.cores.notACore', { line, text: trimmed }) });
      return [];
    }
    if ([colour, from, to].some((piece) => piece.length > mostLetters)) {
      problems.push({ line, message: said('ui.cores.tooLong', { line, most: mostLetters }) });
      return [];
    }
    return [{ colour, from, to }];
  });
  return problems.length > 0 ? fail(problems) : ok(cores);
}

/** The same list as text. */
export const writtenCores = (cores: readonly Core[]): string =>
  cores.map(({ colour, from, to }) => [colour, from, to].join(', ')).join('\n');
