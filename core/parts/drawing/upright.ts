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
import { plusAt } from './signs.ts';

const fitted = (print: string, size: number, room: number) =>
  Math.min(size, (room * 1.55) / Math.max(print.length, 3));

/** A multilayer capacitor: a small dipped block with its code. */
export function drawMultilayer(print: string): Drawing {
  return {
    widthMm: 10,
    heightMm: 14,
    shapes: [
      ...lead('M3.7 5C3.7 7 3.7 7 3.7 13.5'),
      ...lead('M6.3 5C6.3 7 6.3 7 6.3 13.5'),
      rect(2.6, 1, 4.8, 4.6, {
        fill: '#3f79b5',
        stroke: '#1d3f63',
        strokeWidth: 0.18,
        radius: 1.3,
      }),
      text(5, 3.9, print, fitted(print, 1.7, 4), '#f6f2e6', true),
    ],
  };
}

/** A tantalum drop: plus sign and stripe over the plus lead, which is the longer one. */
export function drawTantalum(
  print: string,
  volt: string,
  turned: { plus: boolean; long: boolean },
): Drawing {
  const plusX = plusAt(turned.plus);
  const long = plusAt(turned.long);
  return {
    widthMm: 12,
    heightMm: 20,
    shapes: [
      ...lead(`M4.7 7V${long === 4.7 ? 19.5 : 16}`),
      ...lead(`M7.3 7V${long === 7.3 ? 19.5 : 16}`),
      path(
        'M6 0.8C9.2 0.8 9.6 4.4 8.6 6.2C8 7.4 7.4 7.6 6 7.6C4.6 7.6 4 7.4 3.4 6.2C2.4 4.4 2.8 0.8 6 0.8Z',
        {
          fill: '#d98f2b',
          stroke: '#7b4c10',
          strokeWidth: 0.18,
        },
      ),
      rect(plusX === 4.7 ? 3.5 : 7.9, 3.2, 0.6, 3, { fill: '#5b3608' }),
      text(6, 3.8, print, fitted(print, 1.5, 3.6), '#2c1c07', true),
      text(6, 5.6, volt, 1.3, '#2c1c07'),
      text(plusX === 4.7 ? 2.4 : 9.6, 6.6, '+', 2.6, material.plus, true),
    ],
  };
}

/** A light-dependent resistor from above: the winding track under a clear face. */
export function drawLightResistor(): Drawing {
  return {
    widthMm: 9,
    heightMm: 15,
    shapes: [
      ...lead('M3.2 5V14.5'),
      ...lead('M5.8 5V14.5'),
      circle(4.5, 3.8, 3, { fill: '#e3c9a0', stroke: '#7c5a2b', strokeWidth: 0.2 }),
      path('M2.6 2.4H6.4M6.4 2.4V3.3H2.6V4.2H6.4V5.1H2.6', { stroke: '#a2421f', strokeWidth: 0.4 }),
      circle(2.3, 3.8, 0.4, { fill: material.tin }),
      circle(6.7, 3.8, 0.4, { fill: material.tin }),
    ],
  };
}

/** A temperature-dependent resistor: a small dark bead. */
export function drawThermistor(print: string): Drawing {
  return {
    widthMm: 9,
    heightMm: 14,
    shapes: [
      ...lead('M3.6 4.5V13.5'),
      ...lead('M5.4 4.5V13.5'),
      path(
        'M4.5 0.8C6.3 0.8 6.9 2.2 6.7 3.4C6.5 4.6 5.9 5.8 5.6 6.4H3.4C3.1 5.8 2.5 4.6 2.3 3.4C2.1 2.2 2.7 0.8 4.5 0.8Z',
        {
          fill: '#2f4f3a',
          stroke: '#122117',
          strokeWidth: 0.18,
        },
      ),
      text(4.5, 3.6, print, fitted(print, 1.3, 3), '#f2ecd9', true),
    ],
  };
}

/** A resistor network: a slab with a row of legs, a dot at pin 1. */
export function drawNetwork(pins: number, print: string): Drawing {
  const width = pins * 2.54;
  const legs = Array.from({ length: pins }, (_, index) => 1 + (index + 0.5) * 2.54);
  return {
    widthMm: width + 2,
    heightMm: 11,
    shapes: [
      ...legs.flatMap((x) => lead(`M${x} 6V10.5`)),
      rect(1, 1, width, 5.4, {
        fill: '#23272b',
        stroke: material.blackEdge,
        strokeWidth: 0.18,
        radius: 0.5,
      }),
      circle(1 + 1.27, 5.1, 0.55, { fill: material.print }),
      text(1 + width / 2, 4, print, fitted(print, 2, width * 0.5), material.print, true),
    ],
  };
}

export function drawNetworkMark(pins: number): Drawing {
  const width = pins * 2.54;
  return boardPatch(width + 2, 5.4, [
    rect(1, 1, width, 3.4, silkLine),
    ...Array.from({ length: pins }, (_, index) =>
      pad(1 + (index + 0.5) * 2.54, 2.7, index === 0),
    ).flat(),
    text(0.5, 3.2, '1', 1.3, material.silk, true),
  ]);
}

/** A quartz crystal: a metal can with rounded ends. */
export function drawCrystal(print: string): Drawing {
  return {
    widthMm: 14,
    heightMm: 13,
    shapes: [
      ...lead('M4.6 6V12.5'),
      ...lead('M9.4 6V12.5'),
      rect(1.4, 5.4, 11.2, 0.9, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.15,
        radius: 0.4,
      }),
      rect(1.8, 1.2, 10.4, 4.4, {
        fill: '#c3c8cc',
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 1.9,
      }),
      text(7, 4.1, print, fitted(print, 1.7, 7), '#33373b'),
    ],
  };
}

/** A ceramic resonator: a dipped block with three legs. */
export function drawResonator(print: string): Drawing {
  return {
    widthMm: 11,
    heightMm: 14,
    shapes: [
      ...[3, 5.5, 8].flatMap((x) => lead(`M${x} 6V13.5`)),
      rect(1.6, 1, 7.8, 5.8, {
        fill: '#c9762c',
        stroke: '#6f3c0e',
        strokeWidth: 0.18,
        radius: 1.2,
      }),
      text(5.5, 4.6, print, fitted(print, 1.9, 6), '#2c1602', true),
    ],
  };
}

/** Two pins and a plus, for a drop. */
export function drawDropMark(): Drawing {
  return boardPatch(11, 7, [
    rect(2.4, 1.4, 6.2, 4.2, { ...silkLine, radius: 2 }),
    ...pad(4.2, 3.5, true),
    ...pad(6.8, 3.5),
    text(1.3, 4.4, '+', 2.4, material.silk, true),
  ]);
}

/** A bar LED: a slim glowing rod with a lead at each end, the longer one plus unless the lot says otherwise. */
export function drawLedBar(lens: string, longIsMinus: boolean): Drawing {
  const [left, right] = longIsMinus ? ['−', '+'] : ['+', '−'];
  return {
    widthMm: 30,
    heightMm: 7,
    shapes: [
      ...lead('M0.4 3H8'),
      ...lead('M22 3H26.6'),
      rect(7, 2, 16, 2, { fill: '#f4e7a8', stroke: material.edge, strokeWidth: 0.16, radius: 0.9 }),
      rect(8, 2.3, 14, 1.4, { fill: lens, radius: 0.6 }),
      circle(6.8, 3, 0.5, { fill: material.tin }),
      circle(23.2, 3, 0.5, { fill: material.tin }),
      text(2.2, 6.4, left, 2.8, left === '+' ? material.plus : material.minus, true),
      text(25.4, 6.4, right, 2.8, right === '+' ? material.plus : material.minus, true),
    ],
  };
}

export function drawLedBarMark(): Drawing {
  return boardPatch(22, 6, [
    rect(3.4, 1.9, 15.2, 2.2, { ...silkLine, radius: 1 }),
    ...pad(2, 3, true),
    ...pad(20, 3),
    text(2, 1.6, '+', 1.8, material.silk, true),
  ]);
}

/** An LED of three colours: clear dome, four leads, the longest is common to all. */
export function drawRgbLed(): Drawing {
  return {
    widthMm: 14,
    heightMm: 25,
    shapes: [
      ...lead('M5.6 9.5V11L3.4 13V20.5'),
      ...lead('M6.6 9.5V11L5.7 13V24'),
      ...lead('M7.4 9.5V11L8.1 13V21.5'),
      ...lead('M8.4 9.5V11L10.4 13V20'),
      path('M4.5 8.4V4A2.5 2.5 0 0 1 9.5 4V8.4Z', {
        fill: '#e7ebee',
        stroke: material.edge,
        strokeWidth: 0.18,
      }),
      path('M3.9 8.4H9.5V9.6H3.9Z', { fill: '#e7ebee', stroke: material.edge, strokeWidth: 0.18 }),
      circle(6, 6.6, 0.6, { fill: '#d8352a' }),
      circle(7, 5.6, 0.6, { fill: '#3f9d4e' }),
      circle(8, 6.6, 0.6, { fill: '#3f74d1' }),
      path('M9.9 7.6V10.4', { stroke: material.minus, strokeWidth: 0.3 }),
    ],
  };
}

export function drawRgbLedMark(): Drawing {
  return boardPatch(13, 9, [
    path('M9.3 2.3A3.4 3.4 0 1 0 9.3 6.7Z', silkLine),
    ...pad(3.1, 4.5),
    ...pad(5.4, 4.5, true),
    ...pad(7.7, 4.5),
    ...pad(10, 4.5),
  ]);
}
