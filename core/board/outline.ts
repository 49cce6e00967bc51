import type { Pad, Side } from './board.ts';

/** A rectangle anywhere on a board: middle and size in mm, rounded corners, turned counter-clockwise by degrees. */
export interface BoardRect {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly rotation: number;
  readonly radiusMm: number;
}

/** Hundreds of pads are drawn as one outline each layer: a browser paints one path sooner than hundreds of shapes. */
export interface CopperOutlines {
  readonly copper: Readonly<Record<Side | 'both', string>>;
  readonly holes: string;
}

const squareCornerMm = 0.15;

/**
 * The copper of so many pads and their holes as path data (SVG 1.1, 8.3), seen from the component side, y down.
 *
 * @param boardHeightMm the upper edge of the board, where y is 0 in the picture
 */
export function copperOutlines(pads: readonly Pad[], boardHeightMm: number): CopperOutlines {
  const copper = { top: '', bottom: '', both: '' };
  let holes = '';
  for (const pad of pads) {
    const { widthMm, heightMm, drillMm, square, plated, side } = pad;
    if (plated || drillMm === null) {
      const boxed = square || drillMm === null;
      const radiusMm = boxed ? squareCornerMm : Math.min(widthMm, heightMm) / 2;
      copper[side] += rectOutline({ ...pad, radiusMm }, boardHeightMm);
    }
    if (drillMm !== null) {
      const hole = { ...pad, widthMm: drillMm, heightMm: drillMm, radiusMm: drillMm / 2 };
      holes += rectOutline(hole, boardHeightMm);
    }
  }
  return { copper, holes };
}

/** A rectangle as path data, its corners as arcs; y down from the upper edge of the board. */
export function rectOutline(rect: BoardRect, boardHeightMm: number): string {
  const { xMm, yMm, rotation, radiusMm: r } = rect;
  const [w, h] = [rect.widthMm / 2, rect.heightMm / 2];
  const angle = (-rotation * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const at = (x: number, y: number) =>
    `${written(xMm + x * cos - y * sin)} ${written(boardHeightMm - yMm + x * sin + y * cos)}`;
  const corner = (x: number, y: number) =>
    r === 0 ? `L${at(x, y)}` : `A${written(r)} ${written(r)} 0 0 1 ${at(x, y)}`;
  return [
    `M${at(-w + r, -h)}`,
    `L${at(w - r, -h)}`,
    corner(w, -h + r),
    `L${at(w, h - r)}`,
    corner(w - r, h),
    `L${at(-w + r, h)}`,
    corner(-w, h - r),
    `L${at(-w, -h + r)}`,
    corner(-w + r, -h),
    'Z',
  ].join('');
}

/** To a micrometre. */
const written = (value: number) => String(Math.round(value * 1e3) / 1e3);
