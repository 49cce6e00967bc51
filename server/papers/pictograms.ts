import type { Content } from 'pdfmake/interfaces.js';
import type { CheckId } from '#core/order/checks/ids';
import { checkOf } from '#core/order/checks/index';
import type { WorkKind } from '#core/order/kinds';
import { shapesText } from '#core/parts/drawing/svgText';
import type { HoldMethod } from '#core/parts/family';
import { mm, mono } from './pdf.ts';

const line =
  'fill="none" stroke="#231c15" stroke-width="0.7" stroke-linecap="round" stroke-linejoin="round"';
const solid = 'fill="#231c15"';
const board = `<path d="M2 13H22" ${line}/>`;
const word = (text: string, x: number, y: number, size = 4) =>
  `<text x="${x}" y="${y}" font-size="${size}" font-family="${mono}" font-weight="bold" fill="#231c15" text-anchor="middle">${text}</text>`;

/** What is done, without words; drawn on 24 by 24. */
const pictures = {
  solder: `<path d="M2 19H22M10 3V19" ${line}/><path d="M5 19C8 18 9.2 14 9.4 11H10.6C10.8 14 12 18 15 19Z" ${solid}/><path d="M12.6 14.4L18 9L20.4 11.4L14 15.6ZM18.6 8.6L21.5 5.5L23.5 7.5L20.6 10.6Z" ${line}/>`,
  insert: `<path d="M6 4H18V9H6ZM8 9V12M16 9V12M5 15H19V20H5Z" ${line}/><path d="M12 10.5V14M10.6 12.7L12 14L13.4 12.7" ${line}/>`,
  fasten: `<path d="M8 5H16V8H8ZM12 8V18M10 11L14 12M10 14L14 15" ${line}/><path d="M18 12A7 7 0 1 1 16 17M16 20V17H19" ${line}/>`,
  power: `<path d="M4 8H19V16H4ZM19 10.5H21V13.5H19Z" ${line}/>${word('−', 7, 13.6)}${word('+', 16, 13.6)}`,
  own: `<path d="M5 4H19V20H5ZM8 9H16M8 13H16M8 17H12" ${line}/>`,
  'bent-leads': `${board}<path d="M7 6H17V10H7ZM9 10V13L5 19M15 10V13L19 19" ${line}/>`,
  tape: `${board}<path d="M7 8H17V13H7Z" ${line}/><path d="M3 12L6 7H18L21 12" stroke-dasharray="1.4 1" ${line}/>`,
  putty: `${board}<path d="M7 9H17V13H7Z" ${line}/><path d="M6 8C6 4 18 4 18 8Z" ${solid}/>`,
  'tack-one-pin': `${board}<path d="M5 7H19V11H5ZM7 11V17M11 11V17M15 11V17" ${line}/><circle cx="7" cy="16" r="2" ${solid}/>`,
  turn: `<path d="M4 14A8 8 0 0 1 19 9M19 4V9H14" ${line}/><path d="M6 17H18" ${line}/>`,
  warn: `<path d="M12 3L22 20H2ZM12 9V14M12 16.5V17" ${line}/>`,
} as const satisfies Record<WorkKind | HoldMethod | 'turn' | 'warn', string>;

export type PictogramName = keyof typeof pictures;

/** A sign for readers of any language. */
export const pictogram = (name: PictogramName, sizeMm = 12): Content =>
  sign(pictures[name], sizeMm);

export const checkPictogram = (check: CheckId, sizeMm: number): Content =>
  sign(`<g stroke-linecap="round">${shapesText(checkOf(check).pictogram, mono)}</g>`, sizeMm);

const sign = (markup: string, sizeMm: number): Content => ({
  svg: `<svg xmlns="http://www.w3.org/2000/svg" width="24" height="24" viewBox="0 0 24 24">${markup}</svg>`,
  width: mm(sizeMm),
  height: mm(sizeMm),
});
