import { v7 as newEventId } from 'uuid';
import type { SentEvent } from '#contract/events';
import { type Exercise, exerciseOf } from '#core/learning/drills/exercise';
import { answersOf } from '#core/learning/practice/answers';
import { cardsOf } from '#core/learning/practice/cards';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import { sessionOf } from '#core/learning/practice/session';
import { type Random, seeded } from '#core/random';

/** How somebody practises at home. */
export interface DemoPractice {
  readonly name: string;
  /** Days before the present on which there was a session, the first one longest ago. */
  readonly daysAgo: readonly number[];
  /** Share of right answers in the first session and in the last one. */
  readonly from: number;
  readonly to: number;
}

const day = 24 * 60 * 60_000;

/** What a learner answered at home, in the order of time. */
export function practiceOf(
  { daysAgo, from, to }: DemoPractice,
  seatId: string,
  plan: Parameters<typeof kitOfSteps>[0],
  now: Date,
): SentEvent[] {
  const random = seeded(daysAgo.length * 7919 + Math.round(100 * from));
  const kit = kitOfSteps(plan);
  const events: SentEvent[] = [];
  for (const [index, days] of daysAgo.entries()) {
    const begin = new Date(now.getTime() - days * day);
    const cards = cardsOf(answersOf(events.map((event) => ({ ...event, by: 'learner' as const }))));
    const skill = from + ((to - from) * index) / Math.max(1, daysAgo.length - 1);
    let at = begin.getTime();
    for (const { item, seed } of sessionOf({ kit, cards, now: begin, seed: 31 * index + 5 })) {
      const exercise = exerciseOf(item, seed, kit);
      if (!exercise) continue;
      const answer = random() < skill ? rightAnswer(exercise) : wrongAnswer(exercise, kit, random);
      at += exercise.kind.seconds * 1000;
      events.push({
        kind: 'practised',
        item,
        seed,
        answer,
        ...exercise.kind.judge(exercise.task, answer, 'usual'),
        id: newEventId(),
        seatId,
        at: new Date(at).toISOString(),
      });
    }
  }
  return events;
}

const rightAnswer = ({ kind, task }: Exercise): unknown => kind.answer(task);

/** What would be right of another exercise of the kind, and is wrong here. */
function wrongAnswer(
  exercise: Exercise,
  kit: ReturnType<typeof kitOfSteps>,
  random: Random,
): unknown {
  const { kind, task } = exercise;
  const items = kind.items(kit);
  for (let tries = 0; tries < 60; tries += 1) {
    const item = items[Math.floor(random() * items.length)] ?? '';
    const answer: unknown = kind.answer(kind.make(item, random, kit));
    if (kind.judge(task, answer, 'usual').isRight === false) return answer;
  }
  return kind.answer(task);
}
