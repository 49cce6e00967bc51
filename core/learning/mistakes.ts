import type { Step } from '../order/step.ts';
import { familyOf } from '../parts/families/index.ts';
import type { SkillId } from './skills.ts';

/** What a step must have for a mistake to be possible there. */
type Needs = 'value' | 'polarity' | 'part' | 'joint' | 'insertion' | 'check';

export interface MistakeDefinition {
  readonly id: string;
  readonly needs: Needs;
  /** The piece is gone: another must be taken from the stores. */
  readonly usesUpPart?: true;
  readonly class: MistakeClass;
  /** What somebody lacks who makes it. */
  readonly skill: SkillId;
  /** 1 is a nuisance, 2 costs a part or much time, 3 can destroy the board or hurt. */
  readonly severity: 1 | 2 | 3;
  /** Minutes that it costs when it is found at once, and when it is found at a later step (priors, common practice). */
  readonly costs: { readonly atOnce: number; readonly later: number };
  readonly words: {
    readonly name: string;
    /** What it most often comes from. */
    readonly cause: string;
    /** The remedy, as said to the learner. */
    readonly whatNow: string;
  };
}

/** What kind of slip a mistake is. */
export type MistakeClass = 'part' | 'orientation' | 'placement' | 'joint' | 'damage' | 'check';

/** Mistakes of beginners, the commonest first (common practice). A new one is one record here. */
export const mistakes: readonly MistakeDefinition[] = [
  {
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
        'Do not trim yet. Heat one joint after the other and pull the part out, then clear the holes.',
    },
  },
  {
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
        'No power until it is turned. Take it out, clear the holes, put it in the right way round.',
    },
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
    id: 'bent-pin',
    needs: 'insertion',
    class: 'damage',
    skill: 'handling',
    severity: 2,
    costs: { atOnce: 2, later: 10 },
    words: {
      name: 'Bent pin',
      cause: 'The pins were not straightened before the chip was pushed in.',
      whatNow:
        'Lever the chip out flat with a small screwdriver and straighten the pin with pliers.',
    },
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
