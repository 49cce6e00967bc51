import type { SentEvent } from '#contract/events';
import { partsOfItem } from '#core/learning/drills/exercise';
import { faults } from '#core/learning/drills/faults/faults';
import { judgedAgain } from '#core/learning/practice/judgeAgain';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import type { Queryable } from '../db/database.ts';
import { selectSeatByToken } from '../seats/queries.ts';
import { practiceKitOf } from './practiceKit.ts';
import { selectNextBuild } from './queries.ts';

const isOfFaults = (item: string) => partsOfItem(item)?.drill.id === faults.id;

/** The events of a seat, with what was practised judged here: from item, seed and the kits that it may come from. */
export async function withJudgement(
  db: Queryable,
  token: string,
  events: readonly SentEvent[],
): Promise<readonly SentEvent[]> {
  if (!events.some(({ kind }) => kind === 'practised')) return events;
  const seat = await selectSeatByToken(db, token);
  if (!seat) return events;
  const next = seat.learnerId === null ? undefined : await selectNextBuild(db, seat.learnerId);
  // A question to the whole class is made without the board; practice with that of the next workshop, or of this one.
  const kits = [kitOfSteps(seat, seat.board), kitOfSteps(seat)];
  if (next) kits.push(kitOfSteps(next, next.board));
  // What faults show is much to read, and nothing else is made from it.
  if (events.some((event) => event.kind === 'practised' && isOfFaults(event.item))) {
    for (const plan of next ? [seat, next] : [seat]) kits.push(await practiceKitOf(db, plan));
  }
  return events.map((event) =>
    event.kind === 'practised' ? { ...event, ...judgedAgain(event, kits) } : event,
  );
}
