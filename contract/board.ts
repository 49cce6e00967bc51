import * as yup from 'yup';
import type { Backdrop, Board, Hole, Link, Pad, Placement } from '#core/board/board';
import type { PlacementMapping } from '#core/board/placementList';
import { endpoint } from './endpoint.ts';
import { anyText, flag, number, someText } from './leaves.ts';
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

const length = (what: string, least: number, most: number): Schema<number> =>
  leaf(
    yup
      .number()
      .typeError(`Write ${what} in millimetres.`)
      .min(least, `${what} is at least ${least} mm.`)
      .max(most, `${what} is at most ${most} mm.`)
      .required(`Write ${what}.`),
  );

const place = anyText('A place name', 12);
const position = length('A position', -1000, 1000);
const net = someText('The name of a net', 60, 'Name the net.');
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
      .matches(
        /^data:image\/(png|jpeg|webp|svg\+xml);/,
        'Choose a picture as PNG, JPEG, WebP or SVG.',
      )
      .max(largestBackdrop, 'This picture is too large; choose a smaller one.')
      .required(),
  ),
  widthPx: pixels,
  heightPx: pixels,
  mmPerPx: pixels,
  xMm: position,
  yMm: position,
});

const listOf = <T>(item: Schema<T>, most: number, tooMany?: string) =>
  list(item, (array) => array.max(most, tooMany).required());

/** A board as it is drawn, without the picture behind it. */
export type DrawnBoard = Omit<Board, 'backdrop'>;

const drawn: FieldsOf<DrawnBoard> = {
  widthMm: length('The width', 5, 600),
  heightMm: length('The height', 5, 600),
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
    'A board has at most 1000 parts.',
  ),
  pads: listOf(
    record<Pad>({
      place,
      pin: anyText('The name of a pin', 8),
      net: nullable(net),
      xMm: position,
      yMm: position,
      widthMm: length('A pad', 0, 100),
      heightMm: length('A pad', 0, 100),
      rotation: number,
      side: oneOf([...sides, 'both']),
      drillMm: nullable(number),
      plated: flag,
      square: flag,
    }),
    5000,
    'A board has at most 5000 pads.',
  ),
  planes: listOf(net, 40),
  cuts: listOf(hole, 2000),
  links: listOf(record<Link>({ from: hole, to: hole }), 1000),
  otherRecords: listOf(someText('A record', 400, 'A record is empty.'), 20_000),
};

export const boardSchema: Schema<Board> = record<Board>({
  ...drawn,
  backdrop: optional(backdropSchema),
});

export const drawnBoardOrNone: Schema<DrawnBoard | null> = nullable(
  record<DrawnBoard>(drawn),
  'Give the board, or null.',
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
        .required('Choose a Gerber file.')
        .max(1_000_000, 'This file is too large; choose the silkscreen layer alone.'),
    ),
  }),
});

const columnAt = leaf(yup.number().integer().min(-1).max(200).required('Say which column it is.'));
export const headings = list(anyText('A heading', 500), (array) => array.required().max(200));

export const placementMappingSchema: Schema<PlacementMapping> = record<PlacementMapping>(
  { place: columnAt, x: columnAt, y: columnAt, rotation: columnAt, side: columnAt, span: columnAt },
  'Say which column is which.',
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
