import { toleranceOf } from '../inspection/verdict.ts';
import { capacitorFilm } from '../parts/families/capacitors/capacitor-film.ts';
import { capacitorTantalum } from '../parts/families/capacitors/capacitor-tantalum.ts';
import { capacitorTantalumChip } from '../parts/families/capacitors/capacitor-tantalum-chip.ts';
import { familyOf } from '../parts/families/index.ts';
import type { PartValue } from '../parts/part.ts';
import { packagedIn, pinoutOf } from '../parts/pinouts.ts';
import { typeByNumber } from '../parts/types/findType.ts';
import { type StandIn, standIn, type TypeInBody } from '../parts/types/standIn.ts';
import type { InStock } from './needs.ts';
import { asPart, type StockPart, serves } from './stockPart.ts';

type Amount = Extract<PartValue, { kind: 'amount' }>;

/** What could be fitted in place of a part that is missing. */
export type Substitute =
  /** The same value with other marks: a wider or narrower tolerance, another body of the same kind. */
  | { readonly kind: 'same-value'; readonly item: InStock; readonly pieces: number }
  /** Another value, within the tolerance of the missing one. */
  | {
      readonly kind: 'near-value';
      readonly item: InStock;
      readonly pieces: number;
      /** In per cent of the missing value, signed. */
      readonly offPercent: number;
    }
  /** Two in place of one, twisted or on one pad. */
  | {
      readonly kind: 'series' | 'parallel';
      readonly items: readonly [InStock, InStock];
      readonly pieces: number;
      readonly offPercent: number;
    }
  /** Another type of the same body: only with its pinout compared. */
  | {
      readonly kind: 'other-type';
      readonly item: InStock;
      readonly pieces: number;
      readonly missingPins: readonly string[] | null;
      readonly itsPins: readonly string[] | null;
      /** How it must be turned; `unknown` where a pinout is not known. */
      readonly turn: 'as-printed' | 'half-turn' | 'unknown';
      /** `fits`: all that is known of both agrees, and it bears as much. `compare`: their sheets must tell. */
      readonly judgement: 'fits' | 'compare';
    };

/**
 * What lies in the drawers instead of a part that is missing, the nearest first. Proposals only: the instructor knows
 * what the place bears.
 *
 * @param pieces how many are missing; drawers with fewer are left out
 */
export function substitutesFor(
  missing: StockPart,
  pieces: number,
  stock: readonly InStock[],
): Substitute[] {
  const there = stock.filter(({ part, level }) => level >= pieces && !serves(part, missing));
  if (missing.value.kind === 'type') return otherTypes(missing, pieces, there);
  const kin = there.filter(({ part }) => isKin(part, missing));
  const { value } = missing;
  if (value.kind === 'colour') {
    return kin
      .filter(({ part }) => part.value.kind === 'colour' && part.value.colour === value.colour)
      .map((item) => ({ kind: 'same-value', item, pieces }));
  }
  if (value.kind !== 'amount') return [];
  const tolerance = toleranceOf(asPart(missing));
  const usable = kin.flatMap((item): Measured[] => {
    const own = item.part.value;
    if (own.kind !== 'amount' || own.unit !== value.unit || own.amount <= 0) return [];
    return bears(item.part, missing) ? [{ item, amount: own.amount }] : [];
  });
  return [
    ...oneForOne(usable, value, pieces, tolerance),
    ...twoForOne(usable, value, pieces, tolerance),
  ];
}

interface Measured {
  readonly item: InStock;
  readonly amount: number;
}

const isKin = (a: StockPart, b: StockPart) =>
  a.family === b.family || (familyOf(a).kin !== null && familyOf(a).kin === familyOf(b).kin);

/** Where the place asks for a voltage, what nobody knows the voltage of does not fit. */
function bears(own: StockPart, asked: StockPart): boolean {
  if (own.value.kind !== 'amount' || asked.value.kind !== 'amount') return false;
  const [has, needs] = [own.value.ratedVolt, asked.value.ratedVolt];
  if (own.family === asked.family)
    return needs === undefined || (has !== undefined && has >= needs);
  // Another kind of capacitor: both voltages must be known, and a tantalum wants twice as much (common practice).
  if (familyOf(asked).job !== 'capacitor') return true;
  if (needs === undefined)
    return !wantsVolts(asked) && !familyOf(own).hazards.includes('can-burst');
  if (has === undefined) return false;
  return has >= needs * (isTantalum(own) ? 2 : 1);
}

/** A film capacitor may sit at the mains, and a polarised one at the supply. */
const wantsVolts = (part: StockPart) =>
  familyOf(part).kin === 'large-capacitor' || part.family === capacitorFilm.id;
const isTantalum = ({ family }: StockPart) =>
  family === capacitorTantalum.id || family === capacitorTantalumChip.id;

const off = (amount: number, wanted: number) => Number(((amount / wanted - 1) * 100).toFixed(2));

function oneForOne(
  usable: readonly Measured[],
  wanted: Amount,
  pieces: number,
  tolerance: number,
): Substitute[] {
  return usable
    .map(({ item, amount }) => ({ item, offPercent: off(amount, wanted.amount) }))
    .filter(({ offPercent }) => Math.abs(offPercent) <= tolerance)
    .sort((a, b) => Math.abs(a.offPercent) - Math.abs(b.offPercent))
    .map(({ item, offPercent }) =>
      offPercent === 0
        ? { kind: 'same-value', item, pieces }
        : { kind: 'near-value', item, pieces, offPercent },
    );
}

const shownPairs = 3;

/** Resistors add up in series, capacitors in parallel; the other way round they share. */
function twoForOne(
  usable: readonly Measured[],
  { unit, amount: wanted }: Amount,
  pieces: number,
  tolerance: number,
): Substitute[] {
  if (unit !== 'ohm' && unit !== 'farad') return [];
  const adds = unit === 'ohm' ? 'series' : 'parallel';
  const shares = unit === 'ohm' ? 'parallel' : 'series';
  return usable
    .flatMap((a, index) =>
      usable.slice(index).flatMap((b) => {
        if (a === b && a.item.level < 2 * pieces) return [];
        const ways = [
          { kind: adds, amount: a.amount + b.amount },
          { kind: shares, amount: (a.amount * b.amount) / (a.amount + b.amount) },
        ] as const;
        return ways.map(({ kind, amount }) => ({
          kind,
          items: [a.item, b.item] as const,
          pieces,
          offPercent: off(amount, wanted),
        }));
      }),
    )
    .filter(({ offPercent }) => Math.abs(offPercent) <= tolerance)
    .sort((a, b) => Math.abs(a.offPercent) - Math.abs(b.offPercent))
    .slice(0, shownPairs);
}

function otherTypes(missing: StockPart, pieces: number, there: readonly InStock[]): Substitute[] {
  const missingPins = pinoutOf(asPart(missing))?.pins ?? null;
  return there
    .filter(({ part }) => part.family === missing.family)
    .flatMap((item): Substitute[] => {
      const itsPins = pinoutOf(asPart(item.part))?.pins ?? null;
      const judgement = judge(missing, item.part);
      if (judgement === 'no') return [];
      const turn = turnOf(missingPins, itsPins);
      return [{ kind: 'other-type', item, pieces, missingPins, itsPins, turn, judgement }];
    })
    .sort((a, b) => rank(a) - rank(b));
}

const rank = (one: Substitute) => (one.kind === 'other-type' && one.judgement === 'fits' ? 0 : 1);

/** What the catalogue says of both; of a number that it does not know, only the sheet can. */
function judge(missing: StockPart, own: StockPart): StandIn {
  const [a, b] = [typeOf(missing), typeOf(own)];
  if (!a || !b) return 'compare';
  return standIn(a, b);
}

function typeOf({ value }: StockPart): TypeInBody | undefined {
  const found = value.kind === 'type' ? typeByNumber(value.print) : undefined;
  return found && { type: found.type, packaged: packagedIn(found, '') };
}

/** Half a turn exchanges the outer leads. */
function turnOf(missing: readonly string[] | null, its: readonly string[] | null) {
  if (!missing || !its) return 'unknown';
  if (missing.join() === its.join()) return 'as-printed';
  return missing.join() === [...its].reverse().join() ? 'half-turn' : 'unknown';
}

/** Whether a substitute of that kind of part must not be fitted without comparing data sheets. */
export const needsDataSheet = (part: StockPart): boolean =>
  familyOf(part).pinoutMatters || familyOf(part).role === 'chip';
