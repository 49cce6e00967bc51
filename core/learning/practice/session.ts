import { seeded, shuffled } from '../../random.ts';
import type { PracticeKit } from '../drills/drill.ts';
import { type ItemId, itemsOf, partsOfItem } from '../drills/exercise.ts';
import { drills } from '../drills/index.ts';
import { type Card, chanceKept, isDue } from './cards.ts';
import { fitOf } from './difficulty.ts';

/** One exercise of a session. */
export interface Planned {
  readonly item: ItemId;
  /** 0 to 2³² − 1. */
  readonly seed: number;
  readonly why: 'due' | 'new' | 'ahead';
}

export interface SessionWish {
  readonly kit: PracticeKit;
  readonly cards: ReadonlyMap<ItemId, Card>;
  readonly now: Date;
  readonly seed: number;
  /** One drill only; all where it is left out. */
  readonly drillId?: string | undefined;
  readonly minutes?: number;
  /** The chance that this learner gets an item right; all fit where it is left out. */
  readonly chanceOf?: (item: ItemId) => number;
}

/** Ten minutes with opening the page (common practice). */
const usualMinutes = 8;
/** At most so many: with short ones there would be no end. */
const most = 14;
/** At most so many that mostly go wrong: more would only discourage (common practice). */
const mostHard = 3;
/** New ones among them where enough is due; more would be too much at once (common practice). */
const mostNew = 6;

/**
 * A short session: what is due, the most forgotten first; then new items, those of the kit first and every drill in
 * turn, with those that are too easy or too hard for this learner last; where that is not enough, what would be due
 * next. Few that are too hard. Shuffled, so that no kind comes in a block.
 */
export function sessionOf(wish: SessionWish): Planned[] {
  const { kit, cards, now, seed, drillId, minutes = usualMinutes, chanceOf = () => usual } = wish;
  const random = seeded(seed);
  const wanted = drills.filter(({ id }) => drillId === undefined || id === drillId);
  const byDrill = wanted.map((drill) => itemsOf(drill, kit));
  const known = byDrill.flat().flatMap((item) => {
    const card = cards.get(item);
    return card ? [{ item, card }] : [];
  });
  const byNeed = [...known].sort((a, b) => chanceKept(a.card, now) - chanceKept(b.card, now));
  const due = byNeed.filter(({ card }) => isDue(card, now)).map(({ item }) => item);
  const fresh = inTurn(
    byDrill.map((items) =>
      mixed(
        items.filter((item) => !cards.has(item)),
        random,
      ),
    ),
  ).sort((a, b) => Number(!fits(chanceOf(a))) - Number(!fits(chanceOf(b))));
  const ahead = byNeed.filter(({ card }) => !isDue(card, now)).map(({ item }) => item);
  const candidates = [
    ...due.map((item) => ({ item, why: 'due' as const })),
    ...fresh
      .slice(0, due.length >= most - mostNew ? mostNew : most)
      .map((item) => ({ item, why: 'new' as const })),
    ...ahead.map((item) => ({ item, why: 'ahead' as const })),
  ];
  const bearable = fewHard(candidates, chanceOf);
  return shuffled(random, fitting(bearable, minutes * 60)).map((one) => ({
    ...one,
    seed: Math.floor(random() * 2 ** 32),
  }));
}

/** Neither too hard nor too easy. */
const usual = 0.75;
const fits = (chance: number): boolean => fitOf(chance) === 'fits';

/** The same, with those that are too hard left out where there have been enough; one at least is left. */
function fewHard<Candidate extends { readonly item: ItemId }>(
  candidates: readonly Candidate[],
  chanceOf: (item: ItemId) => number,
): readonly Candidate[] {
  let hard = 0;
  return candidates.filter(({ item }) => {
    if (fitOf(chanceOf(item)) !== 'too-hard') return true;
    hard += 1;
    return hard <= mostHard;
  });
}

/** Seconds that a session takes. */
export const secondsOf = (planned: readonly Pick<Planned, 'item'>[]): number =>
  planned.reduce((sum, { item }) => sum + (partsOfItem(item)?.kind.seconds ?? 0), 0);

/** Kinds of one drill mixed, those of the kit still first within each kind. */
function mixed(items: readonly ItemId[], random: () => number): ItemId[] {
  const kinds = new Map<string, ItemId[]>();
  for (const item of items) {
    const kind = item.split('.')[1] ?? '';
    kinds.set(kind, [...(kinds.get(kind) ?? []), item]);
  }
  return inTurn(shuffled(random, [...kinds.values()]));
}

/** One of each list after the other, until all are empty. */
function inTurn<Item>(lists: readonly (readonly Item[])[]): Item[] {
  const longest = Math.max(0, ...lists.map(({ length }) => length));
  return Array.from({ length: longest }, (_, index) =>
    lists.flatMap((list) => list.slice(index, index + 1)),
  ).flat();
}

/** As many as fit the time, but one at least. */
function fitting<Candidate extends { readonly item: ItemId }>(
  candidates: readonly Candidate[],
  seconds: number,
): Candidate[] {
  const chosen: Candidate[] = [];
  let left = seconds;
  for (const candidate of candidates) {
    const needs = secondsOf([candidate]);
    if (chosen.length === most) break;
    if (chosen.length > 0 && needs > left) continue;
    chosen.push(candidate);
    left -= needs;
  }
  return chosen;
}
