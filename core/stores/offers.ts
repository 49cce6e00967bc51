import { type Said, said } from '../learning/said.ts';
import { readMoney } from './money.ts';

export interface Supplier {
  readonly id: string;
  readonly name: string;
  /** For each delivery, whatever is in it. */
  readonly deliveryCents: number;
  /** Days until it arrives. */
  readonly days: number;
}

/** From so many packs on, every pack costs so much. */
export interface PriceBreak {
  readonly fromPacks: number;
  readonly packCents: number;
}

export interface Offer {
  readonly id: string;
  readonly itemId: string;
  readonly supplierId: string;
  /** Pieces in a pack. */
  readonly packSize: number;
  /** The first one is from 1 pack. */
  readonly breaks: readonly PriceBreak[];
}

/** What so many packs of an offer cost: the price of the highest break that is reached holds for all of them. */
export function costOfPacks({ breaks }: Pick<Offer, 'breaks'>, packs: number): number {
  if (packs === 0) return 0;
  const reached = breaks.filter(({ fromPacks }) => fromPacks <= packs);
  const best = reached.reduce((a, b) => (b.fromPacks > a.fromPacks ? b : a));
  return packs * best.packCents;
}

/** `2.50`, `2,50 €`, or with breaks, each behind the packs that it holds from: `1.50; 10: 1.20`; undefined where it is none. */
export function readBreaks(text: string): readonly PriceBreak[] | undefined {
  const breaks = text.split(';').map((piece): PriceBreak | undefined => {
    const [first = '', second] = piece.split(':');
    const fromPacks = second === undefined ? 1 : Number(first.trim());
    const packCents = readMoney((second ?? first).replace(/[€$£¥]|\b[A-Z]{3}\b|\s/g, ''));
    if (packCents === undefined || !Number.isInteger(fromPacks)) return undefined;
    return { fromPacks, packCents };
  });
  const read = breaks.filter((one) => one !== undefined);
  return read.length === breaks.length ? read : undefined;
}

/** What is wrong with the price breaks of an offer, and what to write; undefined where nothing is. */
export function breaksProblem(breaks: readonly PriceBreak[]): Said | undefined {
  if (breaks[0]?.fromPacks !== 1) return said('refusals.stores.theFirstPriceIsFor1Pack');
  const rising = breaks.every(
    ({ fromPacks }, index) => index === 0 || fromPacks > (breaks[index - 1]?.fromPacks ?? 0),
  );
  return rising ? undefined : said('refusals.stores.writeThePriceBreaksWithRising');
}

/** The goods are on the packing table so many days before the evening (common practice). */
const packingDays = 1;

/** Whole days that a delivery may take, so that there is still time to pack. */
export const daysToDeliver = (neededAt: Date, now: Date): number =>
  Math.max(0, Math.floor((neededAt.getTime() - now.getTime()) / 86_400_000) - packingDays);
