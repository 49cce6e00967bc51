import type { Step } from '../order/step.ts';
import { familyOf } from '../parts/families/index.ts';

/** What a step must have for a mistake to be possible there. */
type Needs = 'value' | 'polarity' | 'part' | 'joint' | 'insertion' | 'check';

export interface MistakeDefinition {
  readonly id: string;
  readonly needs: Needs;
  /** The piece is gone: another must be taken from the stores. */
  readonly usesUpPart?: true;
  readonly words: { readonly name: string; readonly whatNow: string };
}

/** Mistakes of beginners, the commonest first (common practice). A new one is one record here. */
export const mistakes: readonly MistakeDefinition[] = [
  {
    id: 'wrong-value',
    needs: 'value',
    words: {
      name: 'Wrong value',
      whatNow:
        'Do not trim yet. Heat one joint after the other and pull the part out, then clear the holes.',
    },
  },
  {
    id: 'backwards',
    needs: 'polarity',
    words: {
      name: 'Backwards',
      whatNow:
        'No power until it is turned. Take it out, clear the holes, put it in the right way round.',
    },
  },
  {
    id: 'wrong-place',
    needs: 'part',
    words: {
      name: 'Wrong place',
      whatNow: 'Take it out before you go on: its own place is empty and another is blocked.',
    },
  },
  {
    id: 'bridge',
    needs: 'joint',
    words: {
      name: 'Solder bridge',
      whatNow:
        'Draw a clean hot tip through between the two joints, or soak the solder up with braid.',
    },
  },
  {
    id: 'dry-joint',
    needs: 'joint',
    words: {
      name: 'Dry joint',
      whatNow: 'Heat pad and lead together for two seconds and add a little fresh solder.',
    },
  },
  {
    id: 'lead-missed',
    needs: 'joint',
    words: {
      name: 'Lead not through its hole',
      whatNow: 'Pull the part out, straighten the lead and look from below that every lead shows.',
    },
  },
  {
    id: 'lifted-pad',
    needs: 'joint',
    words: {
      name: 'Lifted pad',
      whatNow: 'Stop heating. Your instructor shows how a wire replaces the pad.',
    },
  },
  {
    id: 'bent-pin',
    needs: 'insertion',
    words: {
      name: 'Bent pin',
      whatNow:
        'Lever the chip out flat with a small screwdriver and straighten the pin with pliers.',
    },
  },
  {
    id: 'broken-part',
    usesUpPart: true,
    needs: 'part',
    words: {
      name: 'Broken part',
      whatNow: 'Ask for a spare. Keep the broken one in the bag for the count.',
    },
  },
  {
    id: 'lost-part',
    usesUpPart: true,
    needs: 'part',
    words: {
      name: 'Lost part',
      whatNow: 'Look on the floor and in your sleeves, then ask for a spare.',
    },
  },
  {
    id: 'check-failed',
    needs: 'check',
    words: {
      name: 'The check says no',
      whatNow: 'No power. Leave everything as it is and ask for help.',
    },
  },
  {
    id: 'check-skipped',
    needs: 'check',
    words: {
      name: 'Checked too late',
      whatNow: 'Power off. Do the check now, before anything else.',
    },
  },
];

/** The mistakes that can be made on this step, the commonest first. */
export function mistakesOf(step: Step): MistakeDefinition[] {
  const has = needsMet(step);
  return mistakes.filter(({ needs }) => has.has(needs));
}

function needsMet(step: Step): Set<Needs> {
  if (step.kind === 'check') return new Set(['check']);
  const met = new Set<Needs>(['part']);
  for (const part of step.parts) {
    if (part.value.kind !== 'none') met.add('value');
    if (familyOf(part).polarity === 'polarised') met.add('polarity');
  }
  if (step.kind === 'solder') met.add('joint');
  if (step.kind === 'insert') met.add('insertion');
  return met;
}
