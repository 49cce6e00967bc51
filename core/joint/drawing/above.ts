import { circle, type Drawing, path, rect, type Shape } from '../../parts/drawing/drawing.ts';
import type { JointShape } from '../shape.ts';
import { metal } from './colours.ts';

const sizeMm = 4.4;
const middle = sizeMm / 2;

/** A joint seen from above, on its piece of board. */
export function drawJointAbove(shape: JointShape): Drawing {
  return {
    widthMm: sizeMm,
    heightMm: sizeMm,
    shapes: [
      rect(0, 0, sizeMm, sizeMm, { fill: metal.board, radius: 0.3 }),
      ...jointShapes(shape, middle, middle),
    ],
  };
}

/** The joint alone, around a point. */
export function jointShapes(shape: JointShape, x: number, y: number): Shape[] {
  const { padMm, leadMm, leadAboveMm, leftMm, rightMm, heightMm, roughMm, burnt } = shape;
  const r = padMm / 2;
  const isRough = roughMm > 0;
  const solder = isRough
    ? { fill: metal.grey, stroke: metal.greyEdge, strokeWidth: 0.06 }
    : { fill: metal.bright, stroke: metal.brightEdge, strokeWidth: 0.06 };
  const reach = (leftMm + rightMm) / 2;
  const shift = (rightMm - leftMm) / 2;
  const isThrough = leadAboveMm > 0 && heightMm < leadAboveMm;
  return [
    ...(burnt > 0.2 ? [circle(x - 0.35, y, r + 0.35 * burnt, { fill: metal.burnt })] : []),
    circle(x, y, r, { fill: metal.copper, stroke: metal.copperEdge, strokeWidth: 0.06 }),
    circle(x, y, leadMm / 2 + 0.18, { fill: metal.dark }),
    ...(shape.liftMm > 0
      ? [
          path(
            `M${x - r} ${y - 0.6}A${r} ${r} 0 0 0 ${x - r} ${y + 0.6}L${x - r - 0.32} ${y + 0.5}Q${x - r - 0.5} ${y} ${x - r - 0.32} ${y - 0.5}Z`,
            {
              fill: metal.copper,
              stroke: metal.copperEdge,
              strokeWidth: 0.06,
            },
          ),
        ]
      : []),
    ...(shape.bridgeTo ? [tongue(shape, x, y, solder)] : []),
    isRough ? path(rough(x, y, reach), solder) : circle(x + shift, y, reach, solder),
    ...(shape.wetsLead || !isThrough
      ? []
      : [circle(x, y, leadMm / 2 + 0.14, { fill: metal.dark })]),
    ...(isRough
      ? [
          path(
            `M${x - 0.5} ${y - 0.3}l0.2 0.25l0.3 -0.1M${x + 0.2} ${y + 0.35}l0.25 0.15M${x - 0.35} ${y + 0.4}l0.2 0.1`,
            {
              stroke: metal.greyEdge,
              strokeWidth: 0.08,
            },
          ),
        ]
      : [
          path(
            `M${x + shift - reach * 0.68} ${y - reach * 0.2}A${reach * 0.7} ${reach * 0.7} 0 0 1 ${x + shift - reach * 0.1} ${y - reach * 0.7}`,
            { stroke: metal.shine, strokeWidth: 0.12 },
          ),
        ]),
    ...(isThrough
      ? [circle(x, y, leadMm / 2, { fill: metal.lead, stroke: metal.leadEdge, strokeWidth: 0.06 })]
      : []),
    ...(shape.hole
      ? [
          circle(x + shape.hole.xMm, y + 0.15, shape.hole.rMm, { fill: metal.dark }),
          circle(x + shape.hole.xMm, y + 0.15, shape.hole.rMm * 1.4, {
            stroke: metal.greyEdge,
            strokeWidth: 0.06,
          }),
        ]
      : []),
    ...(shape.spikeMm > 0
      ? [
          path(
            `M${x + 0.3} ${y + 0.1}L${x + 0.4 + shape.spikeMm * 0.6} ${y - 0.5}L${x + 0.5} ${y - 0.2}Z`,
            solder,
          ),
        ]
      : []),
    ...(shape.ball
      ? [
          circle(x + shape.ball.xMm, y + 0.55, shape.ball.rMm, {
            fill: metal.bright,
            stroke: metal.brightEdge,
            strokeWidth: 0.06,
          }),
        ]
      : []),
  ];
}

/** A tongue of solder to the edge of the picture, where the next pad is. */
function tongue({ bridgeTo }: JointShape, x: number, y: number, paint: object): Shape {
  const to = bridgeTo === 'left' ? 0 : sizeMm;
  return path(
    `M${x} ${y - 0.55}Q${(x + to) / 2} ${y - 0.25} ${to} ${y - 0.5}V${y + 0.5}Q${(x + to) / 2} ${y + 0.25} ${x} ${y + 0.55}Z`,
    paint,
  );
}

/** A lumpy outline. */
function rough(x: number, y: number, r: number): string {
  const lumps = 9;
  const points = Array.from({ length: lumps }, (_, index) => {
    const angle = (2 * Math.PI * index) / lumps;
    const far = r * (index % 2 === 0 ? 1.02 : 0.86);
    return `${(x + far * Math.cos(angle)).toFixed(2)} ${(y + far * Math.sin(angle)).toFixed(2)}`;
  });
  return `M${points.join('L')}Z`;
}
