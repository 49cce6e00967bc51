import type { TFunction } from 'i18next';
import { placeOfPin } from '../board/pinNames.ts';
import type { Answer, BenchTest, Candidate } from '../faults/benchTests.ts';
import type { FaultDictionary } from '../faults/dictionary.ts';
import type { Fault } from '../faults/fault.ts';
import {
  candidateSaid,
  lookSaid,
  outcomeSaid,
  placedSaid,
  testSaid,
  wordSaid,
} from '../faults/faultSaid.ts';
import { faultTraits } from '../faults/kinds/traits.ts';
import type { LookFirst } from '../faults/lookFirst.ts';
import type { Part } from '../parts/part.ts';
import { saying, written } from './sayings.ts';

type Parts = ReadonlyMap<string, Part>;

export const candidateText = (t: TFunction, candidate: Candidate, parts: Parts): string =>
  saying(t, candidateSaid(candidate, parts));

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

/** A part with its place: `D1, red LED`. */
export const partText = (t: TFunction, place: string, parts: Parts): string =>
  String(written(t, placedSaid(place, parts)));

export const lookText = (t: TFunction, look: LookFirst, parts: Parts): string =>
  saying(t, lookSaid(look, parts));

export const testText = (
  t: TFunction,
  dictionary: FaultDictionary,
  test: BenchTest,
  parts: Parts,
): string => saying(t, testSaid(dictionary, test, parts));

/** A word that a test says: `dim`, `beeps`, `wrong`. */
export const outcomeText = (
  t: TFunction,
  dictionary: FaultDictionary,
  test: BenchTest,
  word: string,
): string => saying(t, wordSaid(dictionary, test, word));

/** What was seen or read, in short: `D1 off`, `J1 6.02 V`. */
export function answerText(
  t: TFunction,
  dictionary: FaultDictionary,
  { test, outcome }: Answer,
): string {
  const point = test.kind === 'sense' ? dictionary.points.senses[test.sense] : undefined;
  const places = point ? [point.place] : placesOfTest(dictionary, test);
  return `${places.join('–')} ${saying(t, outcomeSaid(dictionary, test, outcome))}`.trim();
}

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
      return [test.place];
    case 'apart':
      return test.pins.map(placeOfPin);
    case 'look':
      return [test.place];
    default:
      return [];
  }
}
