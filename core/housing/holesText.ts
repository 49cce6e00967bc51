import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import type { DrillHole } from './panel.ts';

/** What is wrong with a line of a list of holes, counted from 1. */
export interface HoleProblem {
  readonly line: number;
  readonly message: Said;
}

const number = String.raw`(\d+(?:[.,]\d+)?)`;
const lineOf = new RegExp(
  String.raw`^${number}(?:\s*mm)?[\s;x/]+${number}(?:\s*mm)?[\s;/]+(?:[ø⌀d]\s*)?${number}(?:\s*mm)?`,
  'i',
);

const amount = (text: string) => Number(text.replace(',', '.'));

/**
 * Holes as they are written, a line each: `20 15 3.2 LED` is 20 mm and 15 mm from the edges, 3.2 mm wide, for the LED.
 *
 * @returns the holes; or every line that says no hole
 */
export function readHoles(text: string): Result<readonly DrillHole[], readonly HoleProblem[]> {
  const problems: HoleProblem[] = [];
  const holes = text.split('\n').flatMap((written, index): DrillHole[] => {
    const line = index + 1;
    if (written.trim() === '') return [];
    // A comma with a blank behind it parts two numbers; without one it is a decimal comma.
    const text = written.trim().replace(/,\s+/g, ' ');
    const found = lineOf.exec(text);
    if (!found) {
      problems.push({ line, message: said('ui.holes.notAHole', { line, text: written.trim() }) });
      return [];
    }
    const [hole, x = '', y = '', diameter = ''] = found;
    if (amount(diameter) <= 0) {
      problems.push({ line, message: said('ui.holes.noWidth', { line }) });
      return [];
    }
    return [
      {
        xMm: amount(x),
        yMm: amount(y),
        diameterMm: amount(diameter),
        what: text
          .slice(hole.length)
          .replace(/^[\s;,:]+/, '')
          .slice(0, 60),
      },
    ];
  });
  return problems.length > 0 ? fail(problems) : ok(holes);
}

/** The same list as text. */
export const writtenHoles = (holes: readonly DrillHole[]): string =>
  holes
    .map(({ xMm, yMm, diameterMm, what }) => [xMm, yMm, diameterMm, what].join(' ').trim())
    .join('\n');
