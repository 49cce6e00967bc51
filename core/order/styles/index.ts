import { anchorsFirst } from './anchorsFirst.ts';
import { byBlock } from './byBlock.ts';
import { bySheet } from './bySheet.ts';
import { lowestFirst } from './lowestFirst.ts';
import type { Style } from './style.ts';
import { surfaceFirst } from './surfaceFirst.ts';
import { toughestFirst } from './toughestFirst.ts';

const all = [lowestFirst, toughestFirst, bySheet, surfaceFirst, byBlock, anchorsFirst] as const;

export type StyleId = (typeof all)[number]['id'];

/** The schools of soldering order. A new one is a file here and a line in this list. */
export const styles: readonly (Style & { readonly id: StyleId })[] = all;

/** Chosen styles as definitions, the first deciding first; what they leave equal goes by height. */
export function stackOf(ids: readonly StyleId[]): readonly (Style & { readonly id: StyleId })[] {
  const wanted: readonly StyleId[] = ids.includes('lowest-first') ? ids : [...ids, 'lowest-first'];
  return wanted.flatMap((id) => styles.filter((style) => style.id === id));
}

export const styleOf = (id: StyleId): Style =>
  styles.find((style) => style.id === id) ?? lowestFirst;
