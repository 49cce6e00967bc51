import { bandColours } from '../../bands/colours.ts';
import { type Body, bodyLengthMm } from '../body.ts';
import type { PartFamily } from '../family.ts';
import type { Part } from '../part.ts';
import { circle, type Drawing, material, path, rect, type Shape } from './drawing.ts';

/** Room around a seated part, and what of the board is shown below it, in mm. */
const margin = 3;
const boardMm = 1.6;
const below = 3.2;

interface Seat {
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

/** The part as soldered, seen along the board: how high it stands, how its leads go through. */
export function drawSide(family: PartFamily, part: Part): Drawing {
  const { body } = family;
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
  const through = family.mount === 'through' || family.mount === 'off-board';
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
  const body = spanMm === undefined ? family.body : { ...family.body, leadMm: spanMm };
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
    shapes: bodyAbove(seat, family, part),
  };
}

const roundShapes: ReadonlySet<string> = new Set(['can', 'dome', 'round-box']);
const edge = { stroke: material.edge, strokeWidth: 0.16 } as const;

/** Where leads go through the board, in mm from the left of the picture. */
function leadsOf(family: PartFamily, part: Part, { left, length, body }: Seat): number[] {
  const middle = left + length / 2;
  const joints = family.joints(part);
  if (body.shape === 'dip') {
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
  switch (body.shape) {
    case 'rod': {
      const [from, to] = leadsOf(family, part, seat);
      const axis = top - height / 2;
      return [
        path(`M${from} ${top}V${axis}H${to}V${top}`, { stroke: material.lead, strokeWidth: 0.5 }),
        rect(left, top - height, length, height, { ...fill, radius: height * 0.35 }),
        ...rodMarks(family, part, { x: left, y: top - height, length, height }),
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
        ...(has(family, 'stripe')
          ? [
              rect(stripeLeft(family, part, right, left), top - height, 1.4, height, {
                fill: '#cfd3d8',
              }),
            ]
          : []),
      ];
  }
}

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
              path(
                `M${middle.x + length * 0.3} ${middle.y - length * 0.4}A${length / 2} ${length / 2} 0 0 1 ${middle.x + length * 0.3} ${middle.y + length * 0.4}Z`,
                { fill: '#cfd3d8' },
              ),
            ]
          : []),
        circle(middle.x, middle.y, length * 0.3, { stroke: '#ffffff66', strokeWidth: 0.2 }),
      ];
    case 'dome': {
      const r = length / 2;
      // The flat of the rim, at the minus side.
      return [
        path(
          `M${middle.x + r * 0.8} ${middle.y - r * 0.6}A${r} ${r} 0 1 0 ${middle.x + r * 0.8} ${middle.y + r * 0.6}Z`,
          fill,
        ),
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
    case 'chip':
    case 'sot':
      return [
        rect(left - 0.5, top - 0.1, length + 1, width + 0.2, { fill: material.pad }),
        rect(left, top, length, width, fill),
        ...(body.shape === 'chip'
          ? [left, right - length * 0.18].map((x) =>
              rect(x, top, length * 0.18, width, { fill: material.tin }),
            )
          : []),
      ];
    case 'disc':
    case 'drop':
    case 'slab':
    case 'crystal-can':
      return [...dots, rect(left, top, length, width, { ...fill, radius: width * 0.45 })];
    case 'block':
    case 'flat':
      return [
        rect(left, top, length, width, { ...fill, radius: 0.3 }),
        ...aboveMarks(seat, family),
      ];
  }
}

const has = (family: PartFamily, mark: string) => family.signs.some((sign) => sign.mark === mark);

const stripeLeft = (family: PartFamily, part: Part, right: number, left: number) =>
  family.signs.length > 0 && part.lotNote?.turned?.includes('stripe') ? left : right - 1.4;

const soLegs = ({ left, length }: Seat, { pins = 8 }: Part) =>
  Array.from({ length: pins / 2 }, (_, i) => left + ((i + 0.5) * length) / (pins / 2));

function aboveLeads(seat: Seat, family: PartFamily, part: Part): (readonly [number, number])[] {
  if (family.mount !== 'through') return [];
  return leadsOf(family, part, seat).map((x) => [x, seat.top + seat.width / 2] as const);
}

/** A dot at pin 1, for blocks whose rule names one. */
const aboveMarks = ({ left, top, width }: Seat, family: PartFamily): Shape[] =>
  family.signs.some(({ means }) => means === 'pin-1')
    ? [circle(left + 1, top + width - 1, 0.4, { fill: material.print })]
    : [];

interface Box {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly height: number;
}

/** Bands across a rod: those of its value, or the one of a cathode. */
function rodMarks(family: PartFamily, part: Part, { x, y, length, height }: Box): Shape[] {
  const bands = family.bands?.(part) ?? [];
  if (bands.length > 0) {
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
  return has(family, 'band')
    ? [rect(x + length * 0.78, y, length * 0.13, height, { fill: '#d5d7d9', ...edge })]
    : [];
}
