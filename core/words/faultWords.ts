import type { TFunction } from 'i18next';
import { type BenchTest, type Candidate, givesNumber } from '../faults/benchTests.ts';
import type { FaultDictionary } from '../faults/dictionary.ts';
import { type Fault, placeOfPin } from '../faults/fault.ts';
import { faultTraits } from '../faults/kinds/traits.ts';
import type { LookFirst } from '../faults/lookFirst.ts';
import type { Variant } from '../faults/variants.ts';
import type { Part } from '../parts/part.ts';
import { pinText } from './figureWords.ts';
import { partName, valueWords } from './partWords.ts';

type Parts = ReadonlyMap<string, Part>;

/** A pin or a place in words: `R3, pin 1`, `D1`. */
const spot = (t: TFunction, at: string | undefined, parts: Parts): string =>
  at === undefined ? '' : at.includes('.') ? pinText(t, at, parts) : at;

/** What is wrong, in a sentence without an end. */
export function faultText(t: TFunction, { kind, at, value }: Fault, parts: Parts): string {
  const says = t(`fault.kind.${kind}`, {
    one: spot(t, kind === 'wrong-pad' ? placeOfPin(at[0] ?? '') : at[0], parts),
    other: spot(t, at[1], parts),
  });
  return value ? `${says}: ${valueWords(t, value)}` : says;
}

export const candidateText = (t: TFunction, candidate: Candidate, parts: Parts): string =>
  candidate === 'good'
    ? t('fault.nothingWrong')
    : candidate === 'other'
      ? t('fault.somethingElse')
      : faultText(t, candidate.fault, parts);

/** What is done about it. */
export function remedyText(t: TFunction, { kind }: Fault): string {
  switch (kind) {
    case 'other-leads':
      return t('fault.action.leads');
    case 'cut-not-made':
      return t('fault.action.cut');
    case 'cells-flat':
      return t('fault.action.cells');
    case 'cells-reversed':
      return t('fault.action.reversed');
    default: {
      const { mistake } = faultTraits[kind];
      return mistake ? t(`mistake.${mistake}.whatNow`) : '';
    }
  }
}

/** A part with its place: `D1, LED red`. */
export const partText = (t: TFunction, place: string, parts: Parts): string => {
  const part = parts.get(place);
  return part ? `${place}, ${partName(t, part)}` : place;
};

/** How the board is to stand while one looks. */
export function standText(t: TFunction, when: Variant | undefined): string {
  if (!when) return t('fault.ask.senses');
  const { place, state, with: other } = when;
  if (state !== 'joined') {
    return t('fault.ask.state', { place, state: t(`fault.state.${state}`) });
  }
  return other
    ? t('fault.ask.joined', { one: place, other })
    : t('fault.ask.joinedSelf', { place });
}

/** What eyes are asked about one place. */
export const lookText = (t: TFunction, { at, place }: LookFirst, parts: Parts): string =>
  t(`fault.ask.${at}`, { place: partText(t, place, parts) });

/** What to look at, touch or measure, as one says it to a helper. */
export function testText(
  t: TFunction,
  { points }: FaultDictionary,
  test: BenchTest,
  parts: Parts,
): string {
  const minus = spot(t, points.minus, parts);
  switch (test.kind) {
    case 'sense':
      return standText(t, points.senses[test.sense]?.when);
    case 'touch':
      return t('fault.ask.touch', { place: partText(t, points.warm[test.warm] ?? '', parts) });
    case 'current':
      return t('fault.ask.current');
    case 'volt':
      return t('fault.ask.volt', { pin: spot(t, points.probes[test.probe], parts), minus });
    case 'ohm':
      return t('fault.ask.ohm', { pin: spot(t, points.probes[points.supply], parts), minus });
    case 'across':
      return t('fault.ask.across', { place: points.across[test.resistor] ?? '' });
    case 'joint':
      return t('fault.ask.joint', { pin: spot(t, test.pin, parts) });
    case 'apart':
      return t('fault.ask.apart', {
        one: spot(t, test.pins[0], parts),
        other: spot(t, test.pins[1], parts),
      });
    case 'look':
      return lookText(t, test, parts);
  }
}

/** A word that a test says: `dim`, `beeps`, `wrong`. */
export function outcomeText(
  t: TFunction,
  { points, goodHertz }: FaultDictionary,
  test: BenchTest,
  word: string,
): string {
  switch (test.kind) {
    case 'sense': {
      const isSound = points.senses[test.sense]?.sense === 'sound';
      // A part that stays as it is on a good board blinks as it should not.
      const says = word === 'blinks' && goodHertz[test.sense] === null ? 'flashes' : word;
      return t(`fault.${isSound ? 'sound' : 'look'}.${says}`);
    }
    case 'touch':
      return t(`fault.warmth.${word}`);
    case 'look':
      return t(`fault.eye.${word}`);
    default:
      return t(`fault.meter.${word}`);
  }
}

export const unitOf = (test: BenchTest): 'V' | 'mA' | 'Ω' | null => {
  if (!givesNumber(test)) return null;
  return test.kind === 'volt' ? 'V' : test.kind === 'current' ? 'mA' : 'Ω';
};

/** The places on the board that a test is at. */
export function placesOfTest({ points }: FaultDictionary, test: BenchTest): string[] {
  switch (test.kind) {
    case 'touch':
      return [points.warm[test.warm] ?? ''];
    case 'volt':
      return [placeOfPin(points.probes[test.probe] ?? '')];
    case 'across':
      return [points.across[test.resistor] ?? ''];
    case 'ohm':
      return [placeOfPin(points.probes[points.supply] ?? '')];
    case 'joint':
      return [placeOfPin(test.pin)];
    case 'apart':
      return test.pins.map(placeOfPin);
    case 'look':
      return [test.place];
    default:
      return [];
  }
}
