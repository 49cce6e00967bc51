import { placeOfPin } from '../board/pinNames.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import { type FaultKindId, type LookAt, lookAts } from './kinds/ids.ts';
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
  /** Does each lead of a place conduct to its pad? `R3.1` */
  | { readonly kind: 'joint'; readonly place: string; readonly pins: readonly string[] }
  /** Do two pins conduct to one another that must not? */
  | { readonly kind: 'apart'; readonly pins: readonly [string, string] }
  /** Eyes and a lamp, on all that can be wrong to see at one place. */
  | { readonly kind: 'look'; readonly place: string; readonly sees: readonly LookAt[] };

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
      return `joint ${test.place}`;
    case 'apart':
      return `apart ${test.pins.join(' ')}`;
    case 'look':
      return `look ${test.place}`;
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
export function wordsOfOutcome(test: BenchTest): readonly string[] {
  switch (test.kind) {
    case 'sense':
      return looks;
    case 'touch':
      return warmths;
    case 'joint':
      return ['beeps', ...test.pins];
    case 'apart':
      return ['beeps', 'silent'];
    case 'look':
      return ['right', ...test.sees];
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
  sense: 10,
  touch: 15,
  current: 30,
  volt: 20,
  ohm: 20,
  across: 20,
  joint: 15,
  apart: 20,
  look: 30,
};
/** Each lead more that a probe goes to. */
const leadSeconds = 5;
export const secondsOf = (test: BenchTest): number =>
  seconds[test.kind] + (test.kind === 'joint' ? leadSeconds * test.pins.length : 0);

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
  // A board that nobody may power yet has none.
  if (points.probes.length > 0) add({ kind: 'current' });
  if (dictionary.good.ohm) add({ kind: 'ohm' });
  for (const [probe] of points.probes.entries()) add({ kind: 'volt', probe });
  for (const [resistor] of points.across.entries()) add({ kind: 'across', resistor });
  for (const [warm] of points.warm.entries()) add({ kind: 'touch', warm });
  const pins = new Map<string, Set<string>>();
  const sees = new Map<string, Set<LookAt>>();
  for (const entry of entries) {
    const { kind, at } = entry.fault;
    const [first = '', second = ''] = at;
    if (opens.includes(kind)) inSet(pins, placeOfPin(first), first);
    if (joins.includes(kind)) add({ kind: 'apart', pins: [first, second] });
    const { look } = faultTraits[kind];
    if (look) for (const place of placesOf(entry)) inSet(sees, place, look.at);
  }
  for (const [place, all] of pins) add({ kind: 'joint', place, pins: [...all] });
  for (const [place, all] of sees) {
    add({ kind: 'look', place, sees: lookAts.filter((one) => all.has(one)) });
  }
  return [...found.values()];
}

function inSet<Item>(sets: Map<string, Set<Item>>, key: string, item: Item): void {
  const set = sets.get(key) ?? new Set();
  sets.set(key, set.add(item));
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

/** One word with some chance, the others share the rest; the first word where there is no such one. */
function surely(words: readonly string[], word: string, chance: number): number[] {
  const own = words.includes(word) ? word : words[0];
  const rest = (1 - chance) / Math.max(1, words.length - 1);
  return words.map((one) => (one === own ? chance : rest));
}

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
      const all = wordsOfOutcome(test);
      if (candidate === 'other') return even(all.length);
      const isOpen = candidate !== 'good' && opens.includes(candidate.fault.kind);
      return surely(all, (isOpen && candidate.fault.at[0]) || 'beeps', 1 - misread);
    }
    case 'apart': {
      if (candidate === 'other') return even(2);
      const isJoined = candidate !== 'good' && joinsPins(candidate, test.pins);
      return isJoined ? [1 - misread, misread] : [misread, 1 - misread];
    }
    case 'look': {
      const all = wordsOfOutcome(test);
      // What nobody has thought of may well be seen somewhere, but not likely just here.
      const usual = surely(all, 'right', 1 - falseAlarm);
      if (candidate === 'good' || candidate === 'other') return usual;
      const { look } = faultTraits[candidate.fault.kind];
      if (!look || !placesOf(candidate).includes(test.place)) return usual;
      return usual.map(
        (chance, index) => (1 - look.sees) * chance + (all[index] === look.at ? look.sees : 0),
      );
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
  const half = (to - from) / bins / 2;
  // As a chance of the bin about it, so that it is of one kind with words; beyond the ends all is one.
  const free = 1 / bins;
  const low = spread && value > from ? below(value - half, spread) : 0;
  const high = spread && value < to ? below(value + half, spread) : 1;
  const near = spread ? high - low : free;
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
