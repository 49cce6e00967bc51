import { type Said, said } from '../learning/said.ts';
import { familyOf } from './families/index.ts';
import { sharesPlace } from './goesInto.ts';
import type { Part } from './part.ts';
import { signMarks } from './sign.ts';

export interface LineProblem {
  /** Counted from 0. */
  readonly line: number;
  readonly field: 'designators' | 'quantity' | 'value' | 'pins' | 'lotNote' | 'supply';
  /** What is wrong and the way out. */
  readonly message: Said;
}

/** What cannot stand in a parts list: lines that contradict themselves or each other. */
export function checkLines(parts: readonly Part[]): LineProblem[] {
  const places = new Map<string, number>();
  return parts.flatMap((part, line) => [
    ...checkLine(part).map((problem) => ({ ...problem, line })),
    ...part.designators.flatMap((name): LineProblem[] => {
      const before = places.get(name);
      places.set(name, line);
      if (before === undefined) return [];
      const other = parts[before];
      if (before !== line && other && sharesPlace(other, part)) return [];
      return [
        {
          line,
          field: 'designators',
          message: said(before === line ? 'lists.line.twiceInLine' : 'lists.line.inLineAlready', {
            name,
          }),
        },
      ];
    }),
  ]);
}

/** What is wrong with one line by itself. */
export function checkLine(part: Part): Omit<LineProblem, 'line'>[] {
  const { valueKind, role, signs } = familyOf(part);
  const { designators, quantity, value, pins, lotNote, supply } = part;
  const found: Omit<LineProblem, 'line'>[] = [];
  if (designators.length > 0 && designators.length !== quantity) {
    found.push({
      field: 'quantity',
      message: said('lists.line.quantityAndPlaces', { quantity, count: designators.length }),
    });
  }
  if (supply === 'spare' && designators.length > 0) {
    found.push({
      field: 'supply',
      message: said('lists.line.aSpareHasNoPlaceOnThe'),
    });
  }
  const unit = typeof valueKind === 'object' ? valueKind.unit : undefined;
  const fits =
    value.kind === 'none' ||
    (value.kind === 'amount' ? value.unit === unit : value.kind === valueKind);
  if (!fits) {
    found.push({
      field: 'value',
      message: said('lists.line.thisKindOfPartHasAnotherKind'),
    });
  }
  const twoRows = role === 'chip' || role === 'socket';
  if (pins !== undefined && (pins < 1 || pins > 64 || (twoRows && (pins % 2 === 1 || pins < 4)))) {
    found.push({
      field: 'pins',
      message: said('lists.line.pinsCannotBeWriteTheNumberOf', { pins }),
    });
  }
  const known = new Set(signs.map(({ mark }) => mark));
  if (lotNote?.turned?.some((mark) => !known.has(mark) || !signMarks.includes(mark))) {
    found.push({
      field: 'lotNote',
      message: said('lists.line.thisKindOfPartHasNoSuch'),
    });
  }
  return found;
}
