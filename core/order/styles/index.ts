import { anchorsFirst } from './anchorsFirst.ts';
import { byBlock } from './byBlock.ts';
import { bySheet } from './bySheet.ts';
import { type StyleId, styleIds, usualStyle } from './ids.ts';
import { lowestFirst } from './lowestFirst.ts';
import type { Style } from './style.ts';
import { surfaceFirst } from './surfaceFirst.ts';
import { toughestFirst } from './toughestFirst.ts';

const byId: { readonly [Id in StyleId]: Style<Id> } = {
  'lowest-first': lowestFirst,
  'toughest-first': toughestFirst,
  'by-sheet': bySheet,
  'surface-first': surfaceFirst,
  'by-block': byBlock,
  'anchors-first': anchorsFirst,
};

/** The schools of soldering order. */
export const styles: readonly Style[] = styleIds.map((id) => byId[id]);

/** Chosen styles as definitions, the first deciding first; what they leave equal goes by height. */
export function stackOf(ids: readonly StyleId[]): readonly Style[] {
  const wanted: readonly StyleId[] = ids.includes(usualStyle) ? ids : [...ids, usualStyle];
  return wanted.flatMap((id) => styles.filter((style) => style.id === id));
}

export const styleOf = (id: StyleId): Style => byId[id];

/** Whether one of the chosen styles builds block by block. */
export const hasBlocks = (ids: readonly StyleId[]): boolean => ids.some((id) => byId[id].byBlocks);
