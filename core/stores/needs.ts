import type { Part } from '../parts/part.ts';
import { type LossCount, type LossRate, lossRateOf } from './lossRate.ts';
import { smallestSpares } from './spares.ts';
import { type StockPart, serves, stockKey, stockPartOf } from './stockPart.ts';

/** A workshop that bags must be packed for. */
export interface PlannedBags {
  readonly title: string;
  readonly seats: number;
  readonly parts: readonly Part[];
}

export interface InStock {
  readonly itemId: string;
  readonly part: StockPart;
  readonly level: number;
}

export interface Need {
  readonly key: string;
  readonly part: StockPart;
  /** The learners or the room bring it: it is listed, but neither packed nor bought. */
  readonly brought: boolean;
  /** Pieces that are fitted, over all seats. */
  readonly fitted: number;
  /** Spare pieces that the kit's list puts into the bags. */
  readonly kitSpares: number;
  /** Spares to have in the room, those of the bags included. */
  readonly spares: number;
  /** Fitted and spare. */
  readonly pieces: number;
  readonly rate: LossRate;
  /** Pieces in the drawers that can serve. */
  readonly onHand: number;
  readonly itemIds: readonly string[];
  readonly short: number;
}

export interface Needs {
  readonly lines: readonly Need[];
  /** Chance that the room runs out of something, with those spares and nothing missing. */
  readonly runsOut: number;
}

/**
 * What planned workshops need together, and what of it is missing.
 *
 * @param losses by family, from the rooms' own events
 * @param level chance to run out of anything that is accepted
 */
export function needsOf(
  workshops: readonly PlannedBags[],
  stock: readonly InStock[],
  losses: ReadonlyMap<string, LossCount>,
  level: number,
): Needs {
  const asked = [...gather(workshops).values()];
  const packed = asked.filter(({ brought }) => !brought);
  const rates = new Map(
    asked.map(({ part: { family } }) => [family, lossRateOf(family, losses.get(family))]),
  );
  const rateOf = ({ part }: Asked) => rates.get(part.family) ?? lossRateOf(part.family);
  const { spares, runsOut } = smallestSpares(
    packed.map((one) => ({ needed: one.fitted, rate: rateOf(one), given: one.kitSpares })),
    level,
  );
  const sparesOf = new Map(packed.map((one, index) => [one, spares[index] ?? 0]));
  const left = new Map(stock.map((one) => [one.itemId, one.level]));
  const lines = asked.map((one): Need => {
    const more = sparesOf.get(one) ?? 0;
    const pieces = one.fitted + more;
    const drawers = stock.filter(({ part }) => serves(part, one.part));
    const onHand = drawers.reduce((sum, { itemId }) => sum + (left.get(itemId) ?? 0), 0);
    // A drawer that two lines could use is not counted twice.
    let toTake = Math.min(pieces, onHand);
    for (const { itemId } of drawers) {
      const taken = Math.min(toTake, left.get(itemId) ?? 0);
      left.set(itemId, (left.get(itemId) ?? 0) - taken);
      toTake -= taken;
    }
    return {
      ...one,
      spares: more,
      pieces,
      rate: rateOf(one),
      onHand,
      itemIds: drawers.map(({ itemId }) => itemId),
      short: one.brought ? 0 : Math.max(0, pieces - onHand),
    };
  });
  return { lines, runsOut };
}

type Asked = Pick<Need, 'key' | 'part' | 'brought' | 'fitted' | 'kitSpares'>;

function gather(workshops: readonly PlannedBags[]): Map<string, Asked> {
  const found = new Map<string, Asked>();
  for (const { seats, parts } of workshops) {
    for (const part of parts) {
      const brought = part.supply === 'not-in-kit';
      const key = `${brought ? 'brought' : 'packed'} ${stockKey(stockPartOf(part))}`;
      const before = found.get(key) ?? {
        key,
        part: stockPartOf(part),
        brought,
        fitted: 0,
        kitSpares: 0,
      };
      const pieces = part.quantity * seats;
      found.set(key, {
        ...before,
        part: stricter(before.part, stockPartOf(part)),
        fitted: before.fitted + (part.supply === 'spare' ? 0 : pieces),
        kitSpares: before.kitSpares + (part.supply === 'spare' ? pieces : 0),
      });
    }
  }
  return found;
}

/** Of two lines with one value, the narrower tolerance and the higher voltage serve both. */
function stricter(a: StockPart, b: StockPart): StockPart {
  if (a.value.kind !== 'amount' || b.value.kind !== 'amount') return a;
  const least = (x?: number, y?: number) =>
    x === undefined || y === undefined ? (x ?? y) : Math.min(x, y);
  const most = (x?: number, y?: number) =>
    x === undefined || y === undefined ? (x ?? y) : Math.max(x, y);
  const tolerancePercent = least(a.value.tolerancePercent, b.value.tolerancePercent);
  const ratedVolt = most(a.value.ratedVolt, b.value.ratedVolt);
  return {
    ...a,
    value: {
      ...a.value,
      ...(tolerancePercent === undefined ? {} : { tolerancePercent }),
      ...(ratedVolt === undefined ? {} : { ratedVolt }),
    },
  };
}
