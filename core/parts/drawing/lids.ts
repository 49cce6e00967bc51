import { holderCells, usualCells } from '../holderCells.ts';
import type { Part } from '../part.ts';
import { circle, material, path, rect, type Shape, text } from './drawing.ts';

/** A body as it is seen from above, at rotation 0; y runs down. */
export interface Lid {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly width: number;
}

/** What is to be seen on a body from above, besides its outline. */
export type DrawLid = (lid: Lid, part: Part) => Shape[];

const thin = { stroke: material.leadEdge, strokeWidth: 0.15 } as const;
const tin = { fill: material.tin, ...thin } as const;
const dark = { fill: material.black, stroke: material.blackEdge, strokeWidth: 0.15 } as const;

const middleOf = ({ x, y, length, width }: Lid) => ({ x: x + length / 2, y: y + width / 2 });

/** Middles of pins in a row, evenly along the body. */
const alongOf = ({ x, length }: Lid, count: number): number[] =>
  Array.from({ length: count }, (_, index) => x + ((index + 0.5) * length) / count);

/** A trough for each cell, a spring in each at its minus end: they lie head to tail. Red wire left, black right. */
export const batteryLid: DrawLid = (lid, part) => {
  const { x, y, length, width } = lid;
  const middle = middleOf(lid);
  const { count, abreast } = holderCells(part) ?? usualCells;
  const columns = Math.ceil(count / abreast);
  const [apart, long] = [(width - 1) / abreast, (length - 4) / columns];
  const trough = apart - 1.2;
  return [
    ...Array.from({ length: count }, (_, index) => {
      const row = index % abreast;
      const left = x + 2 + Math.floor(index / abreast) * long;
      const top = y + 0.5 + 0.6 + row * apart;
      const at = top + trough / 2;
      const isTurned = row % 2 === 1;
      const springX = isTurned ? left + long - 5.4 : left + 0.4;
      const plusX = isTurned ? left + 4 : left + long - 4;
      return [
        rect(left, top, long, trough, { fill: '#4a4a4e', radius: trough / 4 }),
        path(`M${springX} ${at}l1 -2.4l1 4.8l1 -4.8l1 4.8l1 -2.4`, {
          stroke: material.lead,
          strokeWidth: 0.5,
        }),
        text(plusX, at + 1.6, '+', 4.6, material.print, true),
      ];
    }).flat(),
    path(`M${x} ${middle.y}H${middle.x - 5.1}`, { stroke: '#b8281c', strokeWidth: 1 }),
    path(`M${x + length} ${middle.y}H${middle.x + 5.1}`, { stroke: '#101012', strokeWidth: 1 }),
  ];
};

/** The pocket of the cell. */
export const coinLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  return [
    circle(x, y, lid.length * 0.39, { fill: '#4a4a4d' }),
    rect(x - 3, lid.y, 6, 2.6, { fill: '#4a4a4d' }),
  ];
};

/** The hole that the tone comes out of. */
export const buzzerLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  return [
    circle(x, y, lid.length * 0.44, { stroke: '#55555a', strokeWidth: 0.2 }),
    circle(x, y, 1.1, { fill: '#0a0a0b', stroke: '#55555a', strokeWidth: 0.15 }),
  ];
};

export const speakerLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  const r = lid.length / 2;
  return [
    circle(x, y, r * 0.83, { fill: '#33363a', stroke: material.blackEdge, strokeWidth: 0.2 }),
    circle(x, y, r * 0.54, { stroke: '#6c7177', strokeWidth: 0.4 }),
    circle(x, y, r * 0.28, { fill: '#5c6166' }),
  ];
};

/** A cross for the screwdriver. */
export const trimmerLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  const r = Math.min(lid.length, lid.width) * 0.36;
  return [
    circle(x, y, r, { fill: '#eef0f2', stroke: '#8c9298', strokeWidth: 0.15 }),
    path(`M${x - r * 0.7} ${y}H${x + r * 0.7}M${x} ${y - r * 0.7}V${y + r * 0.7}`, {
      stroke: '#4a4f55',
      strokeWidth: 0.45,
    }),
  ];
};

/** Its cap, and two legs on either side: turned by a quarter they do not meet the holes. */
export const buttonLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  return [
    ...[-1, 1].flatMap((side) =>
      [-2.25, 2.25].map((dy) =>
        rect(x + (side * lid.length) / 2 - 0.6, y + dy - 0.4, 1.2, 0.8, tin),
      ),
    ),
    circle(x, y, Math.min(lid.length, lid.width) * 0.29, dark),
  ];
};

/** The slot, and the lever at one end of it. */
export const slideLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  const slot = { length: lid.length * 0.6, width: lid.width * 0.45 };
  return [
    rect(x - slot.length / 2, y - slot.width / 2, slot.length, slot.width, {
      fill: '#55575b',
      radius: 0.2,
    }),
    rect(x - slot.length / 2, y - slot.width / 2, slot.length * 0.45, slot.width, dark),
  ];
};

/** Thread and bat, which leans to one side. */
export const toggleLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  return [
    circle(x, y, lid.width * 0.36, { fill: '#b5babe', ...thin }),
    rect(x - 0.9, y - 0.9, 4.4, 1.8, { ...tin, radius: 0.9 }),
  ];
};

/** A screw for each way, and the openings that the wires go into, looking down. */
export const terminalLid: DrawLid = (lid, { pins = 2 }) =>
  alongOf(lid, pins).flatMap((x) => [
    rect(x - 1.5, lid.y + lid.width - 1.8, 3, 1.8, { fill: '#0f3320' }),
    circle(x, lid.y + lid.width * 0.42, 1.5, tin),
    path(`M${x - 1} ${lid.y + lid.width * 0.42}H${x + 1}`, {
      stroke: material.edge,
      strokeWidth: 0.35,
    }),
  ]);

/** Its collar stands out over the edge, looking down. */
export const jackLid: DrawLid = (lid) => {
  const { x } = middleOf(lid);
  const bottom = lid.y + lid.width;
  return [
    rect(x - 3.1, bottom, 6.2, 1.8, {
      fill: '#55585c',
      stroke: material.blackEdge,
      strokeWidth: 0.15,
    }),
    rect(x - 2, bottom - 2.2, 4, 2.2, { fill: '#1b1b1d' }),
  ];
};

/** Bare pins from above. */
export const headerLid: DrawLid = (lid, { pins = 2 }) =>
  alongOf(lid, pins).map((x) =>
    rect(x - 0.35, middleOf(lid).y - 0.35, 0.7, 0.7, { fill: material.brass }),
  );

/** Square openings from above. */
export const socketStripLid: DrawLid = (lid, { pins = 2 }) =>
  alongOf(lid, pins).map((x) =>
    rect(x - 0.55, middleOf(lid).y - 0.55, 1.1, 1.1, { fill: '#77777a' }),
  );

/** A shell around its pins; the gap for the tongue of the plug looks down. */
export const keyedLid: DrawLid = (lid, { pins = 2 }) => {
  const { x, y } = middleOf(lid);
  return [
    rect(lid.x + 0.7, lid.y + 0.7, lid.length - 1.4, lid.width - 1.4, { fill: '#cfc19c' }),
    rect(x - 1.4, lid.y + lid.width - 0.8, 2.8, 0.8, { fill: '#8d7d58' }),
    ...alongOf(lid, pins).map((at) => rect(at - 0.32, y - 0.32, 0.64, 0.64, tin)),
  ];
};

/** An open frame with a contact for each leg; the bars at its ends hold it together. */
export const dipSocketLid: DrawLid = (lid, { pins = 8 }) => {
  const { x, y } = middleOf(lid);
  const rows = [-3.81, 3.81];
  return [
    rect(x - lid.length / 2 + 1.3, y - 2.4, lid.length - 2.6, 4.8, { fill: material.boardGreen }),
    ...rows.flatMap((dy) =>
      alongOf(lid, pins / 2).map((at) => circle(at, y + dy, 0.55, { fill: '#8f7a45' })),
    ),
  ];
};

/** Its shaft stands out over the edge, looking down. */
export const potentiometerLid: DrawLid = (lid) => {
  const { x } = middleOf(lid);
  const bottom = lid.y + lid.width;
  return [
    rect(x - 3.4, bottom, 6.8, 1, { fill: '#c9cdd0', ...thin }),
    rect(x - 2.6, bottom + 1, 5.2, 1.8, { fill: '#6d7276', ...thin }),
  ];
};

/** A shaft that looks at whoever turns it. */
export const shaftLid: DrawLid = (lid) => {
  const { x, y } = middleOf(lid);
  return [
    circle(x, y, lid.width * 0.27, { fill: '#c9c3b2', ...thin }),
    circle(x, y, lid.width * 0.15, { fill: material.brass, ...thin }),
  ];
};

/** A pale line of print along the side that faces the reader. */
export const printLid: DrawLid = ({ x, y, length, width }) => [
  path(`M${x + length * 0.2} ${y + width - 0.9}H${x + length * 0.8}`, {
    stroke: material.print,
    strokeWidth: 0.5,
  }),
];
