import { type Grey, turned } from '../../picture/raster.ts';
import { withoutRules } from '../../picture/rules.ts';
import { inkTexts } from './inkTexts.ts';
import { lineAlone } from './lookAtCells.ts';
import type { PrintReader } from './print.ts';

/** So many texts tell which way up a page is. */
const samples = 8;
/** Read as surely as this, it is upright: the other ways need not be tried. */
const clearly = 0.75;
/** Another way up must be read so much more surely than the one that was given. */
const better = 0.15;

/**
 * The page as it can be read: sheets lie on the table any way up.
 *
 * @param page evened
 */
export async function upright(page: Grey, reader: PrintReader): Promise<Grey> {
  let best = { page, trust: await trustOf(page, reader) };
  if (best.trust >= clearly) return page;
  const given = best.trust;
  for (const quarters of [2, 1, 3]) {
    const other = turned(page, quarters);
    const trust = await trustOf(other, reader);
    if (trust > Math.max(best.trust, given + better)) best = { page: other, trust };
    if (best.trust >= clearly) break;
  }
  return best.page;
}

/** How surely the longest texts of a page are read, 0 to 1. */
async function trustOf(page: Grey, reader: PrintReader): Promise<number> {
  const clean = withoutRules(page);
  const texts = inkTexts(clean)
    .sort((a, b) => b.width - a.width)
    .slice(0, samples);
  let sum = 0;
  for (const { box } of texts) {
    const words = await reader.readLine(lineAlone(clean, box));
    const signs = words.reduce((all, { text }) => all + text.length, 0);
    sum += words.reduce((all, { text, trust }) => all + trust * text.length, 0) / (signs || 1);
  }
  return texts.length === 0 ? 0 : sum / texts.length;
}
