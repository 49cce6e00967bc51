import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';
import { sharesPlace } from './sharesPlace.ts';
import { signMarks } from './sign.ts';

export interface LineProblem {
  /** Counted from 0. */
  readonly line: number;
  readonly field: 'designators' | 'quantity' | 'value' | 'pins' | 'lotNote' | 'supply';
  /** What is wrong and the way out. */
  readonly message: string;
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
      const where = before === line ? 'twice in this line' : 'in another line already';
      return [
        {
          line,
          field: 'designators',
          message: `${name} stands ${where}; each place takes one part, so change or remove one of them.`,
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
      message: `The quantity is ${quantity}, but ${designators.length} place name${designators.length === 1 ? ' is' : 's are'} given; make them agree.`,
    });
  }
  if (supply === 'spare' && designators.length > 0) {
    found.push({
      field: 'supply',
      message:
        'A spare has no place on the board; remove the place names, or say that it is fitted.',
    });
  }
  const unit = typeof valueKind === 'object' ? valueKind.unit : undefined;
  const fits =
    value.kind === 'none' ||
    (value.kind === 'amount' ? value.unit === unit : value.kind === valueKind);
  if (!fits) {
    found.push({
      field: 'value',
      message: 'This kind of part has another kind of value; write it anew.',
    });
  }
  const twoRows = role === 'chip' || role === 'socket';
  if (pins !== undefined && (pins < 1 || pins > 64 || (twoRows && (pins % 2 === 1 || pins < 4)))) {
    found.push({
      field: 'pins',
      message: `${pins} pins cannot be; write the number of pins, such as 8.`,
    });
  }
  const known = new Set(signs.map(({ mark }) => mark));
  if (lotNote?.turned?.some((mark) => !known.has(mark) || !signMarks.includes(mark))) {
    found.push({
      field: 'lotNote',
      message: 'This kind of part has no such mark; choose one of its own.',
    });
  }
  return found;
}
