/** A picture as plain data, in millimetres, so that the screen and the printed papers draw from the same source. */
export interface Drawing {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly shapes: readonly Shape[];
}

interface Paint {
  readonly fill?: string;
  readonly stroke?: string;
  readonly strokeWidth?: number;
}

export type Shape =
  | (Paint & {
      readonly kind: 'rect';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly radius?: number;
    })
  | (Paint & {
      readonly kind: 'circle';
      readonly cx: number;
      readonly cy: number;
      readonly r: number;
    })
  | (Paint & { readonly kind: 'path'; readonly d: string })
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      /** Height of the letters' em square, in mm. */
      readonly size: number;
      readonly fill: string;
      readonly bold?: boolean;
    };

/** What things are made of, as sRGB; the same by day and by night, since the part does not change colour. */
export const material = {
  lead: '#a9adb1',
  leadEdge: '#6d7276',
  tin: '#c9cdd0',
  edge: '#3a332c',
  beige: '#dcc59a',
  blueBody: '#8fb3cf',
  black: '#2a2a2c',
  blackEdge: '#111112',
  print: '#ece9e1',
  ceramic: '#c98b3c',
  film: '#b23a2b',
  glass: '#d98a5b',
  brass: '#c9a14a',
  boardGreen: '#1f6b45',
  boardEdge: '#0f4029',
  silk: '#f4f1e6',
  pad: '#d8b25a',
  padHole: '#12261b',
  plus: '#a1261c',
  minus: '#1d2f5e',
} as const;

export const rect = (
  x: number,
  y: number,
  width: number,
  height: number,
  paint: Paint & { radius?: number },
): Shape => ({ kind: 'rect', x, y, width, height, ...paint });

export const circle = (cx: number, cy: number, r: number, paint: Paint): Shape => ({
  kind: 'circle',
  cx,
  cy,
  r,
  ...paint,
});

export const path = (d: string, paint: Paint): Shape => ({ kind: 'path', d, ...paint });

export const text = (
  x: number,
  y: number,
  content: string,
  size: number,
  fill: string,
  bold = false,
): Shape => ({ kind: 'text', x, y, text: content, size, fill, bold });

/** A tinned wire from point to point. */
export function lead(points: string): Shape[] {
  return [
    path(points, { stroke: material.leadEdge, strokeWidth: 0.75 }),
    path(points, { stroke: material.lead, strokeWidth: 0.5 }),
  ];
}

/** A piece of board with silk print on it, the ground of every board mark. */
export function boardPatch(widthMm: number, heightMm: number, shapes: readonly Shape[]): Drawing {
  return {
    widthMm,
    heightMm,
    shapes: [rect(0, 0, widthMm, heightMm, { fill: material.boardGreen, radius: 0.8 }), ...shapes],
  };
}

/** A plated hole; the square one is pin 1 or plus (common practice). */
export function pad(cx: number, cy: number, square = false): Shape[] {
  const ring = square
    ? rect(cx - 0.95, cy - 0.95, 1.9, 1.9, { fill: material.pad })
    : circle(cx, cy, 0.95, { fill: material.pad });
  return [ring, circle(cx, cy, 0.42, { fill: material.padHole })];
}

export const silkLine = { stroke: material.silk, strokeWidth: 0.28 } as const;
