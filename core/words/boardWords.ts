import type { TFunction } from 'i18next';
import type { Board, Pad, Side } from '../board/board.ts';
import type { Facing } from '../board/facing.ts';
import { gridOf, holeName, seenColumn } from '../board/holes.ts';
import { holeOf } from '../board/nets.ts';
import { allWhereabouts, type Whereabouts } from '../board/whereabouts.ts';

/** `number 3 of 12 from the left edge, in the upper middle, above S1`. */
function whereWords(word: Word, t: TFunction, where: Whereabouts): string {
  const { across, down, fromLeft, count, beside } = where;
  const area = word(`board.area.${across}-${down}`);
  if (!beside) return t('board.where', { fromLeft, count, area });
  const direction = word(`board.direction.${beside.direction}`);
  return t('board.beside', { fromLeft, count, area, direction, place: beside.place });
}

type Word = (key: string) => string;

// A board is asked for as a whole, by the map and by the list beside it.
const known = new WeakMap<Board, Map<string, ReadonlyMap<string, string>>>();

/** Where every placed part is, in words, seen from one side; by place name. */
export function allWhereWords(
  t: TFunction,
  language: string,
  board: Board,
  side: Side,
): ReadonlyMap<string, string> {
  const ofBoard = known.get(board) ?? new Map<string, ReadonlyMap<string, string>>();
  known.set(board, ofBoard);
  const key = `${language} ${side}`;
  const before = ofBoard.get(key);
  if (before) return before;
  const words = new Map<string, string>();
  const word: Word = (name) => {
    const found = words.get(name) ?? t(name);
    words.set(name, found);
    return found;
  };
  const all = new Map(
    [...allWhereabouts(board, side)].map(([place, where]) => [place, whereWords(word, t, where)]),
  );
  ofBoard.set(key, all);
  return all;
}

/** The holes of a part on a hand-wired board, by name and as they are counted on the side one sees. */
export function holeWords(
  t: TFunction,
  board: Board,
  side: Side,
  pads: readonly Pick<Pad, 'xMm' | 'yMm'>[],
): string[] {
  if (board.kind === 'printed') return [];
  const grid = gridOf(board);
  return pads.map((pad) => {
    const hole = holeOf(board, pad);
    return t(side === 'top' ? 'board.hole' : 'board.hole-below', {
      hole: holeName(hole),
      column: seenColumn(grid, side, hole),
    });
  });
}

/** `stripe on the can towards the left`. */
export const facingWords = (t: TFunction, { mark, edge }: Facing): string =>
  t('board.facing', { mark: t(`sign.${mark}`), edge: t(`board.edge.${edge}`) });

export const sideWords = (t: TFunction, side: Side): string => t(`board.${side}`);
