import { bodyLengthMm } from '../../body.ts';
import { bodyOf } from '../../bodyOf.ts';
import type { PartFamily } from '../../family.ts';
import type { Part } from '../../part.ts';
import { circle, type Drawing, material, path, rect, type Shape } from '../drawing.ts';
import { below, boardMm, edge, leadsOf, margin, type Seat, soLegs, valueBands } from './seat.ts';
import { drawnSigns } from './signs.ts';

/** The part as soldered, seen along the board: how high it stands, how its leads go through. */
export function drawSide(family: PartFamily, part: Part): Drawing {
  const body = bodyOf(family, part);
  const length = bodyLengthMm(body, part);
  const span = Math.max(length, body.leadMm ?? 0);
  const seat: Seat = {
    length,
    width: body.widthMm,
    height: body.heightMm,
    colour: family.colourOf?.(part) ?? body.colour,
    body,
    left: margin + (span - length) / 2,
    top: body.heightMm + 2,
  };
  const widthMm = span + 2 * margin;
  const through = family.mount === 'through';
  return {
    widthMm,
    heightMm: seat.top + boardMm + below,
    shapes: [
      ...(family.role === 'carrier'
        ? []
        : [rect(0, seat.top, widthMm, boardMm, { fill: material.boardGreen })]),
      ...(through ? leadsOf(family, part, seat).flatMap((x) => joint(x, seat.top)) : []),
      ...bodySide(seat, family, part),
    ],
  };
}

/** A lead through the board with its cone of solder below. */
const joint = (x: number, top: number): Shape[] => [
  rect(x - 0.25, top - 0.3, 0.5, boardMm + 2.3, { fill: material.lead }),
  path(
    `M${x - 0.95} ${top + boardMm}Q${x - 0.3} ${top + boardMm + 0.35} ${x - 0.28} ${top + boardMm + 1.5}H${x + 0.28}Q${x + 0.3} ${top + boardMm + 0.35} ${x + 0.95} ${top + boardMm}Z`,
    {
      fill: material.tin,
      stroke: material.leadEdge,
      strokeWidth: 0.1,
    },
  ),
];

/** How each form looks from the side, standing on the line `top`. */
function bodySide(seat: Seat, family: PartFamily, part: Part): Shape[] {
  const { left, length, height, top, colour, body } = seat;
  const right = left + length;
  const middle = left + length / 2;
  const fill = { fill: colour, ...edge };
  const signs = drawnSigns('side', family, part, {
    x: left,
    y: top - height,
    length,
    width: height,
    shape: body.shape,
  });
  switch (body.shape) {
    case 'rod': {
      const [from, to] = leadsOf(family, part, seat);
      const axis = top - height / 2;
      return [
        path(`M${from} ${top}V${axis}H${to}V${top}`, { stroke: material.lead, strokeWidth: 0.5 }),
        rect(left, top - height, length, height, { ...fill, radius: height * 0.35 }),
        ...valueBands(family, part, { x: left, y: top - height, length, height }),
        ...signs,
      ];
    }
    case 'wire':
      return [
        path(`M${left} ${top}V${top - height}H${right}V${top}`, {
          stroke: colour,
          strokeWidth: body.widthMm,
        }),
      ];
    case 'dome': {
      const rim = height - 1;
      const r = length / 2 - 0.45;
      return [
        path(
          `M${middle - r} ${top - 1}V${top - rim + r - 1}A${r} ${r} 0 0 1 ${middle + r} ${top - rim + r - 1}V${top - 1}Z`,
          fill,
        ),
        rect(left, top - 1, length, 1, fill),
      ];
    }
    case 'disc':
    case 'drop': {
      const ry = (height - 1) / 2;
      return [
        path(
          `M${middle} ${top - height}C${right + 0.4} ${top - height} ${right} ${top - 1.2} ${middle + 0.8} ${top - 0.6}H${middle - 0.8}C${left} ${top - 1.2} ${left - 0.4} ${top - height} ${middle} ${top - height}Z`,
          fill,
        ),
        path(
          `M${middle - 1} ${top - 1}L${middle - 1.1} ${top}M${middle + 1} ${top - 1}L${middle + 1.1} ${top}`,
          {
            stroke: material.lead,
            strokeWidth: Math.min(0.5, ry),
          },
        ),
      ];
    }
    case 'half-round': {
      const stand = 3;
      return [
        ...leadsOf(family, part, seat).map((x, i) =>
          path(`M${middle + (i - 1) * 1.27} ${top - stand}L${x} ${top}`, {
            stroke: material.lead,
            strokeWidth: 0.5,
          }),
        ),
        rect(left, top - height, length, height - stand, fill),
      ];
    }
    case 'tab': {
      const stand = 3.5;
      return [
        ...leadsOf(family, part, seat).map((x) =>
          path(`M${x} ${top - stand}V${top}`, { stroke: material.lead, strokeWidth: 0.8 }),
        ),
        rect(left, top - height, length, height - stand - 7, { fill: material.tin, ...edge }),
        circle(middle, top - height + 2.9, 1.8, { fill: '#f3ead8', ...edge }),
        rect(left, top - stand - 8.6, length, 8.6, fill),
      ];
    }
    case 'flange':
      return [
        rect(left, top - 1.6, length, 1.6, fill),
        rect(left + length * 0.23, top - height, length * 0.54, height - 1.6, {
          ...fill,
          radius: 0.8,
        }),
      ];
    case 'dip':
    case 'so': {
      const legs = body.shape === 'dip' ? leadsOf(family, part, seat) : soLegs(seat, part);
      const stand = height * 0.2;
      return [
        ...legs.map((x) =>
          rect(x - 0.3, top - height * 0.55, 0.6, height * 0.55, { fill: material.tin }),
        ),
        path(
          `M${left + 0.2} ${top - stand}L${left} ${top - height * 0.55}L${left + 0.3} ${top - height}H${right - 0.3}L${right} ${top - height * 0.55}L${right - 0.2} ${top - stand}Z`,
          fill,
        ),
      ];
    }
    case 'chip':
    case 'melf':
    case 'sot':
      return [
        rect(left, top - height, length, height, {
          ...fill,
          radius: body.shape === 'melf' ? height * 0.3 : 0.05,
        }),
        ...[left, right - length * 0.18].map((x) =>
          rect(x, top - height, length * 0.18, height, { fill: material.tin }),
        ),
        // Fillets of solder at both ends.
        path(
          `M${left - 0.7} ${top}L${left} ${top - height * 0.7}V${top}ZM${right + 0.7} ${top}L${right} ${top - height * 0.7}V${top}Z`,
          {
            fill: material.tin,
            stroke: material.leadEdge,
            strokeWidth: 0.05,
          },
        ),
      ];
    case 'crystal-can':
      return [
        rect(left, top - height, length, height - 0.4, { ...fill, radius: height * 0.45 }),
        rect(left - 0.3, top - 0.9, length + 0.6, 0.8, { ...fill, radius: 0.3 }),
      ];
    case 'slab':
    case 'block':
    case 'round-box':
    case 'flat':
    case 'can':
      return [
        rect(left, top - height, length, height, {
          ...fill,
          radius: body.shape === 'can' ? 0.7 : 0.3,
        }),
        ...signs,
      ];
  }
}
