import { bandColours } from '../../../bands/colours.ts';
import type { Body } from '../../body.ts';
import type { PartFamily } from '../../family.ts';
import type { Part } from '../../part.ts';
import { material, rect, type Shape } from '../drawing.ts';

/** Room around a seated part, and what of the board is shown below it, in mm. */
export const margin = 3;
export const boardMm = 1.6;
export const below = 3.2;

/** A body in its place on the board, and what both views need of it. */
export interface Seat {
  readonly length: number;
  readonly width: number;
  readonly height: number;
  readonly colour: string;
  readonly body: Body;
  /** Left edge of the body. */
  readonly left: number;
  /** Top of the board, counted from the top of the picture. */
  readonly top: number;
}

export const edge = { stroke: material.edge, strokeWidth: 0.16 } as const;

/** Where leads go through the board, in mm from the left of the picture. */
export function leadsOf(family: PartFamily, part: Part, { left, length, body }: Seat): number[] {
  const middle = left + length / 2;
  const joints = family.joints(part);
  if (family.pads === 'two-rows') {
    const columns = joints / 2;
    return Array.from({ length: columns }, (_, i) => left + ((i + 0.5) * length) / columns);
  }
  if ('pinMm' in body)
    return Array.from({ length: joints }, (_, i) => left + (i + 0.5) * body.pinMm);
  const spread = body.leadMm ?? length * 0.7;
  const count = Math.min(joints, 4);
  if (count <= 1) return [middle];
  return Array.from({ length: count }, (_, i) => middle - spread / 2 + (i * spread) / (count - 1));
}

export const soLegs = ({ left, length }: Seat, { pins = 8 }: Part) =>
  Array.from({ length: pins / 2 }, (_, i) => left + ((i + 0.5) * length) / (pins / 2));

/** Where a body, or what shows of it, lies in the picture. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly height: number;
}

/** The bands across a rod that carries its value in them. */
export function valueBands(family: PartFamily, part: Part, { x, y, length, height }: Box): Shape[] {
  const bands = family.bands?.(part) ?? [];
  return bands.map((band, index) =>
    rect(
      x + length * (0.12 + (0.72 * index) / Math.max(bands.length - 1, 1)),
      y,
      length * 0.07,
      height,
      { fill: bandColours[band].srgb },
    ),
  );
}
