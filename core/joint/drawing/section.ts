import { circle, type Drawing, path, rect, type Shape } from '../../parts/drawing/drawing.ts';
import type { JointShape } from '../shape.ts';
import { metal } from './colours.ts';

const widthMm = 7;
const heightMm = 5.6;
const middle = widthMm / 2;
/** The upper face of the board: the solder side. */
const top = 3.2;
const boardMm = 1.6;
const copperMm = 0.16;

/** A joint cut through along the lead, solder side up. */
export function drawSection(shape: JointShape): Drawing {
  return { widthMm, heightMm, shapes: sectionShapes(shape) };
}

function sectionShapes(shape: JointShape): Shape[] {
  const { padMm, leadMm, leadAboveMm, liftMm, ball } = shape;
  const hole = leadMm / 2 + 0.18;
  const isThrough = leadAboveMm > 0;
  const leadTop = top - copperMm - leadAboveMm;
  return [
    ...boardHalves(shape, hole),
    // The barrel and the pad on the far side.
    ...[-1, 1].map((side) =>
      rect(middle + side * hole - (side < 0 ? copperMm : 0), top - 0.02, copperMm, boardMm + 0.04, {
        fill: metal.copper,
      }),
    ),
    ...[-1, 1].map((side) =>
      rect(middle + (side < 0 ? -padMm / 2 : hole), top + boardMm, padMm / 2 - hole, copperMm, {
        fill: metal.copper,
      }),
    ),
    ...fillOf(shape, hole),
    ...(isThrough
      ? [
          path(
            `M${middle - leadMm / 2} ${heightMm}V${leadTop + 0.08}L${middle - leadMm / 2 + 0.1} ${leadTop}H${middle + leadMm / 2 - 0.1}L${middle + leadMm / 2} ${leadTop + 0.08}V${heightMm}Z`,
            { fill: metal.lead, stroke: metal.leadEdge, strokeWidth: 0.05 },
          ),
        ]
      : [
          // Bent under the body on the other side.
          path(
            `M${middle + 0.1} ${heightMm}C${middle + 0.2} ${top + boardMm + 0.5} ${middle + 0.6} ${top + boardMm + 0.35} ${middle + 1.9} ${top + boardMm + 0.4}`,
            {
              stroke: metal.leadEdge,
              strokeWidth: leadMm,
            },
          ),
        ]),
    ...padShapes(shape, hole, liftMm),
    ...solderShapes(shape),
    ...(ball
      ? [
          circle(middle + ball.xMm, top - ball.rMm, ball.rMm, {
            fill: metal.bright,
            stroke: metal.brightEdge,
            strokeWidth: 0.05,
          }),
        ]
      : []),
  ];
}

function boardHalves({ burnt }: JointShape, hole: number): Shape[] {
  const paint = { fill: metal.boardCut, stroke: metal.boardEdge, strokeWidth: 0.05 } as const;
  return [
    rect(0.1, top, middle - hole - 0.1, boardMm, paint),
    rect(middle + hole, top, middle - hole - 0.1, boardMm, paint),
    rect(0.1, top, middle - hole - 0.1, 0.12, { fill: metal.board }),
    rect(middle + hole, top, middle - hole - 0.1, 0.12, { fill: metal.board }),
    ...(burnt > 0.2
      ? [
          path(
            `M${middle - 1.6} ${top}H${middle - hole}V${top + 0.5 * burnt}C${middle - 0.8} ${top + 0.45 * burnt} ${middle - 1.4} ${top + 0.3 * burnt} ${middle - 1.6} ${top}Z`,
            { fill: metal.burnt },
          ),
        ]
      : []),
  ];
}

function padShapes({ padMm, bridgeTo }: JointShape, hole: number, liftMm: number): Shape[] {
  const paint = { fill: metal.copper, stroke: metal.copperEdge, strokeWidth: 0.04 } as const;
  const left = middle - padMm / 2;
  return [
    path(
      `M${left} ${top - liftMm}L${middle - hole} ${top}V${top - copperMm}L${left} ${top - copperMm - liftMm}Z`,
      paint,
    ),
    rect(middle + hole, top - copperMm, padMm / 2 - hole, copperMm, paint),
    ...(bridgeTo
      ? [rect(bridgeTo === 'left' ? 0.1 : widthMm - 0.9, top - copperMm, 0.8, copperMm, paint)]
      : []),
  ];
}

/** Solder in the barrel, from the solder side down. */
function fillOf({ fill, leadMm, roughMm }: JointShape, hole: number): Shape[] {
  if (fill <= 0) return [];
  const depth = boardMm * fill;
  const colour = roughMm > 0 ? metal.grey : metal.bright;
  return [-1, 1].map((side) =>
    rect(
      side < 0 ? middle - hole : middle + leadMm / 2,
      top - copperMm,
      hole - leadMm / 2,
      depth + copperMm,
      { fill: colour },
    ),
  );
}

function solderShapes(shape: JointShape): Shape[] {
  const { roughMm, hole, spikeMm, leadMm, wetsLead, heightMm: high } = shape;
  const paint =
    roughMm > 0
      ? { fill: metal.grey, stroke: metal.greyEdge, strokeWidth: 0.06 }
      : { fill: metal.bright, stroke: metal.brightEdge, strokeWidth: 0.06 };
  const base = top - copperMm;
  return [
    path(outlineOf(shape), paint),
    ...(wetsLead || shape.leadAboveMm === 0
      ? []
      : [-1, 1].map((side) =>
          rect(middle + side * (leadMm / 2 + 0.07) - 0.07, base - high - 0.1, 0.14, high + 0.1, {
            fill: metal.dark,
          }),
        )),
    ...(hole
      ? [
          circle(middle + hole.xMm, base - high * 0.42, hole.rMm, { fill: metal.dark }),
          circle(middle + hole.xMm, base - high * 0.42, hole.rMm * 1.35, {
            stroke: metal.greyEdge,
            strokeWidth: 0.05,
          }),
        ]
      : []),
    ...(spikeMm > 0
      ? [
          path(
            `M${middle + leadMm / 2} ${base - high * 0.75}Q${middle + leadMm / 2 + 0.35} ${base - high * 0.8} ${middle + leadMm / 2 + 0.75} ${base - high - spikeMm}Q${middle + leadMm / 2 + 0.55} ${base - high * 0.5} ${middle + leadMm / 2 + 0.7} ${base - 0.15}Z`,
            paint,
          ),
        ]
      : []),
    ...(roughMm > 0
      ? [
          path(
            `M${middle - 0.7} ${base - 0.2}l0.25 -0.2l0.2 0.12M${middle + 0.35} ${base - 0.5}l0.2 0.22l0.2 -0.05M${middle - 0.45} ${base - 0.55}l0.15 0.1`,
            { stroke: metal.greyEdge, strokeWidth: 0.08 },
          ),
        ]
      : [
          path(
            `M${middle - shape.leftMm * 0.62} ${base - high * 0.16}Q${middle - shape.leftMm * 0.42} ${base - high * 0.3} ${middle - leadMm / 2 - 0.1} ${base - high * 0.72}`,
            { stroke: metal.shine, strokeWidth: 0.1 },
          ),
        ]),
  ];
}

/** The outline of the solder above the pad, from the left round to the right. */
function outlineOf(shape: JointShape): string {
  const {
    leftMm,
    rightMm,
    heightMm: high,
    leadAboveMm,
    leadMm,
    bulge,
    wetsPad,
    bridgeTo,
    liftMm,
  } = shape;
  const base = top - copperMm;
  const covers = leadAboveMm === 0 || high > leadAboveMm;
  const half = covers ? 0.02 : leadMm / 2;
  const peak = base - high;
  // Below, a drop that does not wet draws in under itself.
  const foot = wetsPad ? 1 : 0.72;
  const side = (reach: number, dir: 1 | -1, lift: number) => {
    const x = (share: number) => middle + dir * (half + (reach - half) * share);
    const y = (share: number) => base - lift - (high - lift) * share;
    // Hollow: near the corner; bulging: far out and up.
    const out = 0.5 + bulge * 0.5;
    return {
      foot: `${x(foot)} ${y(0)}`,
      controls: [
        `${x(bulge > 0 ? 1 + 0.25 * bulge : out * 0.6 + 0.15)} ${y(bulge > 0 ? 0.25 * (1 + bulge) : 0.08)}`,
        `${x(bulge > 0 ? bulge : Math.max(0.05, out * 0.4))} ${y(bulge > 0 ? 1 : 0.45)}`,
      ] as const,
    };
  };
  const left = side(leftMm, -1, liftMm);
  const right = side(rightMm, 1, 0);
  const [l1, l2] = left.controls;
  const [r1, r2] = right.controls;
  const through =
    bridgeTo === 'left' ? bridge(-1, base) : bridgeTo === 'right' ? bridge(1, base) : '';
  return `M${left.foot}C${l1} ${l2} ${middle - half} ${peak}H${middle + half}C${r2} ${r1} ${right.foot}Z${through}`;
}

/** A tongue of solder to the next pad. */
const bridge = (dir: 1 | -1, base: number): string => {
  const [from, to] = [middle + dir * 0.55, dir < 0 ? 0.1 : widthMm - 0.1];
  return `M${from} ${base}L${from} ${base - 0.55}Q${(from + to) / 2} ${base - 0.25} ${to} ${base - 0.6}V${base}Z`;
};
