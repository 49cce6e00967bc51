import type { FamilyId } from '../parts/families/ids.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import type { Placement } from './board.ts';

/** A place in a row or a column of parts of one kind, counted from 1. */
export interface InLine {
  readonly family: FamilyId;
  readonly number: number;
  readonly count: number;
}

export interface Lines {
  /** From the left. */
  readonly row?: InLine;
  /** From the top. */
  readonly column?: InLine;
}

/** Fewer nobody calls a row. */
const fewest = 3;
/** Whoever lays a row by eye is not more exact. */
const aslantMm = 1;
/** A gap of so many usual distances ends a row. */
const widest = 2.5;

/**
 * The rows and columns of parts of one kind, as people see them on a board.
 *
 * @param placements of one side, with x from the left as one sees it
 */
export function linesOf(
  placements: readonly Placement[],
  parts: ReadonlyMap<string, Part>,
): ReadonlyMap<string, Lines> {
  const byFamily = new Map<FamilyId, Placement[]>();
  for (const placement of placements) {
    const part = parts.get(placement.place);
    if (!part) continue;
    const { id } = familyOf(part);
    byFamily.set(id, [...(byFamily.get(id) ?? []), placement]);
  }
  const found = new Map<string, Lines>();
  const add = (line: readonly Placement[], family: FamilyId, which: 'row' | 'column') => {
    for (const [index, { place }] of line.entries()) {
      const inLine: InLine = { family, number: index + 1, count: line.length };
      found.set(place, { ...found.get(place), [which]: inLine });
    }
  };
  for (const [family, alike] of byFamily) {
    for (const row of runs(
      alike,
      ({ yMm }) => yMm,
      ({ xMm }) => xMm,
    ))
      add(row, family, 'row');
    // y counts from below.
    for (const column of runs(
      alike,
      ({ xMm }) => xMm,
      ({ yMm }) => -yMm,
    ))
      add(column, family, 'column');
  }
  return found;
}

type Measure = (placement: Placement) => number;

/** Parts that lie side by side in one line, without a gap that would make two of it. */
function runs(placements: readonly Placement[], across: Measure, along: Measure): Placement[][] {
  const lines: Placement[][] = [];
  for (const one of [...placements].sort((a, b) => across(a) - across(b) || along(a) - along(b))) {
    const line = lines.at(-1);
    const [first] = line ?? [];
    if (line && first && across(one) - across(first) <= aslantMm) line.push(one);
    else lines.push([one]);
  }
  return lines.flatMap((line) => {
    const inOrder = line.sort((a, b) => along(a) - along(b));
    const gaps = inOrder.slice(1).map((one, index) => along(one) - along(inOrder[index] ?? one));
    const usual = [...gaps].sort((a, b) => a - b)[Math.floor((gaps.length - 1) / 2)] ?? 0;
    const run: Placement[][] = [[]];
    for (const [index, one] of inOrder.entries()) {
      if (index > 0 && (gaps[index - 1] ?? 0) > widest * usual) run.push([]);
      run.at(-1)?.push(one);
    }
    return run.filter((one) => one.length >= fewest);
  });
}
