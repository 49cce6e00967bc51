import { circle, path, type Shape, text } from './drawing.ts';

// Signs for readers of any language: black on white, drawn on 24 by 24.

const ink = '#231c15';

export const inkLine = (d: string): Shape => path(d, { stroke: ink, strokeWidth: 0.7 });

export const inkArea = (d: string): Shape => path(d, { fill: ink });

export const inkDot = (x: number, y: number, r: number): Shape => circle(x, y, r, { fill: ink });

export const inkWord = (word: string, x: number, y: number, size = 4): Shape =>
  text(x, y, word, size, ink, true);
