import type { Board, BoardKind, Hole, Link, Placement } from './board.ts';
import { gridOf, sizeOf } from './holes.ts';
import { turned } from './transform.ts';

/** One thing that the hand does to a layout. */
export type Edit =
  | { readonly kind: 'place'; readonly placement: Placement }
  | {
      readonly kind: 'move';
      readonly places: readonly string[];
      readonly dx: number;
      readonly dy: number;
    }
  | { readonly kind: 'rotate'; readonly places: readonly string[]; readonly by: number }
  | { readonly kind: 'flip'; readonly places: readonly string[] }
  | { readonly kind: 'remove'; readonly places: readonly string[] }
  | { readonly kind: 'span'; readonly place: string; readonly spanMm: number | undefined }
  | { readonly kind: 'align'; readonly places: readonly string[]; readonly along: 'row' | 'column' }
  | { readonly kind: 'cut'; readonly hole: Hole }
  | { readonly kind: 'link'; readonly link: Link }
  | { readonly kind: 'resize'; readonly widthMm: number; readonly heightMm: number }
  /** Hand-wired boards have holes at 2.54 mm, so their size is brought to whole holes. */
  | { readonly kind: 'kind'; readonly board: BoardKind }
  | { readonly kind: 'backdrop'; readonly backdrop: Board['backdrop'] };

const sameHole = (a: Hole, b: Hole) => a.column === b.column && a.row === b.row;
const tenth = (value: number) => Math.round(value * 1e4) / 1e4;

/** The board after an edit; the one before is left as it was. */
export function apply(board: Board, edit: Edit): Board {
  switch (edit.kind) {
    case 'place':
      return {
        ...board,
        placements: [
          ...board.placements.filter(({ place }) => place !== edit.placement.place),
          edit.placement,
        ],
      };
    case 'move':
      return change(board, edit.places, (one) => ({
        ...one,
        xMm: tenth(one.xMm + edit.dx),
        yMm: tenth(one.yMm + edit.dy),
      }));
    case 'rotate':
      return change(board, edit.places, (one) => ({
        ...one,
        rotation: turned(one.rotation, edit.by),
      }));
    case 'flip':
      return change(board, edit.places, (one) => ({
        ...one,
        side: one.side === 'top' ? 'bottom' : 'top',
      }));
    case 'remove':
      return {
        ...board,
        placements: board.placements.filter(({ place }) => !edit.places.includes(place)),
        pads: board.pads.filter(({ place }) => !edit.places.includes(place)),
      };
    case 'span':
      return change(board, [edit.place], ({ spanMm: _, ...one }) =>
        edit.spanMm === undefined ? one : { ...one, spanMm: edit.spanMm },
      );
    case 'align': {
      const first = board.placements.find(({ place }) => place === edit.places[0]);
      if (!first) return board;
      return change(board, edit.places, (one) =>
        edit.along === 'row' ? { ...one, yMm: first.yMm } : { ...one, xMm: first.xMm },
      );
    }
    case 'cut': {
      const there = board.cuts.some((hole) => sameHole(hole, edit.hole));
      const cuts = there
        ? board.cuts.filter((hole) => !sameHole(hole, edit.hole))
        : [...board.cuts, edit.hole];
      return { ...board, cuts };
    }
    case 'link': {
      const { from, to } = edit.link;
      if (sameHole(from, to)) return board;
      const same = (link: Link) =>
        (sameHole(link.from, from) && sameHole(link.to, to)) ||
        (sameHole(link.from, to) && sameHole(link.to, from));
      const links = board.links.some(same)
        ? board.links.filter((link) => !same(link))
        : [...board.links, edit.link];
      return { ...board, links };
    }
    case 'resize':
      return { ...board, widthMm: edit.widthMm, heightMm: edit.heightMm };
    case 'kind':
      return edit.board === 'printed'
        ? { ...board, kind: edit.board }
        : { ...board, ...sizeOf(gridOf(board)), kind: edit.board };
    case 'backdrop': {
      const { backdrop: _, ...rest } = board;
      return edit.backdrop ? { ...rest, backdrop: edit.backdrop } : rest;
    }
  }
}

/** A part that is moved by hand leaves the pads of a pad list behind: from then on its footprint makes them. */
function change(
  board: Board,
  places: readonly string[],
  by: (placement: Placement) => Placement,
): Board {
  return {
    ...board,
    placements: board.placements.map((one) => (places.includes(one.place) ? by(one) : one)),
    pads: board.pads.filter(({ place }) => !places.includes(place)),
  };
}

/** The nearest step of a grid. */
export const snapped = (value: number, stepMm: number): number =>
  tenth(Math.round(value / stepMm) * stepMm);
