import type { Deed } from '../../build/event.ts';
import { type Judgement, notCounted, type PracticeKit, wrong } from '../drills/drill.ts';
import { type Exercise, exerciseOf } from '../drills/exercise.ts';

type Claim = Extract<Deed, { readonly kind: 'practised' }>;

/**
 * What an answer was worth, worked out anew from item and seed; nobody is believed who only says that it was right.
 *
 * What the device did not count stays uncounted: only there it is known what somebody can see. An exercise that no kit
 * makes, or no version any more, is not counted either.
 *
 * @param kits that the exercise may have been made from; the best that any of them says holds
 */
export function judgedAgain(claim: Claim, kits: readonly PracticeKit[]): Judgement {
  if (claim.isRight === null) return notCounted;
  const judgements = kits.flatMap((kit) => {
    const exercise = exerciseOf(claim.item, claim.seed, kit);
    return exercise ? [judgementOf(exercise, claim.answer)] : [];
  });
  return judgements.reduce(
    (best, one) => (one.credit > best.credit ? one : best),
    judgements[0] ?? notCounted,
  );
}

/** An answer that has no sense for the exercise is a wrong one. */
function judgementOf({ kind, task }: Exercise, answer: unknown): Judgement {
  try {
    return kind.judge(task, answer, 'usual');
  } catch {
    return wrong;
  }
}
