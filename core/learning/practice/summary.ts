import { drills } from '../drills/index.ts';
import { type Share, shareOfCount } from '../shares.ts';
import type { PracticeAnswer } from './answers.ts';
import { cardsOf, chanceKept, isDue, type Weakness } from './cards.ts';

/** What somebody has practised of one drill. */
export interface DrillSummary {
  readonly drillId: string;
  readonly answered: number;
  /** Of those that were counted. */
  readonly right: Share;
  /** Of the latest ones: are they getting better? */
  readonly lately: Share;
  /** Items that were asked once at least, how many of them are thought to be known, and how many are due. */
  readonly items: number;
  readonly kept: number;
  readonly due: number;
  /** ISO 8601; null where nothing was practised. */
  readonly lastAt: string | null;
}

/** So many answers are lately. */
const latelyCount = 10;
/** What is known with this chance at least counts as known: the retention that the plan aims at. */
const keptFrom = 0.9;

/** What a learner has practised, drill by drill. */
export function practiceSummary(
  answers: readonly PracticeAnswer[],
  weaknesses: readonly Weakness[],
  now: Date,
): DrillSummary[] {
  const cards = cardsOf(answers, weaknesses);
  return drills.map(({ id }) => {
    const own = answers.filter(({ item }) => item.startsWith(`${id}.`));
    const counted = own.filter(({ isRight }) => isRight !== null);
    const ownCards = [...cards]
      .filter(([item]) => item.startsWith(`${id}.`))
      .map(([, card]) => card);
    return {
      drillId: id,
      answered: own.length,
      right: shareRight(counted),
      lately: shareRight(counted.slice(-latelyCount)),
      items: ownCards.length,
      kept: ownCards.filter((card) => chanceKept(card, now) >= keptFrom && !isDue(card, now))
        .length,
      due: ownCards.filter((card) => isDue(card, now)).length,
      lastAt: own.at(-1)?.at ?? null,
    };
  });
}

const shareRight = (answers: readonly PracticeAnswer[]): Share =>
  shareOfCount(answers.filter(({ isRight }) => isRight).length, answers.length);
