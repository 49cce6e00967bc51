import type { Random } from '../../random.ts';
import { between, seeded } from '../../random.ts';
import type { Grade, Opportunity } from '../builds.ts';

/** What a made-up learner did once, what was told of it, and what was so. */
export interface TrueOpportunity extends Opportunity {
  readonly wasReallyRight: boolean;
  /** The chance that it was right. */
  readonly truth: number;
}

const startMs = Date.UTC(2026, 0, 8, 18, 30);
const dayMs = 24 * 60 * 60_000;

/**
 * The opportunities of a learner as the model does not believe learners to be: practice helps by a power law, what was
 * gained is lost exponentially between evenings, steps differ in how hard they are, some evenings are bad, and of what
 * goes wrong a part that differs from learner to learner is never told.
 *
 * @param evenings so many, of so many steps each, some weeks apart
 */
export function otherLearner(seed: number, evenings: number, steps: number): TrueOpportunity[] {
  const random = seeded(seed * 6007 + 3);
  const talent = between(random, 0.45, 0.97);
  const rate = between(random, 0.15, 0.6);
  const untold = between(random, 0.25, 0.65);
  const lookedAt = between(random, 0.15, 0.6);
  let [practised, at] = [0, startMs];
  return Array.from({ length: evenings }, (_, evening) => {
    if (evening > 0) {
      const days = between(random, 5, 60);
      at += days * dayMs;
      practised *= Math.exp(-days / 90);
    }
    const mood = between(random, 0.92, 1.05);
    return Array.from({ length: steps }, (_step, index): TrueOpportunity => {
      practised += 1;
      at += 4 * 60_000;
      // The error falls with practice as a power of it (Newell and Rosenbloom 1981, from memory).
      const error = (1 - talent) * practised ** -rate * between(random, 0.4, 1.6);
      const truth = Math.min(0.995, Math.max(0.05, (1 - error) * mood));
      return told(random, truth, lookedAt, untold, evening, index, at);
    });
  }).flat();
}

function told(
  random: Random,
  truth: number,
  lookedAt: number,
  untold: number,
  evening: number,
  index: number,
  atMs: number,
): TrueOpportunity {
  const wasReallyRight = random() < truth;
  const grade: Grade = random() < lookedAt ? 'seen' : 'claimed';
  const isTold = grade === 'seen' || random() >= untold;
  return {
    skill: 'reading-values',
    wasRight: wasReallyRight || !isTold,
    grade,
    in: { kind: 'step', workshopId: `evening ${evening}`, stepId: `step ${index}` },
    at: new Date(atMs).toISOString(),
    wasReallyRight,
    truth,
  };
}
