import { circle, type Drawing, material, path, rect } from './drawing.ts';

const nylon = { fill: '#f1eee4', stroke: '#a59f8f', strokeWidth: 0.2 } as const;

export const drawNylonStandOff = (): Drawing => ({
  widthMm: 9,
  heightMm: 18,
  shapes: [
    rect(3.2, 0.8, 2.6, 5, nylon),
    path('M3.2 2H5.8M3.2 3.2H5.8M3.2 4.4H5.8', { stroke: '#a59f8f', strokeWidth: 0.2 }),
    rect(1.6, 5.6, 5.8, 11, nylon),
    path('M3.4 5.6V16.6M5.6 5.6V16.6', { stroke: '#c9c3b2', strokeWidth: 0.2 }),
  ],
});

export const drawNylonScrew = (): Drawing => ({
  widthMm: 12,
  heightMm: 6,
  shapes: [
    path('M1.2 3C1.2 1.6 2.2 0.8 3.4 0.8V5.2C2.2 5.2 1.2 4.4 1.2 3Z', nylon),
    rect(3.4, 2, 7.4, 2, nylon),
    path('M4.6 2l0.5 2M6 2l0.5 2M7.4 2l0.5 2M8.8 2l0.5 2', { stroke: '#a59f8f', strokeWidth: 0.2 }),
  ],
});

/** A thin pad with a hole, and the bush that keeps the screw from the tab. */
export const drawInsulator = (): Drawing => ({
  widthMm: 18,
  heightMm: 19,
  shapes: [
    rect(1, 1, 11, 17, { fill: '#cdd6da', stroke: '#7f8b91', strokeWidth: 0.2, radius: 0.5 }),
    circle(6.5, 4.2, 1.8, { fill: '#f3ead8', stroke: '#7f8b91', strokeWidth: 0.2 }),
    circle(15, 5, 2.4, { fill: '#f1eee4', stroke: '#a59f8f', strokeWidth: 0.2 }),
    circle(15, 5, 1.2, { fill: material.edge }),
  ],
});

/** A washer from above, and one on its edge. */
export const drawWasher = (): Drawing => ({
  widthMm: 14,
  heightMm: 9,
  shapes: [
    circle(5, 4.5, 3.5, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
    circle(5, 4.5, 1.6, { fill: '#f3ead8', stroke: material.leadEdge, strokeWidth: 0.2 }),
    rect(11, 1, 1, 7, { fill: material.lead, stroke: material.leadEdge, strokeWidth: 0.15 }),
  ],
});

/** A tie in its loop, with the head and the end that is cut off. */
export const drawCableTie = (): Drawing => ({
  widthMm: 20,
  heightMm: 16,
  shapes: [
    path('M12.5 8.2A4.6 4.6 0 1 1 10.5 4.4', { stroke: material.black, strokeWidth: 1.2 }),
    rect(10.4, 6.6, 4, 3.6, { fill: material.black, radius: 0.5 }),
    path('M14.2 8.4H19', { stroke: material.black, strokeWidth: 1.2 }),
    path('M11.4 8.4H13.4', { stroke: '#8a8a8d', strokeWidth: 0.5 }),
  ],
});

/** A pad with the corner of its liner lifted. */
export const drawAdhesivePad = (): Drawing => ({
  widthMm: 20,
  heightMm: 15,
  shapes: [
    rect(1, 2, 18, 12, { fill: '#e9e4d6', stroke: '#a59f8f', strokeWidth: 0.25, radius: 0.6 }),
    path('M12 2H19V9Z', { fill: '#c98f2b', stroke: '#8a6a3a', strokeWidth: 0.2 }),
    path('M12 2L12.6 7.6L19 9Z', { fill: '#f6f1e4', stroke: '#a59f8f', strokeWidth: 0.25 }),
  ],
});

/** A foot from the side, the adhesive face up. */
export const drawRubberFoot = (): Drawing => ({
  widthMm: 14,
  heightMm: 8,
  shapes: [
    rect(2, 1, 10, 0.9, { fill: '#c9c3b2', stroke: '#a59f8f', strokeWidth: 0.15 }),
    path('M2.4 1.9H11.6L10.4 6.6H3.6Z', {
      fill: material.black,
      stroke: material.blackEdge,
      strokeWidth: 0.2,
    }),
  ],
});

/** Two halves of a case, the lid a little above its tray. */
export const drawCasePart = (): Drawing => ({
  widthMm: 24,
  heightMm: 17,
  shapes: [
    path('M2 6.4L4 1.6H20L22 6.4Z', { fill: '#d9d2c2', stroke: '#8d8676', strokeWidth: 0.25 }),
    rect(2, 8.2, 20, 7.4, { fill: '#c6beac', stroke: '#8d8676', strokeWidth: 0.25, radius: 0.8 }),
    circle(5, 12, 0.8, { fill: '#8d8676' }),
    circle(19, 12, 0.8, { fill: '#8d8676' }),
  ],
});
