import type { Grey } from './raster.ts';

/** The paper’s own shade is looked for in squares of so many of the shorter side. */
const squares = 24;
/** The shade that so many of a square’s dots are darker than: paper, since print covers less than half of it. */
const paperShare = 0.85;

/** Paper made white and ink left dark, whatever shadow lies over it: each dot by the paper around it. */
export function evened(picture: Grey): Grey {
  const { width, height, data } = picture;
  const side = Math.max(8, Math.ceil(Math.min(width, height) / squares));
  const columns = Math.ceil(width / side);
  const rows = Math.ceil(height / side);
  const paper = smoothed(
    Array.from({ length: rows * columns }, (_, at) =>
      paperShade(picture, (at % columns) * side, Math.floor(at / columns) * side, side),
    ),
    columns,
    rows,
  );
  const out = new Uint8Array(data.length);
  for (let y = 0; y < height; y += 1) {
    const row = Math.min(Math.max(0, y / side - 0.5), rows - 1);
    const above = Math.floor(row);
    const below = Math.min(above + 1, rows - 1);
    for (let x = 0; x < width; x += 1) {
      const column = Math.min(Math.max(0, x / side - 0.5), columns - 1);
      const left = Math.floor(column);
      const right = Math.min(left + 1, columns - 1);
      const of = (r: number, c: number) => paper[r * columns + c] ?? 255;
      const upper = of(above, left) + (of(above, right) - of(above, left)) * (column - left);
      const lower = of(below, left) + (of(below, right) - of(below, left)) * (column - left);
      const white = Math.max(1, upper + (lower - upper) * (row - above));
      out[y * width + x] = Math.min(255, (255 * (data[y * width + x] ?? 0)) / white);
    }
  }
  return { width, height, data: out };
}

function paperShade(
  { width, height, data }: Grey,
  left: number,
  top: number,
  side: number,
): number {
  const counts = new Uint32Array(256);
  let dots = 0;
  for (let y = top; y < Math.min(top + side, height); y += 1) {
    for (let x = left; x < Math.min(left + side, width); x += 1) {
      const shade = data[y * width + x] ?? 0;
      counts[shade] = (counts[shade] ?? 0) + 1;
      dots += 1;
    }
  }
  let below = 0;
  for (let shade = 0; shade < 256; shade += 1) {
    below += counts[shade] ?? 0;
    if (below >= paperShare * dots) return shade;
  }
  return 255;
}

/** Each the mean of itself and its neighbours. */
function smoothed(values: readonly number[], columns: number, rows: number): number[] {
  return values.map((_, at) => {
    const column = at % columns;
    const row = Math.floor(at / columns);
    let sum = 0;
    let count = 0;
    for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r += 1) {
      for (let c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c += 1) {
        sum += values[r * columns + c] ?? 0;
        count += 1;
      }
    }
    return sum / count;
  });
}
