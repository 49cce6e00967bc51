import type { Answer } from './benchTests.ts';

/**
 * What still holds once something was mended: what was in order without power. Everything that lights, and every
 * reading, may be another now; and where the mended fault was, all is taken to be right.
 *
 * @param mended the places of what was mended
 */
export const afterMending = (answers: readonly Answer[], mended: readonly string[]): Answer[] =>
  answers.flatMap(({ test, outcome }): Answer[] => {
    if (test.kind === 'look') {
      return outcome === 'right' || mended.includes(test.place) ? [{ test, outcome: 'right' }] : [];
    }
    const isRight =
      (test.kind === 'joint' && outcome === 'beeps') ||
      (test.kind === 'apart' && outcome === 'silent');
    return isRight ? [{ test, outcome }] : [];
  });
