import { bodyLengthMm } from '../../body.ts';
import { bodyOf } from '../../bodyOf.ts';
import type { PartFamily } from '../../family.ts';
import type { Part } from '../../part.ts';
import { circle, type Drawing, material, path, rect, type Shape } from '../drawing.ts';
import type { Lid } from '../lids.ts';
import { segment } from '../segment.ts';
import { edge, leadsOf, margin, type Seat, soLegs, valueBands } from './seat.ts';
import { drawnSigns, endOf } from './signs.ts';

/** The part as soldered, seen from above: what covers what, and where its marks are. */
export function drawAbove(family: PartFamily, part: Part): Drawing {
  const drawing = drawFromAbove(family, part);
  const { widthMm, heightMm } = drawing;
  const ground = rect(0, 0, widthMm, heightMm, { fill: material.boardGreen, radius: 0.6 });
  return { ...drawing, shapes: [ground, ...drawing.shapes] };
}

/**
 * The part from above without a board below it; its middle is the middle of the drawing.
 *
 * @param spanMm distance of the leads where they are bent to another one than usual
 */
export function drawFromAbove(family: PartFamily, part: Part, spanMm?: number): Drawing {
  const own = bodyOf(family, part);
  const body = spanMm === undefined ? own : { ...own, leadMm: spanMm };
  const length = bodyLengthMm(body, part);
  const span = Math.max(length, body.leadMm ?? 0);
  const round = roundShapes.has(body.shape);
  const width = round ? length : body.widthMm;
  const seat: Seat = {
    length,
    width,
    height: body.heightMm,
    colour: family.colourOf?.(part) ?? body.colour,
    body,
    left: margin + (span - length) / 2,
    top: margin,
  };
  return {
    widthMm: span + 2 * margin,
    heightMm: width + 2 * margin,
    shapes: [
      ...bodyAbove(seat, family, part),
      ...(family.drawLid?.(lidOf(seat), part) ?? []),
      ...marksAbove(seat, family, part),
    ],
  };
}

const lidOf = ({ left, top, length, width }: Seat): Lid => ({ x: left, y: top, length, width });

const roundShapes: ReadonlySet<string> = new Set(['can', 'dome', 'round-box']);

/** How each form looks from above. */
function bodyAbove(seat: Seat, family: PartFamily, part: Part): Shape[] {
  const { left, length, width, top, colour, body } = seat;
  const right = left + length;
  const middle = { x: left + length / 2, y: top + width / 2 };
  const fill = { fill: colour, ...edge };
  const dots = aboveLeads(seat, family, part).map(([x, y]) =>
    circle(x, y, 0.8, { fill: material.pad }),
  );
  switch (body.shape) {
    case 'rod':
    case 'wire':
    case 'melf': {
      const [from = left - 1, to = right + 1] = dots.map((dot) => ('cx' in dot ? dot.cx : 0));
      return [
        ...dots,
        path(`M${from} ${middle.y}H${to}`, { stroke: material.lead, strokeWidth: 0.5 }),
        rect(left, top, length, width, { ...fill, radius: width * 0.35 }),
        ...valueBands(family, part, { x: left, y: top, length, height: width }),
      ];
    }
    case 'can':
    case 'round-box':
      return [
        circle(middle.x, middle.y, length / 2, fill),
        ...(body.shape === 'can'
          ? [circle(middle.x, middle.y, length * 0.3, { stroke: '#ffffff66', strokeWidth: 0.2 })]
          : []),
      ];
    case 'dome': {
      const r = length / 2;
      // The flat of the rim, at the minus side.
      return [
        path(segment(middle, r, { x: 0.8, y: 0.6 }, endOf(part, 'flat'), 'outside'), fill),
        circle(middle.x, middle.y, r * 0.82, { stroke: '#00000055', strokeWidth: 0.2 }),
      ];
    }
    case 'half-round':
      return [
        path(
          `M${left} ${top + width}H${right}A${length / 2 + 0.05} ${width * 0.95} 0 0 0 ${left} ${top + width}Z`,
          fill,
        ),
      ];
    case 'tab':
      return [
        rect(left, top, length, 1.3, { fill: material.tin, ...edge }),
        rect(left, top + 1.3, length, width - 1.3, fill),
      ];
    case 'flange':
      return [
        path(
          `M${left + 2} ${middle.y - 3.6}L${middle.x - 6} ${top + 1}H${middle.x + 6}L${right - 2} ${middle.y - 3.6}A4 4 0 0 1 ${right - 2} ${middle.y + 3.6}L${middle.x + 6} ${top + width - 1}H${middle.x - 6}L${left + 2} ${middle.y + 3.6}A4 4 0 0 1 ${left + 2} ${middle.y - 3.6}Z`,
          fill,
        ),
        circle(middle.x, middle.y, width * 0.4, fill),
        circle(middle.x, middle.y, width * 0.36, { stroke: '#00000033', strokeWidth: 0.3 }),
        ...[left + length * 0.11, right - length * 0.11].map((x) =>
          circle(x, middle.y, 1.6, { fill: '#f3ead8', ...edge }),
        ),
      ];
    case 'dip':
    case 'so': {
      const legs = body.shape === 'dip' ? leadsOf(family, part, seat) : soLegs(seat, part);
      return [
        ...legs.flatMap((x) => [
          rect(x - 0.4, top - 0.9, 0.8, width + 1.8, { fill: material.tin }),
        ]),
        rect(left, top, length, width, fill),
        path(`M${left} ${middle.y - 0.8}A0.8 0.8 0 0 1 ${left} ${middle.y + 0.8}Z`, {
          fill: '#8a8a8c',
        }),
        circle(left + 1, top + width - 0.9, 0.4, { fill: '#8a8a8c' }),
      ];
    }
    case 'sot':
      return [
        // Two legs below, one above: as its pads lie.
        ...[
          [-0.95, 1],
          [0.95, 1],
          [0, -1],
        ].map(([x = 0, end = 1]) =>
          rect(middle.x + x - 0.25, middle.y + (end > 0 ? width / 2 : -width / 2 - 0.6), 0.5, 0.6, {
            fill: material.tin,
            ...edge,
          }),
        ),
        rect(left, top, length, width, fill),
      ];
    case 'chip':
      return [
        rect(left - 0.5, top - 0.1, length + 1, width + 0.2, { fill: material.pad }),
        rect(left, top, length, width, fill),
        ...[left, right - length * 0.18].map((x) =>
          rect(x, top, length * 0.18, width, { fill: material.tin }),
        ),
      ];
    case 'disc':
    case 'drop':
    case 'slab':
    case 'crystal-can':
      return [...dots, rect(left, top, length, width, { ...fill, radius: width * 0.45 })];
    case 'block':
    case 'flat':
      return [rect(left, top, length, width, { ...fill, radius: 0.3 })];
  }
}

function aboveLeads(seat: Seat, family: PartFamily, part: Part): (readonly [number, number])[] {
  if (family.mount !== 'through') return [];
  return leadsOf(family, part, seat).map((x) => [x, seat.top + seat.width / 2] as const);
}

const marksAbove = (seat: Seat, family: PartFamily, part: Part): Shape[] =>
  drawnSigns('above', family, part, { ...lidOf(seat), shape: seat.body.shape });
