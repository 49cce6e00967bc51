import { between, type Random } from '../random.ts';

/** How far the real part lies from what its print says. */
export type Spread =
  /** Anywhere within so many per cent above and below. */
  | { readonly kind: 'percent'; readonly above: number; readonly below: number }
  /** Anywhere between two values. */
  | { readonly kind: 'between'; readonly from: number; readonly to: number }
  /** The same on a logarithmic scale, for what varies by factors. */
  | { readonly kind: 'factor'; readonly from: number; readonly to: number };

export const percent = (above: number, below = above): Spread => ({
  kind: 'percent',
  above,
  below,
});
export const from = (least: number, most: number): Spread => ({
  kind: 'between',
  from: least,
  to: most,
});
export const factor = (least: number, most: number): Spread => ({
  kind: 'factor',
  from: least,
  to: most,
});

/** A value of a part: the middle one, or one of a made-up piece. */
export type Draw = (nominal: number, spread: Spread) => number;

/** The part as its print says. */
export const nominalDraw: Draw = (nominal) => nominal;

/** One piece out of many. */
export const drawFrom =
  (random: Random): Draw =>
  (nominal, spread) => {
    switch (spread.kind) {
      case 'percent':
        return nominal * (1 + between(random, -spread.below, spread.above) / 100);
      case 'between':
        return between(random, spread.from, spread.to);
      case 'factor':
        return Math.exp(between(random, Math.log(spread.from), Math.log(spread.to)));
    }
  };
