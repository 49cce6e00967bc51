import { around, type Patch, patchesOf } from '../../picture/components.ts';
import type { Box, Grey } from '../../picture/raster.ts';
import type { PlacedWord } from '../files/wordsAsTable.ts';

/** Ink that stands together as one text, before anybody has read it. */
export interface InkText extends PlacedWord {
  /** What the ink takes; the word itself is as high as its line. */
  readonly box: Box;
}

/** Patches further apart than this, in heights of the text, are two texts. */
const textGap = 1.15;
/** Where the blanks themselves are wide, as a typewriter’s are, it is so many of them. */
const blanksApart = 1.45;
/** Between these, in heights, is what can be a blank between words; fewer of them tell nothing. */
const blankBetween = [0.7, 1.7] as const;
const fewBlanks = 5;
/** A letter stands away from the edge of the sheet by at least this part of its longer side. */
const edgeShare = 0.004;

/**
 * Finds where on a page text stands, line by line, without reading it: readers of print lose rows and columns of
 * tables, ink does not.
 *
 * @param page evened, without ruled lines
 */
export function inkTexts(page: Grey): InkText[] {
  const patches = patchesOf(page).filter((patch) => !isDirt(patch, page));
  const height = textHeight(patches);
  if (height === 0) return [];
  // What is much higher than text is a stain, a logo or a hole; what is much lower belongs to a letter.
  const letters = patches.filter(
    (patch) => patch.height <= 2.6 * height && !isPieceOfRule(patch, height),
  );
  const lines = linesOf(letters, height);
  const gap = gapOf(lines, height);
  return lines
    .flatMap((line) => textsOf(line, height, gap))
    .map((text, index) => ({ ...text, text: `▮${index}` }));
}

/** How far apart two texts of a line are at least, in dots. */
function gapOf(lines: readonly (readonly Patch[])[], height: number): number {
  const blanks = lines
    .flatMap((line) => {
      const sorted = [...line].sort((a, b) => a.x - b.x);
      return sorted.slice(1).map(({ x }, index) => {
        const before = sorted[index] ?? { x: 0, width: 0 };
        return x - before.x - before.width;
      });
    })
    .filter((gap) => gap > blankBetween[0] * height && gap < blankBetween[1] * height)
    .sort((a, b) => a - b);
  const usual = blanks.length < fewBlanks ? 0 : (blanks[Math.floor(blanks.length / 2)] ?? 0);
  return Math.max(textGap * height, blanksApart * usual);
}

function isDirt({ x, y, width, height, size }: Patch, page: Grey): boolean {
  const edge = edgeShare * Math.max(page.width, page.height);
  const atEdge =
    x < edge || y < edge || x + width > page.width - edge || y + height > page.height - edge;
  return size < 8 || atEdge;
}

/** What is left of a broken ruled line: thinner than any stroke of a letter is for its length. */
function isPieceOfRule({ width, height }: Patch, text: number): boolean {
  const [thin, long] = width < height ? [width, height] : [height, width];
  return thin < 0.28 * text && long > (width < height ? 1.6 : 2.4) * text;
}

/** How high capitals are: most patches that are no dots, by their number of dots. */
function textHeight(patches: readonly Patch[]): number {
  const heights = patches
    .filter(({ height, width, size }) => height >= 8 && height < 120 && width < 160 && size > 20)
    .map(({ height }) => height)
    .sort((a, b) => a - b);
  return heights[Math.floor(0.7 * heights.length)] ?? 0;
}

/** Patches whose middles lie at one height. */
function linesOf(patches: readonly Patch[], height: number): Patch[][] {
  const tall = patches.filter((patch) => patch.height > 0.45 * height);
  const lines: { middle: number; patches: Patch[] }[] = [];
  for (const patch of [...tall].sort((a, b) => middleOf(a) - middleOf(b))) {
    const line = lines.at(-1);
    if (line && middleOf(patch) - line.middle < 0.55 * height) {
      line.patches.push(patch);
      line.middle += (middleOf(patch) - line.middle) / line.patches.length;
    } else lines.push({ middle: middleOf(patch), patches: [patch] });
  }
  // Dots, commas and dashes go to the line that they stand in.
  for (const patch of patches) {
    if (patch.height > 0.45 * height) continue;
    const own = lines.find(({ middle }) => Math.abs(middleOf(patch) - middle) < 0.85 * height);
    own?.patches.push(patch);
  }
  return lines.map(({ patches: own }) => own);
}

const middleOf = ({ y, height }: Box): number => y + height / 2;

function textsOf(line: readonly Patch[], height: number, gap: number): InkText[] {
  const texts: Box[] = [];
  for (const patch of [...line].sort((a, b) => a.x - b.x)) {
    const last = texts.at(-1);
    if (last && patch.x - (last.x + last.width) < gap) {
      texts[texts.length - 1] = around(last, patch);
    } else texts.push(patch);
  }
  const middles = line.map(middleOf).sort((a, b) => a - b);
  const middle = middles[Math.floor(middles.length / 2)] ?? 0;
  return texts
    .filter((box) => box.height > 0.4 * height)
    .map((box) => ({
      text: '',
      x: box.x,
      y: middle - height / 2,
      width: box.width,
      height,
      box: { x: box.x, y: box.y, width: box.width, height: box.height },
    }));
}
