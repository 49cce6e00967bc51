import { supplyResistance } from '../../../order/checks/supplyResistance.ts';
import { examplePart } from '../../../parts/examplePart.ts';
import { diodeAxial } from '../../../parts/families/diodes/diode-axial.ts';
import { familyOf } from '../../../parts/families/index.ts';
import { led5mm } from '../../../parts/families/leds/led-5mm.ts';
import { other } from '../../../parts/families/other.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import type { Part } from '../../../parts/part.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { between, pick, type Random } from '../../../random.ts';
import { checkFailed, checkSkipped } from '../../mistakes/checks.ts';
import { backwards } from '../../mistakes/fitting.ts';
import { bridge } from '../../mistakes/joints.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';
import { overRange } from './dial.ts';

/** Choose one meaning of what a meter shows. */
export interface TestTask<Meaning extends string> {
  readonly meaning: Meaning;
  /** What the display shows; two lines where the tips are exchanged in between. */
  readonly shows: readonly string[];
  /** What is measured. */
  readonly family: string | null;
  /** Drawn beside the meter, where the picture says nothing about the answer. */
  readonly part: Part | null;
}

const volts = (amount: number): string => `${amount.toFixed(3)} V`;

export const diodeMeanings = ['anode-red', 'anode-black', 'short', 'open'] as const;
export type DiodeMeaning = (typeof diodeMeanings)[number];

/** What a diode test shows in the forward direction, in volts (common practice; from memory of data sheets). */
const forwardVolt = {
  [diodeAxial.id]: [0.52, 0.68],
  [led5mm.id]: [1.65, 1.95],
} as const;

/** The diode test on a diode and on an LED: which end is which, and is it whole? */
export const diodeTest: ExerciseKind<TestTask<DiodeMeaning>, DiodeMeaning> = {
  id: 'diode',
  skill: 'polarity',
  seconds: 30,
  guess: 0.25,
  items: () =>
    Object.keys(forwardVolt).flatMap((family) =>
      diodeMeanings.map((meaning) => `${family}-${meaning}`),
    ),
  make: (item, random) => {
    const [, family = diodeAxial.id, meaning = 'open'] =
      /^(.+?)-((?:anode-.+)|short|open)$/.exec(item) ?? [];
    return {
      meaning: meaning as DiodeMeaning,
      shows: diodeShows(meaning as DiodeMeaning, family as keyof typeof forwardVolt, random),
      family,
      // Its long lead or its band would tell.
      part: null,
    };
  },
  answer: ({ meaning }) => meaning,
  judge: ({ meaning }, answer) => judged(answer === meaning),
  ask: ({ family }) =>
    said('drill.meter.diode.ask', { part: said(`family.${family ?? other.id}.one`) }),
  describe: ({ shows }) => [
    said('drill.meter.diode.shows', { first: shows[0] ?? '', second: shows[1] ?? '' }),
  ],
  explain: ({ meaning, family }) => [
    said(`drill.meter.diode.why.${meaning}`),
    said(`drill.meter.diode.usual.${family ?? diodeAxial.id}`),
  ],
  tell: (_task, answer) => said(`drill.meter.diode.is.${answer}`),
  name: (item) => {
    const [, family = other.id, meaning = 'open'] =
      /^(.+?)-((?:anode-.+)|short|open)$/.exec(item) ?? [];
    return said('drill.meter.diode.item', {
      part: said(`family.${family}.one`),
      meaning: said(`drill.meter.diode.is.${meaning}`),
    });
  },
  raisedBy: ({ mistake, parts }) =>
    mistake === backwards.id
      ? parts.flatMap(({ family }) =>
          family in forwardVolt ? [`${family}-anode-red`, `${family}-anode-black`] : [],
        )
      : [],
};

/** First as the tips lie, then exchanged. */
function diodeShows(
  meaning: DiodeMeaning,
  family: keyof typeof forwardVolt,
  random: Random,
): readonly [string, string] {
  const [from, to] = forwardVolt[family];
  const drop = volts(between(random, from, to));
  const short = () => volts(between(random, 0, 0.006));
  switch (meaning) {
    case 'anode-red':
      return [drop, overRange];
    case 'anode-black':
      return [overRange, drop];
    case 'short':
      return [short(), short()];
    case 'open':
      return [overRange, overRange];
  }
}

export const bridgeMeanings = ['bridge', 'part', 'apart'] as const;
export type BridgeMeaning = (typeof bridgeMeanings)[number];

/** Continuity between two neighbours that no track joins. */
export const continuity: ExerciseKind<TestTask<BridgeMeaning>, BridgeMeaning> = {
  id: 'continuity',
  skill: 'checking',
  seconds: 25,
  guess: 0.33,
  items: () => bridgeMeanings,
  make: (item, random, kit) => {
    const meaning = item as BridgeMeaning;
    const own = kit.parts.filter(({ family }) => family === resistorAxial.id);
    const part =
      own.length > 0 ? pick(random, own) : examplePart(familyOf({ family: resistorAxial.id }));
    const ohm = part.value.kind === 'amount' ? part.value.amount : 4700;
    const shows = {
      bridge: formatQuantity(Number(between(random, 0.1, 0.6).toFixed(1)), 'ohm'),
      part: formatQuantity(Number((ohm * between(random, 0.97, 1.03)).toPrecision(3)), 'ohm'),
      apart: overRange,
    }[meaning];
    return {
      meaning,
      shows: [shows],
      family: part.family,
      part: { ...part, designators: [], quantity: 1 },
    };
  },
  answer: ({ meaning }) => meaning,
  judge: ({ meaning }, answer) => judged(answer === meaning),
  ask: ({ part }) =>
    said('drill.meter.continuity.ask', {
      value: part?.value.kind === 'amount' ? formatQuantity(part.value.amount, 'ohm') : '',
    }),
  describe: ({ shows }) => [said('drill.meter.shows', { shows: shows[0] ?? '' })],
  explain: ({ meaning }) => [
    said(`drill.meter.continuity.why.${meaning}`),
    said('drill.meter.continuity.tips'),
  ],
  tell: (_task, answer) => said(`drill.meter.continuity.is.${answer}`),
  name: (item) =>
    said('drill.meter.continuity.item', { meaning: said(`drill.meter.continuity.is.${item}`) }),
  raisedBy: ({ mistake }) => (mistake === bridge.id ? ['bridge', 'part'] : []),
};

export const supplyMeanings = ['power', 'short', 'doubt'] as const;
export type SupplyMeaning = (typeof supplyMeanings)[number];

/** What may be read before the first power, in ohms; each judged by the check of core/order. */
const supplyOhm: Readonly<Record<SupplyMeaning, readonly [number, number]>> = {
  power: [60, 30_000],
  short: [0.2, 0.8],
  doubt: [2, 8],
};

const findingOf = { right: 'power', short: 'short', 'nearly-short': 'doubt' } as const;

/** Supply to ground before the first power: may it have power? */
export const supplyToGround: ExerciseKind<TestTask<SupplyMeaning>, SupplyMeaning> = {
  id: 'supply',
  skill: 'checking',
  seconds: 25,
  guess: 0.33,
  items: () => supplyMeanings,
  make: (item, random) => {
    const [from, to] = supplyOhm[item as SupplyMeaning];
    // Evenly by powers of ten.
    const ohm = Number((from * (to / from) ** random()).toPrecision(2));
    const finding = supplyResistance.form?.judge(ohm, { chipsOut: [], blocks: [] });
    return {
      meaning: findingOf[finding as keyof typeof findingOf],
      shows: [formatQuantity(ohm, 'ohm')],
      family: null,
      part: null,
    };
  },
  answer: ({ meaning }) => meaning,
  judge: ({ meaning }, answer) => judged(answer === meaning),
  ask: () => said('drill.meter.supply.ask'),
  describe: ({ shows }) => [said('drill.meter.shows', { shows: shows[0] ?? '' })],
  explain: ({ meaning }) => [said(`drill.meter.supply.why.${meaning}`)],
  tell: (_task, answer) => said(`drill.meter.supply.is.${answer}`),
  name: (item) =>
    said('drill.meter.supply.item', { meaning: said(`drill.meter.supply.is.${item}`) }),
  raisedBy: ({ mistake }) =>
    mistake === checkFailed.id || mistake === checkSkipped.id ? supplyMeanings : [],
};
