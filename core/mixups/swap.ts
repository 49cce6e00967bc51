import { familyOf } from '../parts/families/index.ts';
import type { Job } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import type { UnitId } from '../quantity/unit.ts';

export interface SwapDefinition {
  readonly id: string;
  /** @param supplyVolt of the kit; null where nobody has said it */
  readonly applies: (a: Part, b: Part, supplyVolt: number | null) => boolean;
  /** 1 a nuisance, 2 the board does not work, 3 something is destroyed or can hurt. */
  readonly severity: 1 | 2 | 3;
  readonly words: string;
}

export interface Swap {
  readonly id: string;
  readonly severity: 1 | 2 | 3;
  /** Larger over smaller value, where both have one. */
  readonly factor: number | null;
}

const doesJob = (part: Part, job: Job) => familyOf(part).job === job;
const either = (a: Part, b: Part, test: (part: Part) => boolean) => test(a) || test(b);
const both = (a: Part, b: Part, test: (part: Part) => boolean) => test(a) && test(b);
const volts = ({ value }: Part) => (value.kind === 'amount' ? value.ratedVolt : undefined);

/** What a swap does (common practice); the first that applies counts. */
export const swaps: readonly SwapDefinition[] = [
  {
    id: 'regulator',
    applies: (a, b) => either(a, b, (part) => doesJob(part, 'regulator')),
    severity: 3,
    words:
      'Where the regulator belongs, the wrong voltage gets through: it and what it feeds can be destroyed.',
  },
  {
    id: 'chip',
    applies: (a, b) => either(a, b, (part) => familyOf(part).role === 'chip'),
    severity: 3,
    words: 'Its supply sits on other pins: the chip is usually destroyed at the first power.',
  },
  {
    id: 'rated-volt',
    applies: (a, b, supplyVolt) => supplyVolt !== null && supplyVolt > lowerVolt(a, b),
    severity: 3,
    words:
      'The one for the lower voltage gets too much from this supply: it heats up and can burst.',
  },
  {
    id: 'rated-volt-unknown',
    applies: (a, b, supplyVolt) =>
      supplyVolt === null && lowerVolt(a, b) < Number.POSITIVE_INFINITY,
    severity: 2,
    words:
      'If the supply is above the lower of the two voltages, that one heats up and can burst. Say the supply of this kit to know.',
  },
  {
    id: 'other-kind',
    applies: (a, b) => a.family !== b.family,
    severity: 2,
    words: 'It is another kind of part altogether: nothing around it works.',
  },
  {
    id: 'transistor',
    applies: (a) => doesJob(a, 'transistor'),
    severity: 2,
    words:
      'A transistor of the other polarity, or with another pinout, amplifies nothing and can be destroyed.',
  },
  {
    id: 'diode',
    applies: (a) => doesJob(a, 'diode'),
    severity: 2,
    words: 'It can carry less current or holds another voltage: it can get hot, or guard nothing.',
  },
  {
    id: 'resistance-far',
    applies: (a, b) => isIn('ohm', a) && isIn('ohm', b) && (factorOf(a, b) ?? 1) >= 5,
    severity: 2,
    words:
      'The current there becomes {{factor}} times as large, or as small: too dim or dead, or too hot.',
  },
  {
    id: 'resistance-near',
    applies: (a, b) => isIn('ohm', a) && isIn('ohm', b),
    severity: 1,
    words: 'The current there changes by a factor of {{factor}}: it works, but not as it should.',
  },
  {
    id: 'capacitance',
    applies: (a, b) => isIn('farad', a) && (factorOf(a, b) ?? 1) >= 3,
    severity: 2,
    words: 'Times become {{factor}} times as long, or as short: a flasher flickers or seems dead.',
  },
  {
    id: 'frequency',
    applies: (a) => doesJob(a, 'timebase'),
    severity: 2,
    words: 'Every time on the board is wrong by a factor of {{factor}}.',
  },
  {
    id: 'inductance',
    applies: (a, b) => isIn('henry', a) && (factorOf(a, b) ?? 1) >= 3,
    severity: 2,
    words:
      'Its inductance is wrong by a factor of {{factor}}: what it tunes is off, and a converter works badly or not at all.',
  },
  {
    id: 'colour',
    applies: (a) => familyOf(a).valueKind === 'colour',
    severity: 1,
    words: 'It lights in the wrong colour.',
  },
  {
    id: 'small',
    applies: () => true,
    severity: 1,
    words: 'It works, but not as it should.',
  },
];

/** The lower of two different rated voltages of polarised parts; infinite where there are no two. */
function lowerVolt(a: Part, b: Part): number {
  const [one, two] = [volts(a), volts(b)];
  const polarised = both(a, b, (part) => familyOf(part).polarity === 'polarised');
  return polarised && one !== undefined && two !== undefined && one !== two
    ? Math.min(one, two)
    : Number.POSITIVE_INFINITY;
}

const isIn = (unit: UnitId, { value }: Part) => value.kind === 'amount' && value.unit === unit;

/** What happens when one is fitted where the other belongs. */
export function swapOf(a: Part, b: Part, supplyVolt: number | null = null): Swap {
  const found = swaps.find(({ applies }) => applies(a, b, supplyVolt)) as SwapDefinition;
  return { id: found.id, severity: found.severity, factor: factorOf(a, b) };
}

function factorOf(a: Part, b: Part): number | null {
  if (a.value.kind !== 'amount' || b.value.kind !== 'amount') return null;
  if (a.value.unit !== b.value.unit || a.value.amount === 0 || b.value.amount === 0) return null;
  const factor = a.value.amount / b.value.amount;
  return Number(Math.max(factor, 1 / factor).toPrecision(2));
}
