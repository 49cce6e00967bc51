import * as yup from 'yup';
import {
  type Backdrop,
  type Board,
  boardColours,
  type Hole,
  type Link,
  type Pad,
  type Placement,
} from '#core/board/board';
import type { PlacementMapping } from '#core/board/placementList';
import {
  type DrillHole,
  mostHoles,
  mostPanelMm,
  mostPanels,
  type Panel,
} from '#core/housing/panel';
import { type Said, said } from '#core/learning/said';
import { headings } from './columns.ts';
import { endpoint } from './endpoint.ts';
import { anyText, flag, number, someText, trimmed } from './leaves.ts';
import {
  type FieldsOf,
  fields,
  leaf,
  list,
  nullable,
  oneOf,
  optional,
  record,
  type Schema,
} from './schema.ts';

const length = (least: number, most: number): Schema<number> => {
  const wrong = said('refusals.board.writeInMillimetres', { least, most });
  return leaf(yup.number().typeError(wrong).min(least, wrong).max(most, wrong).required(wrong));
};

const place = anyText(12);
const position = length(-1000, 1000);
const net = someText(60, said('refusals.board.nameTheNet'));
const count = leaf(yup.number().integer().min(1).max(400).required());
const pixels = leaf(yup.number().moreThan(0).required());
const sides = ['top', 'bottom'] as const;

const hole = record<Hole>({ column: count, row: count });

/** A photograph behind the parts is at most this large, as text. */
export const largestBackdrop = 1_400_000;

export const backdropSchema = record<Backdrop>({
  image: leaf(
    yup
      .string()
      .strict()
      .matches(/^data:image\/(png|jpeg|webp|svg\+xml);/, {
        message: said('refusals.board.chooseAPictureAsPngJpegWebp'),
      })
      .max(largestBackdrop, said('refusals.board.thisPictureIsTooLargeChooseA'))
      .required(),
  ),
  widthPx: pixels,
  heightPx: pixels,
  mmPerPx: pixels,
  xMm: position,
  yMm: position,
});

const listOf = <T>(item: Schema<T>, most: number, tooMany?: Said) =>
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

/** A board as it is drawn, without the picture behind it. */
export type DrawnBoard = Omit<Board, 'backdrop'>;

const drawn: FieldsOf<DrawnBoard> = {
  widthMm: length(5, 600),
  heightMm: length(5, 600),
  kind: oneOf(['printed', 'strip', 'perf']),
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
  colour: optional(oneOf(boardColours)),
  nowhere: optional(listOf(place, 400)),
  otherRecords: listOf(someText(400, said('refusals.board.aRecordIsEmpty')), 20_000),
};

export const boardSchema: Schema<Board> = record<Board>({
  ...drawn,
  backdrop: optional(backdropSchema),
});

export const drawnBoardOrNone: Schema<DrawnBoard | null> = nullable(
  record<DrawnBoard>(drawn),
  said('refusals.board.giveTheBoardOrNull'),
);

/** Draws a layer of a board (RS-274X, the silkscreen say) as a picture to put behind the parts. */
export const drawGerber = endpoint<{ image: string; widthMm: number; heightMm: number }>()({
  method: 'POST',
  path: '/api/kits/gerber-picture',
  access: 'instructor',
  bodySize: 'large',
  body: fields({
    text: leaf(
      yup
        .string()
        .strict()
        .required(said('refusals.board.chooseAGerberFile'))
        .max(1_000_000, said('refusals.board.thisFileIsTooLargeChooseThe')),
    ),
  }),
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
