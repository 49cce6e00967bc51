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
