import fc from 'fast-check';

export const anySeed = fc.integer({ min: 0, max: 2 ** 32 - 1 });
