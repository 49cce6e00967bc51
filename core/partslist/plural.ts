/** Endings of plurals in the languages of lists: `-s`, `-es` and `-en`, `-e` and `-n`. */
const endings: readonly RegExp[] = [/s$/, /(?:es|en)$/, /[en]$/];
/** A shorter word loses what makes it itself. */
const shortest = 5;

/**
 * A word, and what it may be the plural of. Not each of these is a word; whoever looks one up finds those that are.
 *
 * @param word in lower case, without accents
 */
export const withSingulars = (word: string): readonly string[] =>
  word.length < shortest ? [word] : [word, ...endings.map((ending) => word.replace(ending, ''))];

/** A text, once as it is and once for each way of making a plural, with its words in the singular. */
export const textsInSingular = (text: string): readonly string[] => [
  text,
  ...endings.map((ending) =>
    text.replace(/[a-z-]+/g, (word) => (word.length < shortest ? word : word.replace(ending, ''))),
  ),
];
