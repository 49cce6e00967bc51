import type { BuildEvent } from '../../build/event.ts';
import { eventsThatCount } from '../../build/eventsThatCount.ts';
import type { ItemId } from '../drills/exercise.ts';
import { answersOf, type PracticeAnswer } from './answers.ts';

/** An exercise that the whole class gets at once. */
export interface Round {
  readonly id: string;
  readonly item: ItemId;
  readonly seed: number;
  /** ISO 8601. */
  readonly startedAt: string;
  /** Null as long as answers are taken; from then on they are shown. */
  readonly endedAt: string | null;
}

/** The rounds that some seats were given, the earliest first; each once, however many seats it went to. */
export function roundsOf(events: Iterable<BuildEvent>): Round[] {
  const log = eventsThatCount(events);
  const endOf = new Map<string, string>();
  for (const event of log) {
    if (event.kind === 'round-ended' && !endOf.has(event.round)) endOf.set(event.round, event.at);
  }
  const rounds = new Map<string, Round>();
  for (const event of log) {
    if (event.kind !== 'round-started' || rounds.has(event.round)) continue;
    rounds.set(event.round, {
      id: event.round,
      item: event.item,
      seed: event.seed,
      startedAt: event.at,
      endedAt: endOf.get(event.round) ?? null,
    });
  }
  return [...rounds.values()];
}

/** A question that is older than this was forgotten, not left open, in ms. */
const forgottenAfterMs = 3 * 60 * 60_000;

/** The last question to everybody, open or answered; undefined where there was none this evening. */
export function currentRoundOf(events: Iterable<BuildEvent>, now: Date): Round | undefined {
  const last = roundsOf(events).at(-1);
  return last && now.getTime() - Date.parse(last.startedAt) < forgottenAfterMs ? last : undefined;
}

/** What a seat answered in a round: its first answer counts. */
export const answerIn = (
  round: Pick<Round, 'id'>,
  events: Iterable<BuildEvent>,
): PracticeAnswer | undefined => answersOf(events).find((answer) => answer.round === round.id);

/** Equal answers of a class. */
export interface Tally {
  readonly answer: unknown;
  readonly count: number;
  readonly isRight: boolean;
}

/** The answers of a round, each with how many gave it, the commonest first. */
export function tallyOf(answers: readonly PracticeAnswer[]): Tally[] {
  const tallies = new Map<string, Tally>();
  for (const { answer, isRight } of answers) {
    const key = keyOf(answer);
    const known = tallies.get(key);
    tallies.set(key, {
      answer,
      count: (known?.count ?? 0) + 1,
      isRight: known?.isRight ?? isRight === true,
    });
  }
  return [...tallies.values()].sort((a, b) => b.count - a.count);
}

/** Whether a value was read by eye or measured is the same answer. */
function keyOf(answer: unknown): string {
  if (answer === null || typeof answer !== 'object' || Array.isArray(answer))
    return JSON.stringify(answer);
  const { by: _, ...rest } = answer as Record<string, unknown>;
  return JSON.stringify(rest, Object.keys(rest).sort());
}

/** The wrong answer that most gave, if anybody was wrong. */
export const commonestWrong = (tallies: readonly Tally[]): Tally | undefined =>
  tallies.find(({ isRight }) => !isRight);
