import type { Block } from './block.ts';
import type { OwnSteps } from './own/own.ts';
import type { RuleId } from './rules/ids.ts';
import { type StyleId, usualStyle } from './styles/ids.ts';

/** How an instructor wants a kit built. */
export interface OrderSettings {
  /** The styles, the first one deciding first; each orders what those before it leave equal. */
  readonly styles: readonly StyleId[];
  readonly batch: Batch;
  /** Test each block as soon as it is complete, or everything at the end. */
  readonly checks: 'blocks' | 'end';
  readonly access: Access;
  /** The instructor's own blocks; null where those of the nets serve. */
  readonly blocks: readonly Block[] | null;
  /** The instructor's own order, step by step, each step as the keys of what is done in it; null where the styles order. */
  readonly arrangement: readonly (readonly string[])[] | null;
  /** Rules that the instructor breaks knowingly. */
  readonly exceptions: readonly Exception[];
  /** Other words for steps, steps of the instructor's own, steps that are left out; absent where there are none. */
  readonly own?: OwnSteps;
}

/** What is put in before the board is turned over. */
export type Batch =
  /** All pieces of one value: fewest mix-ups. */
  | { readonly kind: 'value' }
  /** Any values, up to so many pieces. */
  | { readonly kind: 'pieces'; readonly most: number };

/** The room that an iron needs above a pad: an upright cone. */
export interface Access {
  /** Half the angle of the cone. */
  readonly coneDegrees: number;
  /** Between the pad's edge and the cone's foot. */
  readonly clearanceMm: number;
}

/** A rule broken on purpose, with the reason for it. */
export interface Exception {
  readonly rule: RuleId;
  /** Key of what the rule wants first, and of what it wants after that. */
  readonly before: string;
  readonly after: string;
  readonly reason: string;
}

/** What a kit is soldered by: as it was stored, or as usual where nobody has chosen. */
export const settingsOf = (stored: OrderSettings | null): OrderSettings => stored ?? usualSettings;

/** One value at a time, lowest first: what most instructors of beginners do (common practice). */
export const usualSettings: OrderSettings = {
  styles: [usualStyle],
  batch: { kind: 'value' },
  checks: 'end',
  // A tip is held at some 45° and is a few mm thick; 20° to each side of upright lets it in from somewhere
  // (common practice, from memory).
  access: { coneDegrees: 20, clearanceMm: 1 },
  blocks: null,
  arrangement: null,
  exceptions: [],
};
