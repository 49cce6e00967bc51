import { seeded } from '../../random.ts';
import type { AnyKind, Drill, PracticeKit } from './drill.ts';
import { drills } from './index.ts';

/** What is trained, across all drills: `bands.read.orange`. */
export type ItemId = string;

export interface Exercise {
  readonly item: ItemId;
  /** 0 to 2³² − 1. */
  readonly seed: number;
  readonly drill: Drill;
  readonly kind: AnyKind;
  readonly task: unknown;
}

interface ItemParts {
  readonly drill: Drill;
  readonly kind: AnyKind;
  /** As the kind itself calls it. */
  readonly key: string;
}

/** The drill, the kind and the item's own name; undefined for one of another version. */
export function partsOfItem(item: ItemId): ItemParts | undefined {
  const [drillId, kindId, ...rest] = item.split('.');
  const drill = drills.find(({ id }) => id === drillId);
  const kind = drill?.kinds.find(({ id }) => id === kindId);
  return drill && kind && { drill, kind, key: rest.join('.') };
}

/** Every item that a kit gives exercises for, by drill and kind; those of the kit first. */
export const itemsOf = (drill: Drill, kit: PracticeKit): ItemId[] =>
  drill.kinds.flatMap((kind) => kind.items(kit).map((key) => `${drill.id}.${kind.id}.${key}`));

/**
 * The exercise of an item; the same item, seed and kit make the same exercise.
 *
 * @returns undefined where this version does not know the item, or the kit has nothing to make it from
 */
export function exerciseOf(item: ItemId, seed: number, kit: PracticeKit): Exercise | undefined {
  const parts = partsOfItem(item);
  if (!parts?.kind.items(kit).includes(parts.key)) return undefined;
  const { drill, kind, key } = parts;
  return { item, seed, drill, kind, task: kind.make(key, seeded(seed), kit) };
}
