import type { LightColour, Part } from '../part.ts';
import {
  boardPatch,
  circle,
  type Drawing,
  lead,
  material,
  pad,
  path,
  rect,
  silkLine,
  text,
} from './drawing.ts';
import { leftLead, rightLead } from './signs.ts';

/** Which of the marks of a two-lead part stand at the other end than usual, in this lot. */
export interface TurnedMarks {
  /** The stripe of a can, the flat of an LED. */
  readonly body?: boolean;
  readonly longLead?: boolean;
}

const uprightLeads = (top: number, long: number, short: number, turned = false) => [
  ...lead(`M${leftLead} ${top}V${turned ? short : long}`),
  ...lead(`M${rightLead} ${top}V${turned ? long : short}`),
];

/** An aluminium electrolytic from the side: stripe and short lead are minus, unless the lot has them turned. */
export function drawElectrolytic(print: string, volt: string, turned: TurnedMarks = {}): Drawing {
  const stripeX = turned.body ? 2.6 : 7.3;
  const shift = turned.body ? 2.2 : 0;
  return {
    widthMm: 12,
    heightMm: 22,
    shapes: [
      ...uprightLeads(12, 21.5, 18, turned.longLead),
      rect(2.5, 1.5, 7, 11, {
        fill: '#27406b',
        stroke: material.blackEdge,
        strokeWidth: 0.18,
        radius: 0.7,
      }),
      rect(stripeX, 1.6, 2.1, 10.8, { fill: '#cfd3d8', radius: 0.3 }),
      path([3.4, 6.3, 9.2].map((y) => `M${stripeX + 0.45} ${y}h1.2`).join(''), {
        stroke: '#27406b',
        strokeWidth: 0.45,
      }),
      path('M2.5 11.2H9.5', { stroke: material.blackEdge, strokeWidth: 0.15 }),
      text(4.9 + shift, 6.1, print, Math.min(1.75, 7 / Math.max(print.length, 4)), '#f0ead8', true),
      text(4.9 + shift, 8.4, volt, 1.6, '#f0ead8'),
      text(2.6, 19.8, '+', 3, material.plus, true),
      text(9.6, 17.4, '−', 3, material.minus, true),
    ],
  };
}

/** Ring with a filled minus half and a plus by the square hole. */
export function drawElectrolyticMark(): Drawing {
  return boardPatch(11, 9, [
    path('M5.5 1.2A3.3 3.3 0 0 1 5.5 7.8Z', { fill: material.silk }),
    circle(5.5, 4.5, 3.3, silkLine),
    ...pad(4.2, 4.5, true),
    ...pad(6.8, 4.5),
    text(1.3, 5.3, '+', 2.4, material.silk, true),
  ]);
}

/** A ceramic capacitor: a small lens with the three-digit code. */
export function drawCeramic(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 15,
    shapes: [
      ...lead('M4.7 6.5C4.7 8 4.7 8 4.7 14.5'),
      ...lead('M7.3 6.5C7.3 8 7.3 8 7.3 14.5'),
      circle(6, 4, 3.1, { fill: material.ceramic, stroke: '#7c511c', strokeWidth: 0.18 }),
      path('M4.2 6.3C4.3 7.6 5 7.6 5.1 6.8ZM7.8 6.3C7.7 7.6 7 7.6 6.9 6.8Z', {
        fill: material.ceramic,
      }),
      text(6, 4.8, print, 2.1, '#2c1c07', true),
    ],
  };
}

/** A film capacitor: a box. */
export function drawFilm(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 14,
    shapes: [
      ...lead('M3.5 7.5V13.5'),
      ...lead('M8.5 7.5V13.5'),
      rect(1.6, 1, 8.8, 7, {
        fill: material.film,
        stroke: '#601b13',
        strokeWidth: 0.18,
        radius: 0.5,
      }),
      text(6, 5.2, print, 2, '#fdf3e4', true),
    ],
  };
}

const lensColour: Readonly<Record<LightColour, string>> = {
  red: '#d8352a',
  yellow: '#f0c629',
  green: '#3f9d4e',
  blue: '#3f74d1',
  white: '#eceff2',
  orange: '#ef8427',
};

/** The lens of an LED as it looks unlit; white where the list names no colour. */
export const lensOf = ({ value }: Pick<Part, 'value'>): string =>
  lensColour[value.kind === 'colour' ? value.colour : 'white'];

/**
 * A round LED from the side: the long lead is plus, the flat on the rim and the short lead are minus, unless the lot
 * has them turned.
 *
 * @param lensMm width of the lens: 5 or 3
 */
export function drawLed(fill: string, lensMm: 3 | 5, turned: TurnedMarks = {}): Drawing {
  const half = lensMm / 2;
  const left = 6 - half;
  const right = 6 + half;
  const top = 8.4 - half - (lensMm === 5 ? 4.4 : 2.4);
  const edge = { fill, stroke: material.edge, strokeWidth: 0.18 };
  // The rim stands out on one side; on the other the flat cuts it level with the lens.
  const [rimFrom, rimTo] = turned.body ? [left, right + 0.6] : [left - 0.6, right];
  const flatX = turned.body ? left - 0.4 : right + 0.4;
  return {
    widthMm: 12,
    heightMm: 24,
    shapes: [
      ...uprightLeads(9.5, 23.5, 19.5, turned.longLead),
      path(`M${left} 8.4V${top + half}A${half} ${half} 0 0 1 ${right} ${top + half}V8.4Z`, edge),
      // The two posts inside: the cup holds the chip on the minus side.
      path('M6.2 5.9H7.4L7.2 8.4H6.7L6.5 6.6Z', { fill: '#00000055' }),
      path('M4.8 6.2H5.5V8.4H4.8Z', { fill: '#00000044' }),
      path(`M${rimFrom} 8.4H${rimTo}V9.6H${rimFrom}Z`, edge),
      path(
        `M${left + 0.8} ${top + half - 0.6}A${half * 0.7} ${half * 0.7} 0 0 1 ${left + half * 0.8} ${top + 0.8}`,
        {
          stroke: '#ffffffaa',
          strokeWidth: 0.4,
        },
      ),
      path(`M${flatX} 7.6V10.4`, { stroke: material.minus, strokeWidth: 0.3 }),
      text(2.7, 21.6, '+', 3, material.plus, true),
      text(9.5, 18.4, '−', 3, material.minus, true),
    ],
  };
}

/** Ring with a flat on the minus side. */
export function drawLedMark(): Drawing {
  return boardPatch(11, 9, [
    path('M7.9 2.3A3.2 3.2 0 1 0 7.9 6.7Z', silkLine),
    ...pad(4.2, 4.5, true),
    ...pad(6.8, 4.5),
    text(1.3, 5.3, '+', 2.4, material.silk, true),
    text(9.5, 5.2, '−', 2.4, material.silk, true),
  ]);
}

/** A TO-92 part, flat face to the reader; `pins` are the names of the leads, left to right, if known. */
export function drawTo92(print: string, pins: readonly string[] = []): Drawing {
  const xs = [3.5, 6, 8.5];
  return {
    widthMm: 12,
    heightMm: 18,
    shapes: [
      ...lead('M6 6V15'),
      ...lead('M4.7 6V8L3.5 10V15'),
      ...lead('M7.3 6V8L8.5 10V15'),
      path('M3.4 1H8.6V6.2H3.4Z', {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.18,
      }),
      path('M3.4 1L4 1.7H8L8.6 1M4 1.7V6.2M8 1.7V6.2', { stroke: '#4a4a4d', strokeWidth: 0.15 }),
      text(6, 4.6, print, Math.min(1.5, 6 / Math.max(print.length, 4)), material.print),
      ...pins
        .slice(0, 3)
        .map((pin, index) => text(xs[index] ?? 0, 17.5, pin.charAt(0), 2, material.edge, true)),
    ],
  };
}

/** The D of the body: its straight side is where the flat face goes. */
export function drawTo92Mark(): Drawing {
  return boardPatch(11, 9, [
    path('M2.6 6.6H8.4A3.2 3.2 0 1 0 2.6 6.6Z', silkLine),
    ...pad(3.2, 5, true),
    ...pad(5.5, 5),
    ...pad(7.8, 5),
  ]);
}
