import type { SeatState } from '../../build/foldSeat.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { tapsTogetherMinutes } from './stepTimes.ts';

/** No hand works in less than this share of a beginner's time: practised people need a fifth to a third (common practice). */
const fastestShare = 0.1;

interface Tap {
  readonly id: string;
  readonly planned: number;
  readonly atMs: number;
}

/**
 * Steps that were tapped as done faster than any hand can work. Taps that follow one another at once are one piece of
 * work: who taps three steps after the time of three has done them.
 *
 * @returns their ids; what staff passed over for somebody is not among them
 */
export function hastySteps(
  steps: readonly PlannedStep[],
  { doneAt, assumed, greetedAt }: Pick<SeatState, 'doneAt' | 'assumed' | 'greetedAt'>,
): ReadonlySet<string> {
  const taps = steps
    .flatMap(({ id, minutes }): Tap[] => {
      const at = doneAt[id];
      return at === undefined || assumed.includes(id)
        ? []
        : [{ id, planned: minutes, atMs: Date.parse(at) }];
    })
    .sort((a, b) => a.atMs - b.atMs);
  const hasty = new Set<string>();
  let begun = greetedAt === null ? undefined : Date.parse(greetedAt);
  for (let index = 0; index < taps.length; ) {
    const group = [taps[index++] as Tap];
    while (isTogether(group.at(-1), taps[index])) group.push(taps[index++] as Tap);
    const ended = group.at(-1)?.atMs ?? 0;
    // Nobody knows when the first piece of work was begun, where nobody was met at the door: its first step is believed.
    const judged = begun === undefined ? group.slice(1) : group;
    const minutes = (ended - (begun ?? group[0]?.atMs ?? ended)) / 60_000;
    const planned = judged.reduce((sum, tap) => sum + tap.planned, 0);
    if (minutes < fastestShare * planned) for (const { id } of judged) hasty.add(id);
    begun = ended;
  }
  return hasty;
}

const isTogether = (before: Tap | undefined, next: Tap | undefined): boolean =>
  before !== undefined &&
  next !== undefined &&
  next.atMs - before.atMs < tapsTogetherMinutes * 60_000;
