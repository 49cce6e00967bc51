import { fromChinese } from '../chinese.ts';

// Units written out, and the short forms of old lists.
const spelled: readonly (readonly [RegExp, string])[] = [
  [/(\d)\s*kil(?:o-?\s?)?ohm(?:s|ios?)?\b/gi, '$1k'],
  [/(\d)\s*mega?-?\s?ohm(?:s|ios?)?\b/gi, '$1M'],
  [/(\d)\s*mi[ck]ro-?\s?farad(?:s|ios?)?\b/gi, '$1uF'],
  [/(\d)\s*nano-?\s?farad(?:s|ios?)?\b/gi, '$1nF'],
  [/(\d)\s*pi[ck]o-?\s?farad(?:s|ios?)?\b/gi, '$1pF'],
  // “4.7 nano”, and nothing behind it.
  [/(\d)\s*mi[ck]ro(?=\s*$|\s*,)/gi, '$1uF'],
  [/(\d)\s*nano(?=\s*$|\s*,)/gi, '$1nF'],
  [/(\d)\s*pi[ck]o(?=\s*$|\s*,)/gi, '$1pF'],
  [/(\d)\s*mfd\b/gi, '$1uF'],
  [/(\d)\s*(?:mmfd|pfd)\b/gi, '$1pF'],
  [/(\d)\s*mi[ck]ro-?\s?henr(?:y|ys|ies|ios?)\b/gi, '$1uH'],
  [/(\d)\s*mill?i-?\s?henr(?:y|ys|ies|ios?)\b/gi, '$1mH'],
  [/(\d)\s*volt(?:s|ios?)?\b/gi, '$1V'],
  [/(\d)\s*(?:per ?cent|prozent|procent|por ?ciento|pour ?cent)\b/gi, '$1%'],
  // Eastern lists: the diameter of an LED, before its colour.
  [
    /\bF(3|5|8|10)(?=\s(?:led|red|green|blue|yellow|white|orange|rot|gr[uü]n|blau|gelb|wei[sß]|roj[oa]|verde|azul|amarill[oa]|blanc[oa])\b)/gi,
    '$1mm',
  ],
  [/[Φφ⌀]\s?(\d{1,2})(?![\d.,])(?:\s?mm)?/g, '$1mm'],
  [/(\d)\s*mega-?\s?(?:hertz|hercios?)\b/gi, '$1MHz'],
  [/(\d)\s*kilo-?\s?(?:hertz|hercios?)\b/gi, '$1kHz'],
];

/** A cell with its units in signs: `4.7 kiloohms` is `4.7k`. */
export const inSigns = (cell: string): string =>
  spelled.reduce((text, [words, sign]) => text.replace(words, sign), fromChinese(cell));
