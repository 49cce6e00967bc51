import { type Corners, fourCorners, turnedBy, wholeOf } from './homography.ts';
import { type Grey, type Spot, shrunk } from './raster.ts';

/** Where a sheet lies in a picture; `found` is false where the whole picture is taken for it. */
export interface FoundCorners {
  readonly corners: Corners;
  readonly found: boolean;
}

/** The corners are looked for in a picture of this size: small enough to be quick, and print is lost in it. */
const lookedAt = 400;
/** A sheet is at least this part of the picture. */
const leastShare = 0.12;
/** What is brighter than its surroundings fills a sheet’s corners as well as this, or it is none. */
const leastFill = 0.9;

/**
 * The four corners of the sheet of paper in a photo: the largest bright thing that has four straight sides. Several
 * limits of brightness are tried, since a shadow can make paper darker than the table beside it.
 */
export function findCorners(picture: Grey): FoundCorners {
  const small = shrunk(picture, lookedAt);
  const scale = picture.width / small.width;
  let best: { corners: Corners; score: number } | undefined;
  for (const limit of limitsOf(small)) {
    const sheet = largestBright(small, limit);
    const area = sheet.size / (small.width * small.height);
    if (area < leastShare) continue;
    const corners = cornersOf(sheet.edge);
    if (!corners) continue;
    const inside = areaOf(corners) / (small.width * small.height);
    const fill = Math.min(area, inside) / Math.max(area, inside);
    if (fill < leastFill) continue;
    // The edge of a shadow on the paper is straight too, but has no step of brightness; of two, the larger.
    const steps = Math.min(...sidesWithStep(small, corners));
    if (steps < leastSteps) continue;
    const score = steps + 0.5 * inside;
    if (score > (best?.score ?? 0)) best = { corners, score };
  }
  if (!best || touchesAllEdges(best.corners, small)) {
    return { corners: wholeOf(picture), found: false };
  }
  const full = best.corners.map(({ x, y }) => ({
    x: Math.min(Math.max(0, (x + 0.5) * scale), picture.width - 1),
    y: Math.min(Math.max(0, (y + 0.5) * scale), picture.height - 1),
  }));
  return { corners: fourCorners(full), found: true };
}

/** Limits of brightness between the darkest and the brightest tenth. */
function limitsOf({ data }: Grey): number[] {
  const sorted = [...data].sort((a, b) => a - b);
  const shade = (share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
  const dark = shade(0.05);
  const bright = shade(0.95);
  return Array.from({ length: 24 }, (_, index) => dark + ((index + 1) * (bright - dark)) / 26);
}

/** Each side of a sheet has a step of brightness along so much of it, or it is no sheet. */
const leastSteps = 0.6;
/** Across a sheet’s edge it is darker outside by at least this part. */
const leastStep = 0.08;

/** For each side, which part of it is brighter inside than outside; outside the picture counts half. */
function sidesWithStep(picture: Grey, corners: Corners): number[] {
  const reach = 3;
  return corners.map((from, index) => {
    const to = corners[(index + 1) % 4] as Spot;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    // Clockwise on the screen, the inside is to the right hand.
    const inward = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
    const at = (along: number, away: number): number | undefined => {
      const x = Math.round(from.x + along * (to.x - from.x) + away * inward.x);
      const y = Math.round(from.y + along * (to.y - from.y) + away * inward.y);
      const isInside = x >= 0 && y >= 0 && x < picture.width && y < picture.height;
      return isInside ? picture.data[y * picture.width + x] : undefined;
    };
    const marks = Array.from({ length: 40 }, (_, step) => {
      const inside = at((step + 0.5) / 40, reach);
      const outside = at((step + 0.5) / 40, -reach);
      if (inside === undefined || outside === undefined) return 0.5;
      return inside - outside > leastStep * inside ? 1 : 0;
    });
    return marks.reduce<number>((sum, mark) => sum + mark, 0) / marks.length;
  });
}

const touchesAllEdges = (corners: Corners, { width, height }: Grey): boolean => {
  const near = 0.015 * Math.max(width, height);
  const [a, b, c, d] = wholeOf({ width, height });
  return [a, b, c, d].every((corner, index) => {
    const own = corners[index] as Spot;
    return Math.hypot(own.x - corner.x, own.y - corner.y) < near;
  });
};

interface Bright {
  readonly size: number;
  /** The first and last dot of each of its rows and columns. */
  readonly edge: readonly Spot[];
}

/** The largest connected part that is brighter than a limit, with the print on it. */
function largestBright({ width, height, data }: Grey, limit: number): Bright {
  const part = new Int32Array(data.length);
  const stack: number[] = [];
  let largest = 0;
  let largestSize = 0;
  let count = 0;
  for (let start = 0; start < data.length; start += 1) {
    if (part[start] !== 0 || (data[start] ?? 0) < limit) continue;
    count += 1;
    let size = 0;
    stack.push(start);
    part[start] = count;
    while (stack.length > 0) {
      const at = stack.pop() ?? 0;
      size += 1;
      const x = at % width;
      for (const next of [
        x > 0 ? at - 1 : -1,
        x < width - 1 ? at + 1 : -1,
        at - width,
        at + width,
      ]) {
        if (next < 0 || next >= data.length || part[next] !== 0) continue;
        if ((data[next] ?? 0) < limit) continue;
        part[next] = count;
        stack.push(next);
      }
    }
    if (size > largestSize) {
      largest = count;
      largestSize = size;
    }
  }
  const edge: Spot[] = [];
  // What lies between the first and the last bright dot of a row is print on the sheet.
  let filled = 0;
  for (let y = 0; y < height; y += 1) {
    const row = part.subarray(y * width, (y + 1) * width);
    const first = row.indexOf(largest);
    if (first < 0) continue;
    const last = row.lastIndexOf(largest);
    edge.push({ x: first, y }, { x: last, y });
    filled += last - first + 1;
  }
  for (let x = 0; x < width; x += 1) {
    let first = -1;
    let last = -1;
    for (let y = 0; y < height; y += 1) {
      if (part[y * width + x] !== largest) continue;
      if (first < 0) first = y;
      last = y;
    }
    if (first >= 0) edge.push({ x, y: first }, { x, y: last });
  }
  return { size: filled, edge };
}

/** The four straight sides around points, each fitted to those that lie near it. */
function cornersOf(edge: readonly Spot[]): Corners | undefined {
  const around = largestFour(hull(edge));
  if (!around) return undefined;
  const sides = around.map((from, index) => {
    const to = around[(index + 1) % 4] as Spot;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const near = edge.filter((spot) => {
      const along =
        ((spot.x - from.x) * (to.x - from.x) + (spot.y - from.y) * (to.y - from.y)) / length;
      return (
        along > 0.05 * length &&
        along < 0.95 * length &&
        Math.abs(cross(from, to, spot)) / length < 3
      );
    });
    return near.length < 8 ? { at: from, x: to.x - from.x, y: to.y - from.y } : fitted(near);
  });
  const corners = sides.map((side, index) => crossing(sides[(index + 3) % 4] as Line, side));
  if (corners.some((corner) => corner === undefined)) return undefined;
  return inOrder(corners as Spot[]);
}

interface Line {
  readonly at: Spot;
  readonly x: number;
  readonly y: number;
}

const cross = (a: Spot, b: Spot, c: Spot): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Around all points, clockwise on the screen (Andrew’s monotone chain, 1979). */
function hull(spots: readonly Spot[]): Spot[] {
  const sorted = [...spots].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (list: readonly Spot[]) => {
    const out: Spot[] = [];
    for (const spot of list) {
      while (out.length > 1 && cross(out.at(-2) as Spot, out.at(-1) as Spot, spot) <= 0) out.pop();
      out.push(spot);
    }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** The four of the points that enclose most; of many points every few are tried. */
function largestFour(points: readonly Spot[]): Spot[] | undefined {
  const step = Math.max(1, Math.ceil(points.length / 36));
  const some = points.filter((_, index) => index % step === 0);
  let best: Spot[] | undefined;
  let most = 0;
  for (let a = 0; a < some.length; a += 1)
    for (let b = a + 1; b < some.length; b += 1)
      for (let c = b + 1; c < some.length; c += 1)
        for (let d = c + 1; d < some.length; d += 1) {
          const four = [some[a], some[b], some[c], some[d]] as Spot[];
          const area = areaOf(four);
          if (area > most) [best, most] = [four, area];
        }
  return best;
}

/** Gauss’s area formula. */
export const areaOf = (corners: readonly Spot[]): number =>
  Math.abs(
    corners.reduce((sum, { x, y }, index) => {
      const next = corners[(index + 1) % corners.length] as Spot;
      return sum + x * next.y - next.x * y;
    }, 0),
  ) / 2;

/** The line of least squared distance (the main axis of the points). */
function fitted(spots: readonly Spot[]): Line {
  const mean = (of: (spot: Spot) => number) =>
    spots.reduce((sum, spot) => sum + of(spot), 0) / spots.length;
  const at = { x: mean(({ x }) => x), y: mean(({ y }) => y) };
  const xx = mean(({ x }) => (x - at.x) ** 2);
  const yy = mean(({ y }) => (y - at.y) ** 2);
  const xy = mean(({ x, y }) => (x - at.x) * (y - at.y));
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  return { at, x: Math.cos(angle), y: Math.sin(angle) };
}

function crossing(a: Line, b: Line): Spot | undefined {
  const apart = a.x * b.y - a.y * b.x;
  if (Math.abs(apart) < 1e-6) return undefined;
  const along = ((b.at.x - a.at.x) * b.y - (b.at.y - a.at.y) * b.x) / apart;
  return { x: a.at.x + along * a.x, y: a.at.y + along * a.y };
}

/** Upper left first, then clockwise. */
function inOrder(spots: readonly Spot[]): Corners {
  const middle = {
    x: spots.reduce((sum, { x }) => sum + x, 0) / 4,
    y: spots.reduce((sum, { y }) => sum + y, 0) / 4,
  };
  const around = [...spots].sort(
    (a, b) =>
      Math.atan2(a.y - middle.y, a.x - middle.x) - Math.atan2(b.y - middle.y, b.x - middle.x),
  );
  // The angle starts at the left and goes over the top: the upper left corner is the one nearest to the origin.
  const first = around.reduce(
    (best, { x, y }, index) =>
      x + y < (around[best]?.x ?? 0) + (around[best]?.y ?? 0) ? index : best,
    0,
  );
  return turnedBy(fourCorners(around), first);
}
