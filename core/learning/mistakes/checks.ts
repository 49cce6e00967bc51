import type { MistakeDefinition } from './definition.ts';

// What a check found, or a check that was left out.

export const checkFailed: MistakeDefinition<'check-failed'> = {
  id: 'check-failed',
  needs: 'check',
  class: 'check',
  skill: 'checking',
  severity: 2,
  costs: { atOnce: 5, later: 5 },
  words: {
    name: 'The check says no',
    cause: 'Something before it went wrong: a bridge, a dry joint or a part turned round.',
    whatNow: 'No power. Leave everything as it is and ask for help.',
  },
};

export const checkSkipped: MistakeDefinition<'check-skipped'> = {
  id: 'check-skipped',
  needs: 'check',
  class: 'check',
  skill: 'checking',
  severity: 3,
  costs: { atOnce: 2, later: 10 },
  words: {
    name: 'Checked too late',
    cause: 'In a hurry to see it work.',
    whatNow: 'Power off. Do the check now, before anything else.',
  },
};
