/** Numbers as people write them before a part, in the languages of lists; a kit holds rarely more without a figure. */
const numbers: readonly (readonly string[])[] = [
  ['a', 'an', 'one', 'ein', 'eine', 'einen', 'un', 'una', 'uno', 'une', 'een'],
  ['two', 'zwei', 'dos', 'deux', 'twee'],
  ['three', 'drei', 'tres', 'trois', 'drie'],
  ['four', 'vier', 'cuatro', 'quatre'],
  ['five', 'fünf', 'cinco', 'cinq', 'vijf'],
  ['six', 'sechs', 'seis', 'zes'],
  ['seven', 'sieben', 'siete', 'sept', 'zeven'],
  ['eight', 'acht', 'ocho', 'huit'],
  ['nine', 'neun', 'nueve', 'neuf', 'negen'],
  ['ten', 'zehn', 'diez', 'dix', 'tien'],
];

const byWord = new Map(
  numbers.flatMap((words, at) => words.map((word) => [word, at + 1] as const)),
);

/** What of one part is counted: “two pin header” is one header, “seven segment display” one display. */
const ofOne =
  '(?!(?:pin|way|colou?r|leg|lead|wire|position|pole|band|turn|segment|channel|digit|ohm|volt|watt|pol|polig|bein|farb|color|pines|patas|broches|pens)s?\\b)';

const first = new RegExp(`^(${[...byWord.keys()].join('|')})\\s+${ofOne}(?=[\\p{L}\\d])`, 'iu');

/**
 * A line with its number in figures: “two 10 k resistors” is “2x 10 k resistors”; any other line as it is.
 */
export const withFigures = (line: string): string =>
  line.replace(first, (_, word: string) => `${byWord.get(word.toLowerCase())}x `);
