import type { Grey, Spot } from './raster.ts';

/** Upper left, upper right, lower right, lower left. */
export type Corners = readonly [Spot, Spot, Spot, Spot];

/** A plane seen in perspective: nine numbers by rows, the last one 1. */
export type Homography = readonly number[];

/**
 * The homography that takes four points to four others (the direct linear solution; Hartley and Zisserman, Multiple
 * View Geometry, 4.1).
 *
 * @throws Error where three of the points lie on a line
 */
export function homographyOf(from: Corners, to: Corners): Homography {
  const rows = from.flatMap(({ x, y }, index) => {
    const { x: u, y: v } = to[index] as Spot;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  return [...solved(rows), 1];
}

export function mapped(h: Homography, { x, y }: Spot): Spot {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, i = 0, j = 1] = h;
  const w = g * x + i * y + j;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** Gaussian elimination with pivots; each row ends with its right side. */
function solved(equations: readonly (readonly number[])[]): number[] {
  const rows = equations.map((row) => [...row]);
  const count = rows.length;
  for (let column = 0; column < count; column += 1) {
    let best = column;
    for (let row = column + 1; row < count; row += 1) {
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[best]?.[column] ?? 0)) best = row;
    }
    const pivot = rows[best] as number[];
    rows[best] = rows[column] as number[];
    rows[column] = pivot;
    const head = pivot[column] ?? 0;
    if (Math.abs(head) < 1e-9) throw new Error('three corners lie on a line');
    for (const row of rows) {
      if (row === pivot) continue;
      const factor = (row[column] ?? 0) / head;
      for (let at = column; at <= count; at += 1)
        row[at] = (row[at] ?? 0) - factor * (pivot[at] ?? 0);
    }
  }
  return rows.map((row, index) => (row[count] ?? 0) / (row[index] ?? 1));
}

const distance = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y);

/** How large a sheet with such corners is straight: as large as its longer sides are in the picture. */
export function straightSize([a, b, c, d]: Corners): {
  readonly width: number;
  readonly height: number;
} {
  return {
    width: Math.max(1, Math.round(Math.max(distance(a, b), distance(d, c)))),
    height: Math.max(1, Math.round(Math.max(distance(a, d), distance(b, c)))),
  };
}

/** @throws RangeError where there are not four of them */
export function fourCorners(spots: readonly Spot[]): Corners {
  const [a, b, c, d, ...more] = spots;
  if (!a || !b || !c || !d || more.length > 0) throw new RangeError('a sheet has four corners');
  return [a, b, c, d];
}

/** The same four corners of a sheet that stands so many quarters of a turn further to the right: the next is upper left. */
export const turnedBy = (corners: Corners, quarters: number): Corners => {
  const first = quarters % 4;
  return fourCorners([...corners.slice(first), ...corners.slice(0, first)]);
};

/** The corners of a whole picture. */
export const wholeOf = ({ width, height }: Pick<Grey, 'width' | 'height'>): Corners => [
  { x: 0, y: 0 },
  { x: width - 1, y: 0 },
  { x: width - 1, y: height - 1 },
  { x: 0, y: height - 1 },
];

/**
 * What lies between four corners, seen from straight above.
 *
 * @param longestSide of the outcome, in dots
 */
export function straightened(picture: Grey, corners: Corners, longestSide: number): Grey {
  const size = straightSize(corners);
  const factor = longestSide / Math.max(size.width, size.height);
  const width = Math.max(1, Math.round(size.width * factor));
  const height = Math.max(1, Math.round(size.height * factor));
  const back = homographyOf(wholeOf({ width, height }), corners);
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, i = 0] = back;
  const data = new Uint8Array(width * height);
  // Where the outcome is smaller, each dot is the mean of several places, or thin strokes would be lost.
  const steps = Math.max(1, Math.round(1 / factor));
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      let sum = 0;
      for (let part = 0; part < steps * steps; part += 1) {
        const px = x + ((part % steps) + 0.5) / steps - 0.5;
        const py = y + (Math.floor(part / steps) + 0.5) / steps - 0.5;
        const w = g * px + i * py + 1;
        sum += shadeAt(picture, (a * px + b * py + c) / w, (d * px + e * py + f) / w);
      }
      data[y * width + x] = Math.round(sum / (steps * steps));
    }
  }
  return { width, height, data };
}

/** Between dots the shade goes evenly from one to the next; beside the picture it is that of its edge. */
export function shadeAt({ width, height, data }: Grey, x: number, y: number): number {
  const left = Math.min(Math.max(0, Math.floor(x)), width - 1);
  const top = Math.min(Math.max(0, Math.floor(y)), height - 1);
  const right = Math.min(left + 1, width - 1);
  const above = top * width;
  const below = Math.min(top + 1, height - 1) * width;
  const across = Math.min(Math.max(0, x - left), 1);
  const down = Math.min(Math.max(0, y - top), 1);
  const upper = (data[above + left] ?? 0) * (1 - across) + (data[above + right] ?? 0) * across;
  const lower = (data[below + left] ?? 0) * (1 - across) + (data[below + right] ?? 0) * across;
  return upper * (1 - down) + lower * down;
}
