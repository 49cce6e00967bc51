import { fromChinese } from '../chinese.ts';

// Units written out, and the short forms of old lists.
const spelled: readonly (readonly [RegExp, string])[] = [
  [/(\d)\s*kilo-?\s?ohms?\b/gi, '$1k'],
  [/(\d)\s*meg(?:a|)?-?\s?ohms?\b/gi, '$1M'],
  [/(\d)\s*micro-?\s?farads?\b/gi, '$1uF'],
  [/(\d)\s*nano-?\s?farads?\b/gi, '$1nF'],
  [/(\d)\s*pico-?\s?farads?\b/gi, '$1pF'],
  [/(\d)\s*mfd\b/gi, '$1uF'],
  [/(\d)\s*(?:mmfd|pfd)\b/gi, '$1pF'],
  [/(\d)\s*micro-?\s?henr(?:y|ys|ies)\b/gi, '$1uH'],
  [/(\d)\s*milli-?\s?henr(?:y|ys|ies)\b/gi, '$1mH'],
  [/(\d)\s*mega-?\s?hertz\b/gi, '$1MHz'],
  [/(\d)\s*kilo-?\s?hertz\b/gi, '$1kHz'],
];

/** A cell with its units in signs: `4.7 kiloohms` is `4.7k`. */
export const inSigns = (cell: string): string =>
  spelled.reduce((text, [words, sign]) => text.replace(words, sign), fromChinese(cell));
