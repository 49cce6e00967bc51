import * as yup from 'yup';
import type { Board } from '#core/board/board';
import type { PlacementMapping } from '#core/board/placementList';
import { endpoint } from './endpoint.ts';

const length = (what: string, least: number, most: number) =>
  yup
    .number()
    .typeError(`Write ${what} in millimetres.`)
    .min(least, `${what} is at least ${least} mm.`)
    .max(most, `${what} is at most ${most} mm.`)
    .required(`Write ${what}.`);

const place = yup.string().strict().max(12).defined();
const position = length('A position', -1000, 1000);
const hole = yup
  .object({
    column: yup.number().integer().min(1).max(400).required(),
    row: yup.number().integer().min(1).max(400).required(),
  })
  .required();

/** A photograph behind the parts is at most this large, as text. */
export const largestBackdrop = 1_400_000;

export const boardSchema = yup
  .object({
    widthMm: length('The width', 5, 600),
    heightMm: length('The height', 5, 600),
    kind: yup.string().oneOf(['printed', 'strip', 'perf']).required(),
    placements: yup
      .array(
        yup
          .object({
            place,
            xMm: position,
            yMm: position,
            rotation: yup.number().min(0).lessThan(360).required(),
            side: yup.string().oneOf(['top', 'bottom']).required(),
            spanMm: yup.number().moreThan(0).max(200),
          })
          .required(),
      )
      .max(1000, 'A board has at most 1000 parts.')
      .required(),
    pads: yup
      .array(
        yup
          .object({
            place,
            pin: yup.string().strict().max(8).defined(),
            net: yup.string().strict().max(60).nullable().defined(),
            xMm: position,
            yMm: position,
            widthMm: length('A pad', 0, 100),
            heightMm: length('A pad', 0, 100),
            rotation: yup.number().required(),
            side: yup.string().oneOf(['top', 'bottom', 'both']).required(),
            drillMm: yup.number().nullable().defined(),
            plated: yup.boolean().required(),
            square: yup.boolean().required(),
          })
          .required(),
      )
      .max(5000, 'A board has at most 5000 pads.')
      .required(),
    planes: yup.array(yup.string().strict().max(60).required()).max(40).required(),
    cuts: yup.array(hole).max(2000).required(),
    links: yup
      .array(yup.object({ from: hole, to: hole }).required())
      .max(1000)
      .required(),
    otherRecords: yup.array(yup.string().strict().max(400).required()).max(20_000).required(),
    backdrop: yup
      .object({
        image: yup
          .string()
          .strict()
          .matches(
            /^data:image\/(png|jpeg|webp|svg\+xml);/,
            'Choose a picture as PNG, JPEG, WebP or SVG.',
          )
          .max(largestBackdrop, 'This picture is too large; choose a smaller one.')
          .required(),
        widthPx: yup.number().moreThan(0).required(),
        heightPx: yup.number().moreThan(0).required(),
        mmPerPx: yup.number().moreThan(0).required(),
        xMm: position,
        yMm: position,
      })
      .default(undefined)
      .optional(),
  })
  .nullable()
  .defined('Give the board, or null.') as unknown as yup.ISchema<Board | null>;

/** Draws a layer of a board (RS-274X, the silkscreen say) as a picture to put behind the parts. */
export const drawGerber = endpoint<{ image: string; widthMm: number; heightMm: number }>()({
  method: 'POST',
  path: '/api/kits/gerber-picture',
  body: yup.object({
    text: yup
      .string()
      .strict()
      .required('Choose a Gerber file.')
      .max(1_000_000, 'This file is too large; choose the silkscreen layer alone.'),
  }),
});

const columnAt = yup.number().integer().min(-1).max(200).required('Say which column it is.');
const headings = yup.array(yup.string().strict().defined().max(500)).required().max(200);

/** How columns of positions with such headings were read last, or null. */
export const getPlacementColumns = endpoint<PlacementMapping | null>()({
  method: 'POST',
  path: '/api/remembered-positions',
  body: yup.object({ headings }),
});
/** From now on columns of positions with such headings are read like this. */
export const rememberPlacementColumns = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/remembered-positions',
  body: yup.object({
    headings,
    mapping: yup
      .object({
        place: columnAt,
        x: columnAt,
        y: columnAt,
        rotation: columnAt,
        side: columnAt,
        span: columnAt,
      })
      .required('Say which column is which.'),
  }),
});
