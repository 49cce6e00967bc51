import { memo } from '../../../memo.ts';
import { familyOf } from '../../../parts/families/index.ts';
import { resistorChip } from '../../../parts/families/resistors/resistor-chip.ts';
import { trimmer } from '../../../parts/families/resistors/trimmer.ts';
import type { PrintCode } from '../../../parts/marks.ts';
import type { Part } from '../../../parts/part.ts';
import { capacitorCode, readCapacitorCode } from '../../../quantity/capacitorCode.ts';
import { chipCode, eia96Code, readChipCode } from '../../../quantity/chipCode.ts';
import { formatLetterCode, formatQuantity } from '../../../quantity/formatQuantity.ts';
import { series } from '../../../quantity/series.ts';
import type { UnitId } from '../../../quantity/unit.ts';
import { pick, type Random } from '../../../random.ts';
import { wrongValue } from '../../mistakes/fitting.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged, noKit, type PracticeKit } from '../drill.ts';
import { isSame } from './read.ts';

export interface PrintTask {
  readonly code: PrintCode;
  readonly text: string;
  readonly on: 'capacitor' | 'chip' | 'trimmer';
  readonly unit: UnitId;
  /** In ohms or farads. */
  readonly amount: number;
}

interface PrintKind {
  readonly on: PrintTask['on'];
  readonly unit: 'ohm' | 'farad';
  /** Values that carry such a print. */
  readonly amounts: readonly number[];
  readonly write: (amount: number) => string | undefined;
}

const decade = (id: 'E6' | 'E12' | 'E24' | 'E96', from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index).flatMap((power) =>
    series[id].map((mantissa) => Number(`${mantissa}e${power}`)),
  );

const kinds: Readonly<Partial<Record<PrintCode, PrintKind>>> = {
  'capacitor-code': {
    on: 'capacitor',
    unit: 'farad',
    amounts: decade('E6', -11, -7),
    write: capacitorCode,
  },
  'chip-3': {
    on: 'chip',
    unit: 'ohm',
    amounts: decade('E24', 0, 6),
    write: (ohm) => chipCode(ohm, 3),
  },
  'chip-4': {
    on: 'chip',
    unit: 'ohm',
    amounts: decade('E96', 1, 5),
    write: (ohm) => chipCode(ohm, 4),
  },
  'eia-96': { on: 'chip', unit: 'ohm', amounts: decade('E96', 1, 5), write: eia96Code },
  'letter-code': {
    on: 'trimmer',
    unit: 'ohm',
    amounts: decade('E12', 0, 5),
    write: (ohm) => formatLetterCode(ohm, 'ohm'),
  },
};

type Code = keyof typeof kinds;

/** A print on a capacitor, a chip resistor or a trimmer, to be read. */
export const prints: ExerciseKind<PrintTask, number> = {
  id: 'print',
  skill: 'reading-values',
  seconds: 30,
  guess: 0.02,
  items: (kit) => {
    const own = new Set(ownPrints(kit).map(({ code }) => code));
    return (Object.keys(kinds) as Code[]).sort((a, b) => Number(own.has(b)) - Number(own.has(a)));
  },
  make: (item, random, kit) => {
    const own = ownPrints(kit).filter(({ code }) => code === item);
    if (own.length > 0 && random() < 0.4) return pick(random, own);
    return madeUp(item as Code, random);
  },
  answer: ({ amount }) => amount,
  judge: ({ amount }, answer) => judged(isSame(answer, amount)),
  ask: ({ text, on, unit }) =>
    said('drill.bands.print.ask', {
      text,
      on: said(`drill.bands.print.on.${on}`),
      unit: said(`drill.bands.print.unit.${unit}`),
    }),
  describe: ({ text, on }) => [
    said('drill.bands.print.shows', { text, on: said(`drill.bands.print.on.${on}`) }),
  ],
  explain: (task, answer) => [
    said(`drill.bands.print.because.${task.code}`, {
      text: task.text,
      value: formatQuantity(task.amount, task.unit),
    }),
    ...otherMeaning(task, answer),
  ],
  tell: ({ unit }, amount) => said('drill.plain', { text: formatQuantity(amount, unit) }),
  name: (item) => said(`drill.bands.print.item.${item}`),
  raisedBy: ({ mistake, parts }) =>
    mistake === wrongValue.id ? ownPrints({ ...noKit, parts }).map(({ code }) => code) : [],
};

const madeUp = (code: Code, random: Random): PrintTask => pick(random, writtenAs(code));

/** Everything that is printed in one way; made once. */
const writtenAs = (code: Code): readonly PrintTask[] => written.of(code, () => everyPrintAs(code));

function everyPrintAs(code: Code): readonly PrintTask[] {
  const { on, unit, amounts, write } = kinds[code] ?? noKind(code);
  return amounts.flatMap((amount) => {
    const text = write(amount);
    return text === undefined ? [] : [{ code, text, on, unit, amount }];
  });
}

const written = memo<Code, readonly PrintTask[]>({ name: 'prints by code', most: 20 });

function noKind(code: string): never {
  throw new Error(`no print is made as ${code}`);
}

/** The prints of a kit's own parts. */
function ownPrints({ parts }: PracticeKit): PrintTask[] {
  return parts.flatMap((part) => {
    const on = bodyOf(part);
    const [print] = familyOf(part).prints?.(part) ?? [];
    if (on === undefined || !print || part.value.kind !== 'amount') return [];
    const { unit, amount } = part.value;
    return kinds[print.code]?.unit === unit
      ? [{ code: print.code, text: print.text, on, unit, amount }]
      : [];
  });
}

function bodyOf(part: Part): PrintTask['on'] | undefined {
  if (part.family === resistorChip.id) return 'chip';
  if (part.family === trimmer.id) return 'trimmer';
  return familyOf(part).kin === 'small-capacitor' ? 'capacitor' : undefined;
}

/** The same print means something else on another part: worth saying where that is what was answered. */
function otherMeaning({ text, on, unit }: PrintTask, answer: number) {
  const other = on === 'chip' ? readCapacitorCode(text) : readChipCode(text);
  if (!other.ok) return [];
  const amount = typeof other.value === 'number' ? other.value : other.value.farad;
  const otherUnit = unit === 'ohm' ? 'farad' : 'ohm';
  const mixedUp = isSame(answer, unit === 'ohm' ? amount * 1e12 : amount / 1e12);
  return [
    said(mixedUp ? 'drill.bands.print.mixed-up' : 'drill.bands.print.elsewhere', {
      text,
      value: formatQuantity(amount, otherUnit),
    }),
  ];
}
