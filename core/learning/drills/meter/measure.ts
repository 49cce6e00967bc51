import {
  hasAmount,
  judge as judgeReading,
  toleranceOf,
  type Verdict,
} from '../../../inspection/verdict.ts';
import { examplePart } from '../../../parts/examplePart.ts';
import { capacitorCeramic } from '../../../parts/families/capacitors/capacitor-ceramic.ts';
import { capacitorElectrolytic } from '../../../parts/families/capacitors/capacitor-electrolytic.ts';
import { capacitorFilm } from '../../../parts/families/capacitors/capacitor-film.ts';
import { familyOf } from '../../../parts/families/index.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import type { Part } from '../../../parts/part.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { series } from '../../../quantity/series.ts';
import { between, pick, type Random } from '../../../random.ts';
import { wrongValue } from '../../mistakes/fitting.ts';
import { partSaid } from '../../partSaid.ts';
import { type Said, said } from '../../said.ts';
import type { ExerciseKind, PracticeKit } from '../drill.ts';
import { dial, displayOf, displayUnit, overRange, readingOf } from './dial.ts';

export type VerdictId = Verdict['kind'];
export const verdictIds = ['right', 'usable', 'not-this'] as const satisfies readonly VerdictId[];

export interface MeasureTask {
  readonly part: Part;
  /** What it really has, in the base unit. */
  readonly amount: number;
  /** The other parts of the kit that it could be. */
  readonly others: readonly Part[];
}

export interface MeasureAnswer {
  /** Place on the dial, from 0. */
  readonly setting: number;
  readonly verdict: VerdictId;
}

/** What is drawn for each verdict: the amount over what is written on the part. */
const truths: Readonly<Record<VerdictId, (part: Part, random: Random) => number>> = {
  // The whole tolerance, and some that only the doubt of the meter lets pass.
  right: (part, random) => 1 + (between(random, -1, 1) * toleranceOf(part)) / 100,
  usable: (part, random) => {
    const { usable } = familyOf(part);
    const tolerance = toleranceOf(part) / 100;
    return random() < 0.5
      ? between(random, (usable?.fromFactor ?? 0.8) + 0.02, 1 - tolerance - 0.03)
      : between(random, 1 + tolerance + 0.03, (usable?.toFactor ?? 1.25) - 0.02);
  },
  'not-this': (_part, random) =>
    pick(random, [0.1, 10, 0.22, 2.2, 0.47, 4.7]) * between(random, 0.97, 1.03),
};

/** A part is measured: the function and range are chosen, then what the reading means. */
export const measure: ExerciseKind<MeasureTask, MeasureAnswer> = {
  id: 'measure',
  skill: 'reading-values',
  seconds: 45,
  guess: 0.1,
  items: () =>
    ['ohm', 'farad'].flatMap((unit) => verdictIds.map((verdict) => `${unit}-${verdict}`)),
  make: (item, random, kit) => {
    const [, unit = 'ohm', verdict = 'right'] = /^(ohm|farad)-(.+)$/.exec(item) ?? [];
    // A reading near the edge of a verdict may fall on its other side: then another part is taken.
    for (let tries = 0; tries < mostTries; tries += 1) {
      const part = partWith(unit as 'ohm' | 'farad', random, kit);
      const nominal = part.value.kind === 'amount' ? part.value.amount : 0;
      const amount = nominal * truths[verdict as VerdictId](part, random);
      const task = { part, amount, others: othersOf(part, kit) };
      if (verdictOf(task, bestSetting(task))?.kind === verdict) return task;
    }
    throw new Error(`no part gives the verdict ${verdict}`);
  },
  answer: (task) => {
    const setting = bestSetting(task);
    return { setting, verdict: verdictOf(task, setting)?.kind ?? 'right' };
  },
  judge: (task, { setting, verdict }) => {
    const told = verdictOf(task, setting);
    const best = bestSetting(task);
    if (!told) return { isRight: false, credit: 0 };
    const isVerdict = told.kind === verdict;
    // On a wider range the verdict may be right, and the doubt is ten times as large.
    return {
      isRight: isVerdict && setting === best,
      credit: (isVerdict ? 0.7 : 0) + (setting === best ? 0.3 : 0),
    };
  },
  ask: ({ part }) => said('drill.meter.measure.ask', { part: partSaid({ ...part, quantity: 1 }) }),
  describe: ({ part }) => [
    said('drill.meter.measure.list', {
      part: partSaid({ ...part, quantity: 1 }),
      percent: toleranceOf(part),
    }),
  ],
  explain: (task, answer) => {
    const best = bestSetting(task);
    const setting = dial[best];
    const verdict = verdictOf(task, best);
    if (setting?.kind !== 'range' || !verdict) return [];
    const { low, high, doubt, tolerancePercent } = verdict.limits;
    const { unit } = setting.range;
    return [
      ...(answer.setting === best
        ? []
        : [
            said('drill.meter.measure.range', {
              range: formatQuantity(setting.range.upTo, unit),
            }),
          ]),
      said('drill.meter.measure.limits', {
        percent: tolerancePercent,
        doubt: formatQuantity(Number(doubt.toPrecision(2)), unit),
        low: formatQuantity(low, unit),
        high: formatQuantity(high, unit),
        reading: formatQuantity(readingOf(setting.range, task.amount), unit),
      }),
      meaning(task, verdict),
    ];
  },
  tell: (_task, { setting, verdict }) =>
    said('drill.meter.measure.told', {
      setting: settingSaid(setting),
      verdict: said(`drill.meter.verdict.${verdict}`),
    }),
  name: (item) => {
    const [, unit = 'ohm', verdict = 'right'] = /^(ohm|farad)-(.+)$/.exec(item) ?? [];
    return said('drill.meter.measure.item', {
      unit: said(`drill.meter.unit.${unit}`),
      verdict: said(`drill.meter.verdict.${verdict}`),
    });
  },
  raisedBy: ({ mistake, parts }) =>
    mistake === wrongValue.id && parts.some((part) => familyOf(part).id === resistorAxial.id)
      ? ['ohm-right', 'ohm-not-this']
      : [],
};

const mostTries = 200;

const settingSaid = (index: number): Said => {
  const setting = dial[index];
  return setting?.kind === 'range'
    ? said('drill.plain', { text: formatQuantity(setting.range.upTo, setting.range.unit) })
    : said(`drill.meter.setting.${setting?.kind ?? 'diode'}`);
};

const families = {
  ohm: [resistorAxial.id],
  farad: [capacitorCeramic.id, capacitorElectrolytic.id, capacitorFilm.id],
} as const;

const usualAmounts: Readonly<Record<string, readonly number[]>> = {
  [resistorAxial.id]: [1, 10, 100, 1e3, 1e4, 1e5].flatMap((ten) =>
    series.E12.map((one) => one * ten),
  ),
  [capacitorCeramic.id]: [1e-9, 1e-8, 1e-7].flatMap((ten) => series.E3.map((one) => one * ten)),
  [capacitorElectrolytic.id]: [1e-6, 1e-5].flatMap((ten) => series.E3.map((one) => one * ten)),
  [capacitorFilm.id]: [1e-9, 1e-8, 1e-7].flatMap((ten) => series.E6.map((one) => one * ten)),
};

/** A part that the meter can check: of the kit as often as not. */
function partWith(unit: 'ohm' | 'farad', random: Random, { parts }: PracticeKit): Part {
  const own = parts.filter(
    (part) =>
      (families[unit] as readonly string[]).includes(part.family) &&
      hasAmount(part) &&
      dial.some(
        (one) =>
          one.kind === 'range' &&
          one.range.unit === unit &&
          part.value.kind === 'amount' &&
          part.value.amount * 12 < one.range.upTo,
      ),
  );
  if (own.length > 0 && random() < 0.5)
    return { ...pick(random, own), designators: [], quantity: 1 };
  const family = pick(random, families[unit]);
  const amount = Number(pick(random, usualAmounts[family] ?? [100]).toPrecision(3));
  const tolerancePercent = unit === 'ohm' ? pick(random, [1, 5]) : 20;
  return {
    ...examplePart(familyOf({ family })),
    value: { kind: 'amount', unit, amount, tolerancePercent },
  };
}

const othersOf = (part: Part, { parts }: PracticeKit): readonly Part[] =>
  parts.filter(({ family }) => family === part.family);

/** The smallest range that holds what is written on the part. */
function bestSetting({ part }: MeasureTask): number {
  const { value } = part;
  if (value.kind !== 'amount') return 0;
  return dial.findIndex(
    (one) =>
      one.kind === 'range' && one.range.unit === value.unit && one.range.upTo >= value.amount,
  );
}

/** What a reading at a setting means; undefined where that setting does not measure such a part. */
export function verdictOf(
  { part, amount, others }: MeasureTask,
  setting: number,
): Verdict | undefined {
  const chosen = dial[setting];
  if (chosen?.kind !== 'range' || !hasAmount(part) || chosen.range.unit !== part.value.unit)
    return undefined;
  return judgeReading(part, readingOf(chosen.range, amount), chosen.range, others);
}

/** What the display shows at a setting. */
export function shownAt({ part, amount }: MeasureTask, setting: number): string {
  const chosen = dial[setting];
  const unit = part.value.kind === 'amount' ? part.value.unit : 'ohm';
  if (chosen?.kind !== 'range') return overRange;
  if (chosen.range.unit !== unit) return unit === 'ohm' ? '0' : overRange;
  const shown = displayOf(chosen.range, amount);
  return shown === overRange ? shown : `${shown} ${displayUnit(chosen.range)}`;
}

function meaning({ part }: MeasureTask, verdict: Verdict): Said {
  if (verdict.kind === 'usable')
    return said('drill.meter.means.usable', {
      for: said(`usable.${part.family}.for`),
      never: said(`usable.${part.family}.never`),
    });
  if (verdict.kind === 'not-this' && verdict.itIs)
    return said('drill.meter.means.it-is', { part: partSaid({ ...verdict.itIs, quantity: 1 }) });
  return said(`drill.meter.means.${verdict.kind}`);
}
