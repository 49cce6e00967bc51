/** `npm run test:long` looks at every case; the usual run at some of them, from the same seed. */
export const isLong = process.env.OZZET_LONG_TESTS === '1';

/**
 * So many cases of a property: all in the long run, a part of them in the usual one.
 *
 * @param share of the cases in the usual run
 */
export const cases = (all: number, share = 0.1): number =>
  isLong ? all : Math.max(10, Math.round(all * share));
