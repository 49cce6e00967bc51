import { type BodyShape, bodyLengthMm } from '../../body.ts';
import { bodyOf } from '../../bodyOf.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';
import type { Part } from '../../part.ts';
import type { SignMark } from '../../sign.ts';
import { circle, type Drawing, material, path, rect, type Shape, text } from '../drawing.ts';
import type { Lid } from '../lids.ts';
import { edge, has, leadsOf, margin, rodMarks, type Seat, soLegs } from './seat.ts';

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

/** Minus marks stand at the right end, unless this lot has them turned. */
const endOf = (part: Part, mark: SignMark): 1 | -1 => (isTurned(part, mark) ? -1 : 1);

/** What a straight cut leaves of a circle: the piece cut off, or the rest of it. */
function cap(
  { x, y }: { readonly x: number; readonly y: number },
  r: number,
  cut: { readonly x: number; readonly y: number },
  end: 1 | -1,
  piece: 'inside' | 'outside',
): string {
  const at = x + end * cut.x * r;
  const small = piece === 'inside';
  const clockwise = small === end > 0 ? 1 : 0;
  return `M${at} ${y - cut.y * r}A${r} ${r} 0 ${small ? 0 : 1} ${clockwise} ${at} ${y + cut.y * r}Z`;
}

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
        ...rodMarks(family, part, { x: left, y: top, length, height: width }),
      ];
    }
    case 'can':
    case 'round-box':
      return [
        circle(middle.x, middle.y, length / 2, fill),
        ...(has(family, 'stripe')
          ? [
              path(cap(middle, length / 2, { x: 0.6, y: 0.8 }, endOf(part, 'stripe'), 'inside'), {
                fill: '#cfd3d8',
              }),
            ]
          : []),
        ...(body.shape === 'can'
          ? [circle(middle.x, middle.y, length * 0.3, { stroke: '#ffffff66', strokeWidth: 0.2 })]
          : []),
      ];
    case 'dome': {
      const r = length / 2;
      // The flat of the rim, at the minus side.
      return [
        path(cap(middle, r, { x: 0.8, y: 0.6 }, endOf(part, 'flat'), 'outside'), fill),
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

/** Marks that bodies of many forms have alike, at the end where they stand at rotation 0; see core/board/facing. */
const printedMarks: Readonly<
  Partial<Record<SignMark, (lid: Lid, end: 1 | -1, shape: BodyShape) => Shape[]>>
> = {
  'plus-print': ({ x, y, length, width }, end) => {
    const size = Math.min(3.2, width * 0.5);
    const at = end > 0 ? x + size * 0.55 + length * 0.05 : x + length - size * 0.55 - length * 0.05;
    return [text(at, y + width / 2 + size * 0.35, '+', size, material.print, true)];
  },
  'green-mark': ({ x, y, length, width }, end) => {
    const at = end > 0 ? x + length * 0.68 : x + length * 0.22;
    return [rect(at, y, length * 0.1, width, { fill: '#1f8a45' })];
  },
  // Chips have theirs drawn with their legs.
  dot: ({ x, y, width }, _end, shape) =>
    shape === 'dip' || shape === 'so'
      ? []
      : [circle(x + 0.9, y + width / 2, 0.4, { fill: material.print })],
  band: ({ x, y, length, width }, end, shape) =>
    shape === 'chip'
      ? [
          rect(end > 0 ? x + length * 0.66 : x + length * 0.22, y, length * 0.12, width, {
            fill: '#d5d7d9',
          }),
        ]
      : [],
};

const marksAbove = (seat: Seat, family: PartFamily, part: Part): Shape[] =>
  family.signs.flatMap(
    ({ mark }) => printedMarks[mark]?.(lidOf(seat), endOf(part, mark), seat.body.shape) ?? [],
  );
