import type { MistakeDefinition } from './definition.ts';

// The wrong part, or the right one wrongly.

export const wrongValue: MistakeDefinition<'wrong-value'> = {
  id: 'wrong-value',
  needs: 'value',
  class: 'part',
  skill: 'reading-values',
  severity: 2,
  costs: { atOnce: 3, later: 8 },
  words: {
    name: 'Wrong value',
    cause: 'The bands or the print were read wrong, or two alike were mixed up on the mat.',
    whatNow:
      'Do not trim yet. Heat one joint after the other and pull the part out with pliers (it is hot). Then clear the holes with braid or a pump.',
  },
};

export const backwards: MistakeDefinition<'backwards'> = {
  id: 'backwards',
  needs: 'polarity',
  class: 'orientation',
  skill: 'polarity',
  severity: 3,
  costs: { atOnce: 3, later: 15 },
  words: {
    name: 'Backwards',
    cause: 'The mark was not compared with the print on the board, or not looked for.',
    whatNow:
      'No power until it is turned. Take it out with pliers (it is hot), clear the holes, put it in the right way round.',
  },
};

export const wrongPlace: MistakeDefinition<'wrong-place'> = {
  id: 'wrong-place',
  needs: 'part',
  class: 'placement',
  skill: 'finding-places',
  severity: 2,
  costs: { atOnce: 3, later: 8 },
  words: {
    name: 'Wrong place',
    cause: 'The place name was read wrong, or the board lay the other way round.',
    whatNow: 'Take it out before you go on: its own place is empty and another is blocked.',
  },
};
