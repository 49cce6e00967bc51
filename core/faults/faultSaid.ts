import { placeOfPin } from '../board/pinNames.ts';
import { pinSaid } from '../circuit/pinSaid.ts';
import { partNameSaid, valueSaid } from '../learning/partSaid.ts';
import { type Filling, type Said, said } from '../learning/said.ts';
import { openFromOhm } from '../order/checks/limits.ts';
import type { Part } from '../parts/part.ts';
import { formatQuantity } from '../quantity/formatQuantity.ts';
import { type BenchTest, type Candidate, type Outcome, unitOf } from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';
import type { Fault } from './fault.ts';
import type { LookFirst } from './lookFirst.ts';
import type { Variant } from './variants.ts';

type Parts = ReadonlyMap<string, Part>;

/** A pin or a place: `R3, pin 1`, `D1`. */
const spot = (at: string | undefined, parts: Parts): Filling =>
  at === undefined ? '' : at.includes('.') ? pinSaid(at, parts) : at;

/** A part with its place: `D1, red LED`. */
export function placedSaid(place: string, parts: Parts): Filling {
  const part = parts.get(place);
  return part ? said('fault.placed', { place, part: partNameSaid(part) }) : place;
}

/** What is wrong, in a sentence without an end. */
export function faultSaid({ kind, at, value }: Fault, parts: Parts): Said {
  const says = said(`fault.kind.${kind}`, {
    one: spot(kind === 'wrong-pad' ? placeOfPin(at[0] ?? '') : at[0], parts),
    other: spot(at[1], parts),
  });
  return value ? said('fault.valued', { fault: says, value: valueSaid(value) }) : says;
}

export const candidateSaid = (candidate: Candidate, parts: Parts): Said =>
  candidate === 'good'
    ? said('fault.nothingWrong')
    : candidate === 'other'
      ? said('fault.somethingElse')
      : faultSaid(candidate.fault, parts);

/** How the board is to stand while one looks. */
function standSaid(when: Variant | undefined): Said {
  if (!when) return said('fault.ask.senses');
  const { place, state, with: other } = when;
  if (state !== 'joined') {
    return said('fault.ask.state', { place, state: said(`fault.state.${state}`) });
  }
  return other
    ? said('fault.ask.joined', { one: place, other })
    : said('fault.ask.joinedSelf', { place });
}

/** The same as a circumstance: `S2 pressed`. */
export const standingSaid = ({ place, state, with: other }: Variant): Said =>
  state !== 'joined'
    ? said('fault.stand.state', { place, state: said(`fault.state.${state}`) })
    : other
      ? said('fault.stand.joined', { one: place, other })
      : said('fault.stand.joinedSelf', { place });

/** What eyes are asked about one place. */
export const lookSaid = ({ at, place }: LookFirst, parts: Parts): Said =>
  said(`fault.ask.${at}`, { place: placedSaid(place, parts) });

/** What to look at, touch or measure, as one says it to a helper. */
export function testSaid({ points }: FaultDictionary, test: BenchTest, parts: Parts): Said {
  const minus = spot(points.minus, parts);
  switch (test.kind) {
    case 'sense':
      return standSaid(points.senses[test.sense]?.when);
    case 'touch':
      return said('fault.ask.touch', { place: placedSaid(points.warm[test.warm] ?? '', parts) });
    case 'current':
      return said('fault.ask.current');
    case 'volt':
      return said('fault.ask.volt', { pin: spot(points.probes[test.probe], parts), minus });
    case 'ohm':
      return said('fault.ask.ohm', { pin: spot(points.probes[points.supply], parts), minus });
    case 'across':
      return said('fault.ask.across', { place: points.across[test.resistor] ?? '' });
    case 'joint':
      return said('fault.ask.joint', { place: test.place });
    case 'apart':
      return said('fault.ask.apart', {
        one: spot(test.pins[0], parts),
        other: spot(test.pins[1], parts),
      });
    case 'look':
      return said('fault.ask.look', { place: placedSaid(test.place, parts) });
  }
}

/** A word that a test says: `dim`, `beeps`, `wrong`. */
export function wordSaid(
  { points, goodHertz }: FaultDictionary,
  test: BenchTest,
  word: string,
): Said {
  switch (test.kind) {
    case 'sense': {
      const isSound = points.senses[test.sense]?.sense === 'sound';
      // A part that stays as it is on a good board blinks as it should not.
      const says = word === 'blinks' && goodHertz[test.sense] === null ? 'flashes' : word;
      return said(`fault.${isSound ? 'sound' : 'look'}.${says}`);
    }
    case 'touch':
      return said(`fault.warmth.${word}`);
    case 'look':
      return said(`fault.eye.${word}`);
    case 'joint':
      return word === 'beeps'
        ? said('fault.meter.allBeep')
        : said('fault.meter.silentAt', { pin: word.slice(word.lastIndexOf('.') + 1) });
    default:
      return said(`fault.meter.${word}`);
  }
}

/** What came of a test, as the meter or the eye says it. */
export function outcomeSaid(dictionary: FaultDictionary, test: BenchTest, outcome: Outcome): Said {
  if (typeof outcome === 'string') return wordSaid(dictionary, test, outcome);
  if (unitOf(test) === 'Ω') {
    return outcome >= openFromOhm
      ? said('figure.range.open')
      : said('fault.amount', { amount: formatQuantity(Number(outcome.toPrecision(3)), 'ohm') });
  }
  const decimals = unitOf(test) === 'V' ? 2 : 1;
  return said('fault.amount', { amount: `${outcome.toFixed(decimals)} ${unitOf(test)}` });
}
