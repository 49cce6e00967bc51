import { type Card, createEmptyCard, fsrs, type Grade, Rating } from 'ts-fsrs';
import { byTime } from '../builds.ts';
import type { ItemId } from '../drills/exercise.ts';
import type { PracticeAnswer } from './answers.ts';

/** What is remembered of an item, and when it is to be asked again (FSRS, by the package ts-fsrs). */
export type { Card } from 'ts-fsrs';

/** A mistake in a build that shows an item to be weak. */
export interface Weakness {
  readonly item: ItemId;
  /** ISO 8601. */
  readonly at: string;
}

/** No chance in the intervals: the same history gives the same plan on every device. */
const scheduler = fsrs({ enable_fuzz: false, request_retention: 0.9 });

/** Half right is worth something: it was hard. */
const hardFrom = 0.5;

const gradeOf = ({ isRight, credit }: PracticeAnswer): Grade | undefined => {
  if (isRight === null) return undefined;
  if (isRight) return Rating.Good;
  return credit >= hardFrom ? Rating.Hard : Rating.Again;
};

/**
 * The card of every item that was ever answered or went wrong in a build, from the whole history.
 *
 * @param weaknesses count like an answer that was wrong, at their time
 */
export function cardsOf(
  answers: readonly PracticeAnswer[],
  weaknesses: readonly Weakness[] = [],
): Map<ItemId, Card> {
  const reviews = [
    ...answers.flatMap((answer) => {
      const grade = gradeOf(answer);
      return grade === undefined ? [] : [{ item: answer.item, at: answer.at, grade }];
    }),
    ...weaknesses.map(({ item, at }) => ({ item, at, grade: Rating.Again as Grade })),
  ].sort(byTime);
  const cards = new Map<ItemId, Card>();
  for (const { item, at, grade } of reviews) {
    const now = new Date(at);
    cards.set(item, scheduler.next(cards.get(item) ?? createEmptyCard(now), now, grade).card);
  }
  return cards;
}

/** The chance that an item is still known, 0 to 1. */
export const chanceKept = (card: Card, now: Date): number =>
  scheduler.get_retrievability(card, now, false);

export const isDue = (card: Card, now: Date): boolean => card.due.getTime() <= now.getTime();
