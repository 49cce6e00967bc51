import type { TFunction } from 'i18next';
import type { Board, Pad, Side } from '../board/board.ts';
import type { Facing } from '../board/facing.ts';
import { type Hidden, hiddenBodies, hiddenJoints } from '../board/hiding.ts';
import { gridOf, holeName, seenColumn } from '../board/holes.ts';
import { holeOf } from '../board/nets.ts';
import { socketUnder } from '../board/pads.ts';
import { standingParts } from '../board/standing.ts';
import { allWhereabouts, type Whereabouts } from '../board/whereabouts.ts';
import { type Memo, memo, memoOfObject, type ObjectMemo } from '../memo.ts';
import { shortDesignators } from '../parts/label.ts';
import type { Part } from '../parts/part.ts';

type Word = (key: string) => string;

/** `left column, 4th from the top (8 resistors), below R3`; `in the upper middle, above S1`. */
function whereWords(word: Word, t: TFunction, language: string, where: Whereabouts): string {
  const { across, down, lines, beside } = where;
  const { row, column } = lines;
  const nth = (number: number) =>
    t(`board.nth.${new Intl.PluralRules(language, { type: 'ordinal' }).select(number)}`, {
      number,
    });
  const what = (family: string) => word(`family.${family}.many`);
  let area = word(`board.area.${across}-${down}`);
  if (row && column) {
    area = t('board.in-block', {
      row: nth(column.number),
      column: nth(row.number),
      what: what(row.family),
    });
  } else if (row) {
    const { number, count, family } = row;
    area = t(`board.row.${down}`, { nth: nth(number), count, what: what(family) });
  } else if (column) {
    const { number, count, family } = column;
    area = t(`board.column.${across}`, { nth: nth(number), count, what: what(family) });
  }
  const says = beside
    ? t('board.beside', {
        area,
        direction: word(`board.direction.${beside.direction}`),
        place: beside.place,
      })
    : area;
  return where.board ? t('board.onBoard', { board: where.board, where: says }) : says;
}

type WordsOfParts = Memo<string, ReadonlyMap<string, string>>;

// A board is asked for as a whole, by the map and by the list beside it.
const wordsOfBoard = memoOfObject<Board, ObjectMemo<ReadonlyMap<string, Part>, WordsOfParts>>(
  'places of boards in words',
);
/** Both sides in a handful of languages. */
const mostOfBoard = 12;

/** Where every placed part is, in words, seen from one side; by place name. No two have the same. */
export function allWhereWords(
  t: TFunction,
  language: string,
  board: Board,
  parts: ReadonlyMap<string, Part>,
  side: Side,
): ReadonlyMap<string, string> {
  return wordsOfBoard
    .of(board, () =>
      memoOfObject<ReadonlyMap<string, Part>, WordsOfParts>('places of parts in words'),
    )
    .of(parts, () => memo({ name: 'places of a board in words', most: mostOfBoard }))
    .of(`${language} ${side}`, () => whereWordsOf(t, language, board, parts, side));
}

function whereWordsOf(
  t: TFunction,
  language: string,
  board: Board,
  parts: ReadonlyMap<string, Part>,
  side: Side,
): ReadonlyMap<string, string> {
  const words = new Map<string, string>();
  const word: Word = (name) => {
    const found = words.get(name) ?? t(name);
    words.set(name, found);
    return found;
  };
  const sockets = new Map(
    board.placements.flatMap((placement) => {
      const socket = socketUnder(placement, board, parts);
      return socket ? [[placement.place, t('board.in-socket', { place: socket.place })]] : [];
    }),
  );
  const all = [...allWhereabouts(board, parts, side)].map(
    ([place, where]) =>
      [place, where, sockets.get(place) ?? whereWords(word, t, language, where)] as const,
  );
  const times = new Map<string, number>();
  for (const [, , says] of all) times.set(says, (times.get(says) ?? 0) + 1);
  return new Map(
    all.map(([place, { fromLeft, count }, says]) => [
      place,
      times.get(says) === 1 ? says : t('board.counted', { says, fromLeft, count }),
    ]),
  );
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

/** `lies over the joints of R1`, `lies under C1`: what hides what, by place name; only parts that are concerned. */
export function hidingWords(
  t: TFunction,
  board: Board,
  parts: readonly Part[],
): ReadonlyMap<string, readonly string[]> {
  const standing = standingParts(board, parts);
  const words = new Map<string, string[]>();
  const say = (pairs: Iterable<Hidden>, what: 'joints' | 'body') => {
    const over = new Map<string, string[]>();
    const under = new Map<string, string[]>();
    for (const [{ place: hidden }, { place: by }] of pairs) {
      over.set(by, [...(over.get(by) ?? []), hidden]);
      under.set(hidden, [...(under.get(hidden) ?? []), by]);
    }
    for (const [place, others] of over) {
      add(place, t(`board.over-${what}`, { places: shortDesignators(others) }));
    }
    for (const [place, others] of under) {
      add(place, t(`board.under-${what}`, { places: shortDesignators(others) }));
    }
  };
  const add = (place: string, sentence: string) =>
    words.set(place, [...(words.get(place) ?? []), sentence]);
  say(hiddenJoints(standing), 'joints');
  say(hiddenBodies(standing), 'body');
  return words;
}
