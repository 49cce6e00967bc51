import type { SpiceEngine } from '../../circuit/spice.ts';
import { between, type Random } from '../../random.ts';
import { placesOf, warmths } from '../benchTests.ts';
import { asMeant } from '../change.ts';
import type { FaultDictionary } from '../dictionary.ts';
import type { Fault, Faulty, Subject } from '../fault.ts';
import { faultKindOf } from '../kinds/index.ts';
import { faultTraits } from '../kinds/traits.ts';
import { madeUp, unpoweredOf, watchedFor } from '../madeUp.ts';
import type { Bench } from '../search.ts';
import { looksOf } from '../signature.ts';

/**
 * A board of other pieces than those of the dictionary, with faults, and a hand meter at it.
 *
 * @returns null where the simulator finds no solution
 */
export async function benchWith(
  engine: SpiceEngine,
  subject: Subject,
  dictionary: FaultDictionary,
  faults: readonly Fault[],
  random: Random,
): Promise<Bench | null> {
  const analysis = await watchedFor(engine, asMeant(subject));
  if (!analysis) return null;
  const faulty = withAll(subject, faults);
  const seed = Math.floor(random() * 1e9);
  const [shown] = await madeUp(engine, dictionary.points, faulty, analysis, 1, seed, 'made up');
  if (!shown) return null;
  const unpowered = await unpoweredOf(engine, dictionary.points, faulty);
  const read = unpowered.ohms;
  const noisy = (value: number, part: number) => value * (1 + between(random, -part, part));
  return (test) => {
    switch (test.kind) {
      case 'sense':
        return looksOf(shown, dictionary.goodHertz)[test.sense] ?? null;
      case 'touch': {
        const celsius = shown.celsius[test.warm] ?? 22;
        return warmths[celsius < 32 ? 0 : celsius < 55 ? 1 : 2];
      }
      case 'current':
        return noisy(shown.milliampere, 0.015);
      case 'volt':
        return shown.moves[test.probe]
          ? 'moves'
          : noisy(shown.volts[test.probe] ?? 0, 0.005) + between(random, -0.02, 0.02);
      case 'ohm':
        return read.length > 0 ? noisy(read[random() < 0.5 ? 0 : 1] ?? 0, 0.02) : null;
      case 'across': {
        const ohm = unpowered.across[test.resistor];
        return ohm === null || ohm === undefined ? null : noisy(ohm, 0.05);
      }
      case 'joint':
        return (
          test.pins.find((pin) =>
            faults.some(
              ({ kind, at }) => (kind === 'open-joint' || kind === 'pin-bent') && at[0] === pin,
            ),
          ) ?? 'beeps'
        );
      case 'apart':
        return faults.some(({ at }) => at[0] === test.pins[0] && at[1] === test.pins[1])
          ? 'beeps'
          : 'silent';
      case 'look': {
        const here = faults.find((fault) => {
          const { look } = faultTraits[fault.kind];
          return look && placesOf({ fault }).includes(test.place) && random() < look.sees;
        });
        return (here && faultTraits[here.kind].look?.at) ?? 'right';
      }
    }
  };
}

/** One fault after the other made to a board. */
function withAll(subject: Subject, faults: readonly Fault[]): Faulty {
  return faults.reduce<Faulty>(({ stage, extra }, fault) => {
    const made = faultKindOf(fault.kind).make({ ...subject, ...stage }, fault);
    return { stage: made.stage, extra: [...extra, ...made.extra] };
  }, asMeant(subject));
}
