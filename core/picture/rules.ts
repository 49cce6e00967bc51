import type { Grey } from './raster.ts';

/** Darker than this, on evened paper, is ink. */
export const inkShade = 150;
/** A faint line is still one: lines are thin, and poor pictures wash them out. */
const faintShade = 190;
/** A stroke longer than this part of the shorter side is a ruled line: no letter has one. */
const ruleShare = 0.045;
/** Dots that may be missing in a line of a poor picture. */
const mostGap = 3;
/** So far beside a line, in dots, there is paper again: a row of letters has strokes there. */
const clearOf = 5;
/** For so much of its length at least. */
const clearShare = 0.8;

/** A table’s ruled lines wiped out: readers of print take them for letters. */
export function withoutRules(picture: Grey): Grey {
  const { width, height } = picture;
  const out: Grey = { width, height, data: picture.data.slice() };
  const least = Math.round(ruleShare * Math.min(width, height));
  for (let y = 0; y < height; y += 1)
    wipeRules(
      picture,
      out,
      { start: y * width, step: 1, count: width, across: width, place: y, places: height },
      least,
    );
  for (let x = 0; x < width; x += 1)
    wipeRules(
      picture,
      out,
      { start: x, step: width, count: height, across: 1, place: x, places: width },
      least,
    );
  return out;
}

/** A row or a column of dots. */
interface Row {
  readonly start: number;
  readonly step: number;
  readonly count: number;
  /** From a dot to its neighbour in the next row. */
  readonly across: number;
  /** Which row this is, of how many. */
  readonly place: number;
  readonly places: number;
}

function wipeRules({ data }: Grey, out: Grey, row: Row, least: number): void {
  const { start, step, count, across, place, places } = row;
  if (place < 1 || place >= places - 1) return;
  const shadeAt = (at: number, side: number) => data[start + at * step + side * across] ?? 255;
  // A line that is a little askew goes on in the next row.
  const isDark = (at: number) =>
    Math.min(shadeAt(at, -1), shadeAt(at, 0), shadeAt(at, 1)) < faintShade;
  const isClear = (at: number) =>
    (place < clearOf || shadeAt(at, -clearOf) >= faintShade) &&
    (place >= places - clearOf || shadeAt(at, clearOf) >= faintShade);
  let from = -1;
  let last = -1;
  for (let at = 0; at <= count; at += 1) {
    if (at < count && isDark(at)) {
      if (from < 0) from = at;
      last = at;
    } else if (from >= 0 && (at === count || at - last > mostGap)) {
      if (last + 1 - from >= least && isRule(from, last, isClear)) {
        for (let dot = from; dot <= last; dot += 1) {
          if (!isClear(dot)) continue;
          for (let side = -2; side <= 2; side += 1) {
            if (place + side < 0 || place + side >= places) continue;
            out.data[start + dot * step + side * across] = 255;
          }
        }
      }
      from = -1;
    }
  }
}

function isRule(from: number, last: number, isClear: (at: number) => boolean): boolean {
  let clear = 0;
  for (let at = from; at <= last; at += 1) if (isClear(at)) clear += 1;
  return clear >= clearShare * (last + 1 - from);
}
