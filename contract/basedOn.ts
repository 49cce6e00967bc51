import { wholeNumber } from './leaves.ts';

/** The version of a record that was read before it was changed: a change made from an older one is refused. */
export const basedOnVersion = wholeNumber(1, 2 ** 31 - 1);
