import type { MistakeDefinition } from './definition.ts';

// What is bent, broken or gone.

export const bentPin: MistakeDefinition<'bent-pin'> = {
  id: 'bent-pin',
  needs: 'insertion',
  class: 'damage',
  skill: 'handling',
  severity: 2,
  costs: { atOnce: 2, later: 10 },
  words: {
    name: 'Bent pin',
    cause: 'The pins were not straightened before the chip was pushed in.',
    whatNow: 'Lever the chip out flat with a small screwdriver and straighten the pin with pliers.',
  },
};

export const brokenPart: MistakeDefinition<'broken-part'> = {
  id: 'broken-part',
  usesUpPart: true,
  needs: 'part',
  class: 'damage',
  skill: 'handling',
  severity: 2,
  costs: { atOnce: 3, later: 6 },
  words: {
    name: 'Broken part',
    cause: 'A lead was bent too close to the body or too often, or it got too hot.',
    whatNow: 'Ask for a spare. Keep the broken one in the bag for the count.',
  },
};

export const lostPart: MistakeDefinition<'lost-part'> = {
  id: 'lost-part',
  usesUpPart: true,
  needs: 'part',
  class: 'damage',
  skill: 'handling',
  severity: 1,
  costs: { atOnce: 3, later: 4 },
  words: {
    name: 'Lost part',
    cause: 'The bag was emptied onto the bench instead of into a lid.',
    whatNow: 'Look on the floor and in your sleeves, then ask for a spare.',
  },
};
