import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import { placeOfPin } from './fault.ts';
import type { FaultKindId, LookAt } from './kinds/ids.ts';
import { faultTraits } from './kinds/traits.ts';
import { atSupply, below, type KnownSupply, lookChances, looks, type Spread } from './signature.ts';

/** Something that can be looked at, felt or measured on a board, with all that may come of it. */
export type BenchTest =
  /** Does it light, does it sound? By index of the dictionary’s senses. */
  | { readonly kind: 'sense'; readonly sense: number }
  /** How warm is it? By index of the dictionary’s warm parts. */
  | { readonly kind: 'touch'; readonly warm: number }
  /** What does the whole board take? */
  | { readonly kind: 'current' }
  /** Volts between a probe and minus, by index of the dictionary’s probes. */
  | { readonly kind: 'volt'; readonly probe: number }
  /** Ohms between plus and minus, nothing connected, red probe at plus. */
  | { readonly kind: 'ohm' }
  /** Ohms across a resistor on the board, no supply, by index of the dictionary’s. */
  | { readonly kind: 'across'; readonly resistor: number }
  /** Does a lead conduct to its pad? `R3.1` */
  | { readonly kind: 'joint'; readonly pin: string }
  /** Do two pins conduct to one another that must not? */
  | { readonly kind: 'apart'; readonly pins: readonly [string, string] }
  /** Eyes and a lamp, on what can be wrong with one place. */
  | { readonly kind: 'look'; readonly at: LookAt; readonly place: string };

export const testKey = (test: BenchTest): string => {
  switch (test.kind) {
    case 'sense':
      return `sense ${test.sense}`;
    case 'touch':
      return `touch ${test.warm}`;
    case 'volt':
      return `volt ${test.probe}`;
    case 'across':
      return `across ${test.resistor}`;
    case 'joint':
      return `joint ${test.pin}`;
    case 'apart':
      return `apart ${test.pins.join(' ')}`;
    case 'look':
      return `look ${test.at} ${test.place}`;
    default:
      return test.kind;
  }
};

/** What came of a test: one of its words, or a number on the meter. */
export type Outcome = string | number;

export interface Answer {
  readonly test: BenchTest;
  readonly outcome: Outcome;
}

/** What a test that has words for an outcome can say; none for a number. */
export function wordsOfOutcome({ kind }: BenchTest): readonly string[] {
  switch (kind) {
    case 'sense':
      return looks;
    case 'touch':
      return warmths;
    case 'joint':
    case 'apart':
      return ['beeps', 'silent'];
    case 'look':
      return ['right', 'wrong'];
    case 'volt':
      return ['moves'];
    default:
      return [];
  }
}
export const warmths = ['cold', 'warm', 'hot'] as const;

/** Whether a meter shows a number. */
export const givesNumber = ({ kind }: BenchTest): boolean =>
  kind === 'volt' || kind === 'current' || kind === 'ohm' || kind === 'across';

/** What a meter shows it in; null where it shows no number. */
export const unitOf = (test: BenchTest): 'V' | 'mA' | 'Ω' | null => {
  if (!givesNumber(test)) return null;
  return test.kind === 'volt' ? 'V' : test.kind === 'current' ? 'mA' : 'Ω';
};

/** Seconds of a practised hand, the words between included (common practice). */
const seconds: Readonly<Record<BenchTest['kind'], number>> = {
  sense: 6,
  touch: 10,
  current: 30,
  volt: 20,
  ohm: 20,
  across: 20,
  joint: 20,
  apart: 20,
  look: 12,
};
export const secondsOf = ({ kind }: BenchTest): number => seconds[kind];

/** What is seen at one glance with a test: everything that lights or sounds while the board stands in one way. */
export const atOneGlance = ({ points }: FaultDictionary, test: BenchTest): BenchTest[] => {
  if (test.kind !== 'sense') return [test];
  const way = JSON.stringify(points.senses[test.sense]?.when);
  return points.senses.flatMap(({ when }, sense) =>
    JSON.stringify(when) === way ? [{ kind: 'sense' as const, sense }] : [],
  );
};

/** Whether anybody sees or hears it without doing anything. */
export const isSeenAtOnce = ({ points }: FaultDictionary, test: BenchTest): boolean =>
  test.kind === 'sense' && points.senses[test.sense]?.when === undefined;

/** The board has its supply while this is done. */
export const needsPower = ({ kind }: BenchTest): boolean =>
  kind === 'sense' || kind === 'touch' || kind === 'current' || kind === 'volt';

/** Kinds of fault at a joint that a meter finds between a lead and its pad. */
const opens: readonly FaultKindId[] = ['open-joint', 'pin-bent'];
/** Kinds that join two pins. */
const joins: readonly FaultKindId[] = ['bridge', 'strips-bridged'];

/** The places that a fault is at. */
export const placesOf = ({ fault: { kind, at } }: Pick<DictionaryEntry, 'fault'>): string[] =>
  kind === 'cut-not-made' || kind === 'link-forgotten'
    ? [at.join('–')]
    : [...new Set(kind === 'wrong-pad' ? [placeOfPin(at[0] ?? '')] : at.map(placeOfPin))];

const joinsPins = ({ fault }: DictionaryEntry, [one, other]: readonly [string, string]) =>
  joins.includes(fault.kind) && fault.at[0] === one && fault.at[1] === other;

/** Every test that a dictionary knows something about. */
export function testsOf(dictionary: FaultDictionary): BenchTest[] {
  const { points, entries } = dictionary;
  const found = new Map<string, BenchTest>();
  const add = (test: BenchTest) => found.set(testKey(test), test);
  for (const [sense] of points.senses.entries()) add({ kind: 'sense', sense });
  add({ kind: 'current' });
  if (dictionary.good.ohm) add({ kind: 'ohm' });
  for (const [probe] of points.probes.entries()) add({ kind: 'volt', probe });
  for (const [resistor] of points.across.entries()) add({ kind: 'across', resistor });
  for (const [warm] of points.warm.entries()) add({ kind: 'touch', warm });
  for (const entry of entries) {
    const { kind, at } = entry.fault;
    const [first = '', second = ''] = at;
    if (opens.includes(kind)) add({ kind: 'joint', pin: first });
    if (joins.includes(kind)) add({ kind: 'apart', pins: [first, second] });
    const { look } = faultTraits[kind];
    if (look) for (const place of placesOf(entry)) add({ kind: 'look', at: look.at, place });
  }
  return [...found.values()];
}

/** How often a look says that something is wrong where nothing is. */
const falseAlarm = 0.04;
/** How often a meter that beeps, or does not, is misread or held to the wrong spot. */
const misread = 0.05;
/** How often a number on a meter tells of something else: wrong pad, wrong range, no contact. */
const wrongReading = 0.06;

/** Where numbers of a test are looked for, and in how many bins they fall when the next test is chosen. */
interface Scale {
  readonly from: number;
  readonly to: number;
}
const bins = 24;

const scaleOf = ({ kind }: BenchTest, { volt }: FaultDictionary): Scale =>
  kind === 'volt'
    ? { from: -0.3 * Math.abs(volt), to: 1.15 * Math.abs(volt) }
    : kind === 'current'
      ? { from: -3, to: 4 }
      : { from: -1, to: 7 };

/** A number of a meter on the scale of its test: volts as they are, milliamperes and ohms as logarithms. */
const onScale = (test: BenchTest, value: number): number =>
  test.kind === 'volt' ? value : Math.log10(Math.max(Math.abs(value), 1e-3));

const warmthsOf = (celsius: Spread) => {
  const [cold, warm] = [below(32, celsius), below(55, celsius)];
  return soften([cold, warm - cold, 1 - warm], misread);
};

const soften = (chances: readonly number[], by: number) =>
  chances.map((chance) => (1 - by) * chance + by / chances.length);

/** An entry of the dictionary; or a board with nothing wrong, or with something that the dictionary does not know. */
export type Candidate = DictionaryEntry | 'good' | 'other';

function spreadAt(
  dictionary: FaultDictionary,
  test: BenchTest,
  candidate: Candidate,
  supply: KnownSupply,
): Spread | null {
  const signature = signatureAt(dictionary, candidate);
  if (!signature) return null;
  if (test.kind === 'ohm') return signature.ohm;
  if (test.kind === 'across') return signature.across[test.resistor] ?? null;
  const spread = test.kind === 'volt' ? signature.volts[test.probe] : signature.milliampere;
  return spread ? atSupply(spread, supply) : null;
}

const signatureAt = ({ good, signatures }: FaultDictionary, candidate: Candidate) =>
  candidate === 'good'
    ? good
    : candidate === 'other'
      ? null
      : (signatures[candidate.shows] ?? null);

const even = (count: number) => Array.from({ length: count }, () => 1 / count);

function wordChances(
  dictionary: FaultDictionary,
  test: BenchTest,
  candidate: Candidate,
  supply: KnownSupply,
): readonly number[] {
  const signature = signatureAt(dictionary, candidate);
  switch (test.kind) {
    case 'sense': {
      const sensed = signature?.senses[test.sense];
      if (!sensed) return even(looks.length);
      return lookChances({ ...sensed, milliampere: atSupply(sensed.milliampere, supply) });
    }
    case 'touch': {
      const celsius = signature?.celsius[test.warm];
      return celsius ? warmthsOf(celsius) : even(warmths.length);
    }
    case 'joint': {
      if (candidate === 'other') return even(2);
      const isOpen =
        candidate !== 'good' &&
        opens.includes(candidate.fault.kind) &&
        candidate.fault.at[0] === test.pin;
      return isOpen ? [misread, 1 - misread] : [1 - misread, misread];
    }
    case 'apart': {
      if (candidate === 'other') return even(2);
      const isJoined = candidate !== 'good' && joinsPins(candidate, test.pins);
      return isJoined ? [1 - misread, misread] : [misread, 1 - misread];
    }
    case 'look': {
      // What nobody has thought of may well be seen somewhere, but not likely just here.
      if (candidate === 'good' || candidate === 'other') return [1 - falseAlarm, falseAlarm];
      const { look } = faultTraits[candidate.fault.kind];
      const isHere = look?.at === test.at && placesOf(candidate).includes(test.place);
      return isHere && look ? [1 - look.sees, look.sees] : [1 - falseAlarm, falseAlarm];
    }
    default:
      return [];
  }
}

/** Cells have so much of their voltage above or below what is printed; what has less is a short. */
const mostOff = 0.4;
/** How exactly a hand meter tells the supply, in parts of it. */
const meterPart = 0.01;

/** What is known of the supply of a board after some answers. */
export function supplyFrom(dictionary: FaultDictionary, answers: readonly Answer[]): KnownSupply {
  const { volt, good, points } = dictionary;
  const read = answers.findLast(({ test }) => isSupply(dictionary, test))?.outcome;
  return typeof read === 'number' && Math.abs(read - volt) < mostOff * volt
    ? { above: read - volt, sd: meterPart * volt }
    : { above: 0, sd: good.volts[points.supply]?.sd ?? 0 };
}

export const isSupply = ({ points }: FaultDictionary, test: BenchTest): boolean =>
  test.kind === 'volt' && test.probe === points.supply;

/** How likely this came of a test on such a board; only ratios between candidates mean anything. */
export function likelihood(
  dictionary: FaultDictionary,
  { test, outcome }: Answer,
  candidate: Candidate,
  supply: KnownSupply,
): number {
  if (typeof outcome === 'string' && test.kind !== 'volt') {
    const word = wordsOfOutcome(test).indexOf(outcome);
    return word < 0 ? 1 : (wordChances(dictionary, test, candidate, supply)[word] ?? 1);
  }
  const moves = test.kind === 'volt' ? movesAt(dictionary, test.probe, candidate) : 0;
  if (typeof outcome === 'string') return moves;
  const { from, to } = scaleOf(test, dictionary);
  const value = Math.min(to, Math.max(from, onScale(test, outcome)));
  const spread = spreadAt(dictionary, test, candidate, supply);
  const width = (to - from) / bins;
  // As a chance of the bin about it, so that it is of one kind with words.
  const free = 1 / bins;
  const near = spread ? below(value + width / 2, spread) - below(value - width / 2, spread) : free;
  return (1 - moves) * (wrongReading * free + (1 - wrongReading) * near);
}

const movesAt = (dictionary: FaultDictionary, probe: number, candidate: Candidate): number =>
  signatureAt(dictionary, candidate)?.moves[probe] ?? 0.2;

/** What a test most likely shows on such a board: a word, or a number in the unit of the meter; null where nobody can say. */
export function likeliestOutcome(
  dictionary: FaultDictionary,
  test: BenchTest,
  candidate: Candidate,
  supply: KnownSupply,
): Outcome | null {
  if (!signatureAt(dictionary, candidate)) return null;
  if (givesNumber(test)) {
    if (test.kind === 'volt' && movesAt(dictionary, test.probe, candidate) > 0.5) return 'moves';
    const mean = spreadAt(dictionary, test, candidate, supply)?.mean;
    return mean === undefined ? null : test.kind === 'volt' ? mean : 10 ** mean;
  }
  const chances = wordChances(dictionary, test, candidate, supply);
  return wordsOfOutcome(test)[chances.indexOf(Math.max(...chances))] ?? null;
}

/** How likely each thing is that may come of a test: words in their order, numbers in bins. Sums to one. */
export function chancesOf(
  dictionary: FaultDictionary,
  test: BenchTest,
  candidate: Candidate,
  supply: KnownSupply,
): readonly number[] {
  if (!givesNumber(test)) {
    return wordChances(dictionary, test, candidate, supply);
  }
  const { from, to } = scaleOf(test, dictionary);
  const spread = spreadAt(dictionary, test, candidate, supply);
  const moves = test.kind === 'volt' ? movesAt(dictionary, test.probe, candidate) : 0;
  const edge = (bin: number) => from + ((to - from) * bin) / bins;
  const chances = even(bins).map((free, bin) => {
    if (!spread) return free;
    const low = bin === 0 ? 0 : below(edge(bin), spread);
    const high = bin === bins - 1 ? 1 : below(edge(bin + 1), spread);
    return wrongReading * free + (1 - wrongReading) * (high - low);
  });
  return [...chances.map((chance) => chance * (1 - moves)), moves];
}
