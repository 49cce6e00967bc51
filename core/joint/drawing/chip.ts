import { type Drawing, path, rect, type Shape } from '../../parts/drawing/drawing.ts';
import type { ChipShape } from '../variations.ts';
import { metal } from './colours.ts';

const widthMm = 6;
const body = { length: 3.2, width: 1.6, height: 0.6, cap: 0.5 } as const;
const padLength = 1.3;
const padFrom = 0.9;

type Point = readonly [number, number];

const outline = (points: readonly Point[]): string =>
  `M${points.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}Z`;

/** Corners of a box turned about a point, in degrees clockwise on the page. */
function turned(corners: readonly Point[], [cx, cy]: Point, degrees: number): Point[] {
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return corners.map(([x, y]) => [
    cx + (x - cx) * cos - (y - cy) * sin,
    cy + (x - cx) * sin + (y - cy) * cos,
  ]);
}

const box = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];

const mirror = (points: readonly Point[], is: boolean): readonly Point[] =>
  is ? points.map(([x, y]) => [widthMm - x, y] as const) : points;

/** A chip part from the side on its board. */
export function drawChipSection({ standsDegrees, mirrored }: ChipShape): Drawing {
  const ground = 3;
  const left = (widthMm - body.length) / 2;
  const hinge: Point = [left, ground - 0.12];
  const shapeOf = (points: Point[], fill: string, stroke: string): Shape =>
    path(outline(mirror(turned(points, hinge, -standsDegrees), mirrored)), {
      fill,
      stroke,
      strokeWidth: 0.05,
    });
  const y = ground - 0.12 - body.height;
  const slope = (x: number, to: number, high: number): Shape =>
    path(
      outline(
        mirror(
          [
            [x, ground - 0.12],
            [to, ground - 0.12],
            [x, ground - 0.12 - high],
          ],
          mirrored,
        ),
      ),
      {
        fill: metal.bright,
        stroke: metal.brightEdge,
        strokeWidth: 0.05,
      },
    );
  const stands = standsDegrees > 0;
  return {
    widthMm,
    heightMm: 4,
    shapes: [
      rect(0.1, ground, widthMm - 0.2, 0.8, { fill: metal.boardCut }),
      rect(0.1, ground, widthMm - 0.2, 0.1, { fill: metal.board }),
      ...[padFrom, widthMm - padFrom - padLength].map((x) =>
        rect(x, ground - 0.12, padLength, 0.12, { fill: metal.copper }),
      ),
      shapeOf(
        box(left + body.cap, y, body.length - 2 * body.cap, body.height),
        '#33322f',
        metal.dark,
      ),
      shapeOf(box(left, y, body.cap, body.height), metal.lead, metal.leadEdge),
      shapeOf(
        box(left + body.length - body.cap, y, body.cap, body.height),
        metal.lead,
        metal.leadEdge,
      ),
      slope(left, padFrom + 0.05, stands ? 0.75 : 0.42),
      ...(stands ? [] : [slope(left + body.length, widthMm - padFrom - 0.05, 0.42)]),
    ],
  };
}

/** A chip part from above on its two pads. */
export function drawChipAbove({ standsDegrees, askewDegrees, mirrored }: ChipShape): Drawing {
  const middle: Point = [widthMm / 2, 2];
  const shorter = Math.cos((standsDegrees * Math.PI) / 180);
  const length = body.length * shorter;
  const left = (widthMm - body.length) / 2;
  const y = middle[1] - body.width / 2;
  // It turns about a spot near its first end, which was soldered.
  const hinge: Point = [left + body.length * 0.35, middle[1]];
  const shapeOf = (points: Point[], fill: string, stroke: string): Shape =>
    path(outline(mirror(turned(points, hinge, askewDegrees), mirrored)), {
      fill,
      stroke,
      strokeWidth: 0.05,
    });
  return {
    widthMm,
    heightMm: 4,
    shapes: [
      rect(0, 0, widthMm, 4, { fill: metal.board, radius: 0.3 }),
      ...[padFrom, widthMm - padFrom - padLength].map((x) =>
        rect(x, y - 0.1, padLength, body.width + 0.2, { fill: metal.copper }),
      ),
      ...[padFrom + 0.1, ...(standsDegrees > 0 ? [] : [widthMm - padFrom - padLength + 0.1])].map(
        (x) =>
          path(outline(mirror(box(x, y + 0.05, padLength - 0.2, body.width - 0.1), mirrored)), {
            fill: metal.bright,
          }),
      ),
      shapeOf(box(left, y, length, body.width), '#33322f', metal.dark),
      shapeOf(box(left, y, body.cap * shorter, body.width), metal.lead, metal.leadEdge),
      shapeOf(box(left + length - body.cap, y, body.cap, body.width), metal.lead, metal.leadEdge),
    ],
  };
}
