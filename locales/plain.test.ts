import { describe, expect, it } from 'vitest';
import { allTexts, textsOf } from './testing/catalogues.ts';

/** Words and phrases that a busy instructor or a first-time solderer must read twice, and what is said instead. */
const banned: readonly (readonly [RegExp, string])[] = [
  [/\berrat(um|a)\b/i, 'known problem'],
  [/\b(this|the|every) lot\b/i, 'batch'],
  [/\bnoughts?\b/i, 'zeros'],
  [/\btake (it |them )?over\b/i, 'create, import'],
  [/\blook (whether|that)\b/i, 'check that'],
  [/\bthings? to (put right|look at)\b/i, 'errors, warnings'],
  [/\bthat was a slip\b/i, 'Undo'],
  [/\bgo on working\b/i, 'keep working'],
  [/\byes, it is so\b/i, 'Yes, it matches'],
  [/\bmiddle evening\b/i, 'typical'],
  [/\bnineteen cases\b/i, '95 %'],
  [/\bin one of ten\b/i, 'in a bad case (1 in 10)'],
  [/\bpay no heed\b/i, 'ignore'],
  [/\bequals together\b/i, 'same pace together'],
  [/\bledger\b/i, 'history'],
  [/\bcommonest\b/i, 'most common'],
  [/\bnobody delivers\b/i, 'no offer for'],
  [/\b(ask|tell) (her|him)\b/i, 'ask the instructor'],
  [/\blies on its face\b/i, 'upside down'],
];

/** So long may a sentence be that is read with one hand, in bad light. */
const longestAtTheSeat = 20;

const sentencesOf = (text: string) =>
  text
    .replace(/{{\w+}}|<\/?\w+\/?>/g, 'x')
    .split(/(?<=[.!?:;])\s+/)
    .filter(Boolean);
const wordsIn = (sentence: string) => sentence.split(/\s+/).length;

describe('the words', () => {
  it.each(banned)('have no %s', (pattern) => {
    const found = [...allTexts('en')].filter(([, text]) => pattern.test(text));
    expect(found).toEqual([]);
  });

  it('of the seat are in short sentences', () => {
    const long = ['seat', 'families', 'trade'].flatMap((catalogue) =>
      [...textsOf('en', catalogue)].flatMap(([key, text]) =>
        sentencesOf(text)
          .filter((sentence) => wordsIn(sentence) > longestAtTheSeat)
          .map((sentence) => `${key}: ${sentence}`),
      ),
    );
    expect(long).toEqual([]);
  });

  // Flesch and Kincaid’s grade (US Navy, 1975): years of school that a text asks for. Grade 6 is plain English.
  it('of the seat ask for at most six years of school', () => {
    const texts = [...textsOf('en', 'seat').values()].filter((text) => wordsIn(text) > 3);
    const sentences = texts.flatMap(sentencesOf);
    const words = sentences.flatMap((sentence) => sentence.toLowerCase().match(/[a-z’]+/g) ?? []);
    const syllables = words.reduce((sum, word) => sum + syllablesIn(word), 0);
    const grade =
      0.39 * (words.length / sentences.length) + 11.8 * (syllables / words.length) - 15.59;
    expect(grade).toBeLessThan(6);
  });

  it.each([
    ['solder', 2],
    ['resistor', 3],
    ['place', 1],
    ['the', 1],
    ['electrolytic', 5],
  ])('“%s” has %i syllables', (word, count) => {
    expect(syllablesIn(word)).toBe(count);
  });
});

/** Runs of vowels, without the silent e at the end: close enough for an average. */
function syllablesIn(word: string): number {
  const runs = word.replace(/e$/, '').match(/[aeiouy]+/g)?.length ?? 0;
  return Math.max(1, runs);
}
