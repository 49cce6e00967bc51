import type { MistakeDefinition } from './definition.ts';

// What is wrong with a joint.

export const bridge: MistakeDefinition<'bridge'> = {
  id: 'bridge',
  needs: 'joint',
  class: 'joint',
  skill: 'amount-of-solder',
  severity: 3,
  costs: { atOnce: 2, later: 6 },
  words: {
    name: 'Solder bridge',
    cause: 'Too much solder, or the tip touched the neighbour while leaving.',
    whatNow:
      'Draw a clean hot tip through between the two joints, or soak the solder up with braid.',
  },
};

export const dryJoint: MistakeDefinition<'dry-joint'> = {
  id: 'dry-joint',
  needs: 'joint',
  class: 'joint',
  skill: 'heating',
  severity: 2,
  costs: { atOnce: 1, later: 8 },
  words: {
    name: 'Dry joint',
    cause: 'The pad or the lead was not hot enough, or it moved while it froze.',
    whatNow: 'Heat pad and lead together for two seconds and add a little fresh solder.',
  },
};

export const leadMissed: MistakeDefinition<'lead-missed'> = {
  id: 'lead-missed',
  needs: 'joint',
  class: 'placement',
  skill: 'finding-places',
  severity: 2,
  costs: { atOnce: 2, later: 8 },
  words: {
    name: 'Lead not through its hole',
    cause: 'A lead was bent under the body, and nobody looked from below.',
    whatNow: 'Pull the part out, straighten the lead and look from below that every lead shows.',
  },
};

export const liftedPad: MistakeDefinition<'lifted-pad'> = {
  id: 'lifted-pad',
  needs: 'joint',
  class: 'damage',
  skill: 'heating',
  severity: 3,
  costs: { atOnce: 10, later: 12 },
  words: {
    name: 'Lifted pad',
    cause: 'The iron stayed too long or pulled at the pad.',
    whatNow: 'Stop heating. Your instructor shows how a wire replaces the pad.',
  },
};
