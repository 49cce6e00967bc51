import {
  type Board,
  type BoardColour,
  type BoardKind,
  type BoardPicture,
  type BoardShape,
  type Hole,
  type Link,
  type PictureSort,
  type Placement,
  pitchMm,
  type Side,
} from './board.ts';
import { extentOf, movedShape, shapeAt } from './boardShape.ts';
import { gridOf, sizeOf } from './holes.ts';
import { turned } from './transform.ts';

/** Two edges that meet. */
export type Corner = 'right-top' | 'right-bottom' | 'left-top' | 'left-bottom';

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
  | { readonly kind: 'cut'; readonly hole: Hole }
  | { readonly kind: 'link'; readonly link: Link }
  | {
      readonly kind: 'resize';
      readonly widthMm: number;
      readonly heightMm: number;
      /** Where it grows, or loses: what is on it stays at the other edges. */
      readonly at: Corner;
    }
  /** Hand-wired boards have holes at 2.54 mm, so their size is brought to whole holes. */
  | { readonly kind: 'kind'; readonly board: BoardKind }
  /** Other boards, or one of another shape; none makes it a rectangle again. */
  | { readonly kind: 'shapes'; readonly shapes: readonly BoardShape[] }
  /** One of several boards, by number, with all that is on it. */
  | {
      readonly kind: 'move-board';
      readonly board: number;
      readonly dx: number;
      readonly dy: number;
    }
  | { readonly kind: 'colour'; readonly colour: BoardColour }
  /** Whether parts are on no board at all: in the case, at a cable. */
  | { readonly kind: 'nowhere'; readonly places: readonly string[]; readonly is: boolean }
  /** Takes the place of another of the same side and sort. */
  | { readonly kind: 'picture'; readonly picture: BoardPicture }
  | { readonly kind: 'no-picture'; readonly side: Side; readonly what: PictureSort };

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
      return resized(board, edit.widthMm, edit.heightMm, edit.at);
    case 'kind':
      return edit.board === 'printed'
        ? { ...board, kind: edit.board }
        : { ...withoutShapes(board), ...sizeOf(gridOf(board)), kind: edit.board };
    case 'shapes':
      return shaped(board, edit.shapes);
    case 'move-board':
      return withMovedBoard(board, edit.board, edit.dx, edit.dy);
    case 'colour':
      return { ...board, colour: edit.colour };
    case 'nowhere': {
      const { nowhere = [], ...rest } = edit.is
        ? apply(board, { kind: 'remove', places: edit.places })
        : board;
      const others = nowhere.filter((place) => !edit.places.includes(place));
      const left = edit.is ? [...others, ...edit.places] : others;
      return left.length === 0 ? rest : { ...rest, nowhere: left };
    }
    case 'picture':
      return {
        ...board,
        pictures: [...otherPictures(board, edit.picture), edit.picture],
      };
    case 'no-picture': {
      const { pictures: _, ...rest } = board;
      const others = otherPictures(board, edit);
      return others.length > 0 ? { ...rest, pictures: others } : rest;
    }
  }
}

/** Another size: everything on the board keeps its distance from the edges that stay. */
function resized(board: Board, widthMm: number, heightMm: number, at: Corner): Board {
  const [wider, higher] = [widthMm - board.widthMm, heightMm - board.heightMm];
  // x counts from the left edge, y from the lower one; rows of holes from the upper one.
  const dx = at.startsWith('left') ? wider : 0;
  const dy = at.endsWith('bottom') ? higher : 0;
  const columns = Math.round(dx / pitchMm);
  const rows = Math.round((higher - dy) / pitchMm);
  const movedHole = (hole: Hole): Hole => ({ column: hole.column + columns, row: hole.row + rows });
  const grid = gridOf({ widthMm, heightMm });
  const isThere = ({ column, row }: Hole) =>
    column >= 1 && column <= grid.columns && row >= 1 && row <= grid.rows;
  return {
    ...moved(board, dx, dy),
    widthMm,
    heightMm,
    cuts: board.cuts.map(movedHole).filter(isThere),
    links: board.links
      .map(({ from, to }) => ({ from: movedHole(from), to: movedHole(to) }))
      .filter(({ from, to }) => isThere(from) && isThere(to)),
  };
}

/** Everything that is measured from the lower left corner, so far from it. */
function moved(board: Board, dx: number, dy: number): Board {
  if (dx === 0 && dy === 0) return board;
  const shifted = <Spot extends InMm>(spot: Spot): Spot => displaced(spot, dx, dy);
  return {
    ...board,
    placements: board.placements.map(shifted),
    pads: board.pads.map(shifted),
    origin: shifted(board.origin ?? { xMm: 0, yMm: 0 }),
    ...(board.shapes ? { shapes: board.shapes.map((shape) => movedShape(shape, dx, dy)) } : {}),
    ...(board.pictures ? { pictures: board.pictures.map(shifted) } : {}),
  };
}

interface InMm {
  readonly xMm: number;
  readonly yMm: number;
}

const displaced = <Spot extends InMm>(spot: Spot, dx: number, dy: number): Spot => ({
  ...spot,
  xMm: tenth(spot.xMm + dx),
  yMm: tenth(spot.yMm + dy),
});

const otherPictures = (
  { pictures = [] }: Board,
  { side, what }: Pick<BoardPicture, 'side' | 'what'>,
): readonly BoardPicture[] => pictures.filter((one) => one.side !== side || one.what !== what);

const withoutShapes = ({ shapes: _, ...board }: Board): Board => board;

/** Boards so shaped, moved with all that is on them so that the leftmost and the lowest edge are at 0. */
function shaped(board: Board, shapes: readonly BoardShape[]): Board {
  if (shapes.length === 0) return withoutShapes(board);
  const extents = shapes.map(({ edge }) => extentOf(edge));
  const left = Math.min(...extents.map((one) => one.left));
  const bottom = Math.min(...extents.map((one) => one.bottom));
  const right = Math.max(...extents.map((one) => one.left + one.widthMm));
  const top = Math.max(...extents.map((one) => one.bottom + one.heightMm));
  return {
    ...moved({ ...board, shapes }, -left, -bottom),
    widthMm: tenth(right - left),
    heightMm: tenth(top - bottom),
  };
}

/** The others stay, and so do pictures, which show them all. */
function withMovedBoard(board: Board, number: number, dx: number, dy: number): Board {
  const { shapes = [] } = board;
  const shape = shapes[number];
  if (!shape) return board;
  const isOn = ({ xMm, yMm }: InMm) => shapeAt(shapes, { x: xMm, y: yMm }) === number;
  const mine = new Set(board.placements.filter(isOn).map(({ place }) => place));
  return shaped(
    {
      ...board,
      placements: board.placements.map((one) =>
        mine.has(one.place) ? displaced(one, dx, dy) : one,
      ),
      pads: board.pads.map((pad) => (mine.has(pad.place) ? displaced(pad, dx, dy) : pad)),
    },
    shapes.with(number, movedShape(shape, dx, dy)),
  );
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
