import * as yup from 'yup';
import {
  type Board,
  type BoardPicture,
  type BoardShape,
  boardColours,
  type ClosedLine,
  diodePinOnes,
  type Hole,
  type LineCorner,
  type Link,
  type Pad,
  type Placement,
  pictureSorts,
} from '#core/board/board';
import { mostCorners, mostCutOuts, mostShapes } from '#core/board/boardShape';
import type { EdgeLayer } from '#core/board/edgeLayer';
import type { PlacementMapping } from '#core/board/placementList';
import {
  type DrillHole,
  mostHoles,
  mostPanelMm,
  mostPanels,
  type Panel,
} from '#core/housing/panel';
import { type Said, said } from '#core/learning/said';
import { mostWireMm } from '#core/parts/mounting';
import { type Cable, type Core, mostCables, mostCores } from '#core/wiring/cable';
import { headings } from './columns.ts';
import { endpoint } from './endpoint.ts';
import { anyText, flag, number, someText, trimmed } from './leaves.ts';
import { pictureHash } from './pictures.ts';
import { fields, leaf, list, nullable, oneOf, optional, record, type Schema } from './schema.ts';

const length = (least: number, most: number): Schema<number> => {
  const wrong = said('refusals.board.writeInMillimetres', { least, most });
  return leaf(yup.number().typeError(wrong).min(least, wrong).max(most, wrong).required(wrong));
};

export const place = anyText(12);
export const position = length(-1000, 1000);
export const net = someText(60, said('refusals.board.nameTheNet'));
const count = leaf(yup.number().integer().min(1).max(400).required());
const pixels = leaf(yup.number().moreThan(0).required());
const sides = ['top', 'bottom'] as const;

const hole = record<Hole>({ column: count, row: count });

const boardPicture = record<BoardPicture>({
  side: oneOf(sides),
  what: oneOf(pictureSorts),
  hash: pictureHash,
  widthPx: pixels,
  heightPx: pixels,
  mmPerPx: pixels,
  xMm: position,
  yMm: position,
});

export const listOf = <T>(item: Schema<T>, most: number, tooMany?: Said) =>
  list(item, (array) => array.max(most, tooMany).required());

const panel = record<Panel>({
  name: trimmed(60, said('refusals.board.nameThePanel')),
  widthMm: length(5, mostPanelMm),
  heightMm: length(5, mostPanelMm),
  fromX: oneOf(['left', 'right']),
  fromY: oneOf(['top', 'bottom']),
  holes: listOf(
    record<DrillHole>({
      xMm: position,
      yMm: position,
      diameterMm: length(0.1, 500),
      what: anyText(60),
    }),
    mostHoles,
    said('refusals.board.atMostHoles', { most: mostHoles }),
  ),
});

const cable = record<Cable>({
  name: trimmed(60, said('refusals.board.nameTheCable')),
  mm: nullable(length(1, mostWireMm)),
  through: anyText(80),
  cores: listOf(
    record<Core>({ colour: anyText(40), from: anyText(40), to: anyText(40) }),
    mostCores,
    said('refusals.board.atMostCores', { most: mostCores }),
  ),
});

const closedLine: Schema<ClosedLine> = list(
  record<LineCorner>({
    xMm: position,
    yMm: position,
    radiusMm: optional(length(0, 1000)),
  }),
  (array) =>
    array
      .min(3, said('refusals.board.aLineHasThreeCorners'))
      .max(mostCorners, said('refusals.board.atMostCorners', { most: mostCorners }))
      .required(),
);

const shape = record<BoardShape>({
  name: anyText(40),
  edge: closedLine,
  cutOuts: listOf(
    closedLine,
    mostCutOuts,
    said('refusals.board.atMostCutOuts', { most: mostCutOuts }),
  ),
});

export const boardSchema: Schema<Board> = record<Board>({
  widthMm: length(5, 600),
  heightMm: length(5, 600),
  kind: oneOf(['printed', 'strip', 'perf']),
  shapes: optional(
    listOf(shape, mostShapes, said('refusals.board.atMostBoards', { most: mostShapes })),
  ),
  origin: optional(record<{ xMm: number; yMm: number }>({ xMm: position, yMm: position })),
  placements: listOf(
    record<Placement>({
      place,
      xMm: position,
      yMm: position,
      rotation: leaf(yup.number().min(0).lessThan(360).required()),
      side: oneOf(sides),
      spanMm: leaf(yup.number().moreThan(0).max(200)),
    }),
    1000,
    said('refusals.board.aBoardHasAtMost1000Parts'),
  ),
  pads: listOf(
    record<Pad>({
      place,
      pin: anyText(8),
      net: nullable(net),
      xMm: position,
      yMm: position,
      widthMm: length(0, 100),
      heightMm: length(0, 100),
      rotation: number,
      side: oneOf([...sides, 'both']),
      drillMm: nullable(number),
      plated: flag,
      square: flag,
    }),
    5000,
    said('refusals.board.aBoardHasAtMost5000Pads'),
  ),
  planes: listOf(net, 40),
  cuts: listOf(hole, 2000),
  links: listOf(record<Link>({ from: hole, to: hole }), 1000),
  panels: optional(
    listOf(panel, mostPanels, said('refusals.board.atMostPanels', { most: mostPanels })),
  ),
  cables: optional(
    listOf(cable, mostCables, said('refusals.board.atMostCables', { most: mostCables })),
  ),
  colour: optional(oneOf(boardColours)),
  diodePinOne: optional(oneOf(diodePinOnes)),
  nowhere: optional(listOf(place, 400)),
  pictures: optional(listOf(boardPicture, 6)),
  otherRecords: listOf(someText(400, said('refusals.board.aRecordIsEmpty')), 20_000),
});

export const boardOrNone: Schema<Board | null> = nullable(
  boardSchema,
  said('refusals.board.giveTheBoardOrNull'),
);

/** A layer as a picture that is kept, and where its lower left corner lies from the origin of the file. */
export interface DrawnLayer {
  readonly hash: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly leftMm: number;
  readonly bottomMm: number;
}

const gerberText = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.board.chooseAGerberFile'))
    .max(1_000_000, said('refusals.board.thisFileIsTooLargeChooseThe')),
);

/** Draws a layer of a board (RS-274X) as a picture, and keeps it with the kit. */
export const drawGerber = endpoint<DrawnLayer>()({
  method: 'POST',
  path: '/api/kits/:kitId/gerber-picture',
  access: 'instructor',
  bodySize: 'large',
  body: fields({ text: gerberText, what: oneOf(['print', 'copper']) }),
});

/** Reads the edges of boards from a layer (RS-274X): what is drawn there as closed lines. */
export const readEdges = endpoint<EdgeLayer>()({
  method: 'POST',
  path: '/api/kits/gerber-edges',
  access: 'instructor',
  bodySize: 'large',
  body: fields({ text: gerberText }),
});

const columnAt = leaf(
  yup.number().integer().min(-1).max(200).required(said('refusals.board.sayWhichColumnItIs')),
);

export const placementMappingSchema: Schema<PlacementMapping> = record<PlacementMapping>(
  { place: columnAt, x: columnAt, y: columnAt, rotation: columnAt, side: columnAt, span: columnAt },
  said('refusals.board.sayWhichColumnIsWhich'),
);

/** How columns of positions with such headings were read last, or null. */
export const getPlacementColumns = endpoint<PlacementMapping | null>()({
  method: 'POST',
  path: '/api/remembered-positions',
  access: 'instructor',
  body: fields({ headings }),
});
/** From now on columns of positions with such headings are read like this. */
export const rememberPlacementColumns = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/remembered-positions',
  access: 'instructor',
  body: fields({ headings, mapping: placementMappingSchema }),
});
