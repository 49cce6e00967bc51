/** What a beginner learns; each mistake is a lack of one of these. */
export const skillIds = [
  'reading-values',
  'polarity',
  'finding-places',
  'heating',
  'amount-of-solder',
  'handling',
  'checking',
] as const;
export type SkillId = (typeof skillIds)[number];

/** What a skill is called, and how it is practised; said by `skill.<id>.name` and `.practise`. */
export const skillWords = {
  'reading-values': {
    name: 'Reads values',
    practise: 'Read ten resistors by their bands and check each with the meter.',
  },
  polarity: {
    name: 'Turns parts the right way',
    practise: 'Name the mark of each polarised part of the next kit, and its sign on the board.',
  },
  'finding-places': {
    name: 'Finds the place',
    practise:
      'Point at ten places of the board, from above and from below, before fitting anything.',
  },
  heating: {
    name: 'Heats pad and lead',
    practise: 'Solder a row of ten spare leads, counting to two before feeding.',
  },
  'amount-of-solder': {
    name: 'Feeds the right amount',
    practise: 'Solder a row of ten joints side by side without one that touches its neighbour.',
  },
  handling: {
    name: 'Handles parts',
    practise: 'Bend ten leads to a length, and push a chip into an empty socket and out again.',
  },
  checking: {
    name: 'Checks before power',
    practise:
      'Say aloud what is measured before the first power, and what each reading would mean.',
  },
} as const satisfies Readonly<
  Record<SkillId, { readonly name: string; readonly practise: string }>
>;
