import type { Step } from '../../order/step.ts';
import { familyOf } from '../../parts/families/index.ts';
import { checkFailed, checkSkipped } from './checks.ts';
import { bentPin, brokenPart, lostPart } from './damage.ts';
import type { MistakeDefinition, Needs } from './definition.ts';
import { backwards, wrongPlace, wrongValue } from './fitting.ts';
import { type MistakeId, mistakeIds } from './ids.ts';
import { bridge, dryJoint, leadMissed, liftedPad } from './joints.ts';

const byId: { readonly [Id in MistakeId]: MistakeDefinition<Id> } = {
  'wrong-value': wrongValue,
  backwards: backwards,
  'wrong-place': wrongPlace,
  bridge: bridge,
  'dry-joint': dryJoint,
  'lead-missed': leadMissed,
  'lifted-pad': liftedPad,
  'bent-pin': bentPin,
  'broken-part': brokenPart,
  'lost-part': lostPart,
  'check-failed': checkFailed,
  'check-skipped': checkSkipped,
};

/** Mistakes of beginners, the commonest first (common practice). */
export const mistakes: readonly MistakeDefinition[] = mistakeIds.map((id) => byId[id]);

/** The mistakes that can be made on this step, the commonest first. */
export function mistakesOf(step: Step): MistakeDefinition[] {
  const has = needsMet(step);
  return mistakes.filter(({ needs }) => has.has(needs));
}

function needsMet(step: Step): Set<Needs> {
  if (step.kind === 'check') return new Set(['check']);
  const isDecided = step.own?.sort === 'check' || step.own?.words.measure !== undefined;
  if (step.kind === 'own') return new Set(isDecided ? ['check'] : []);
  const met = new Set<Needs>(isDecided ? ['part', 'check'] : ['part']);
  for (const part of step.parts) {
    if (part.value.kind !== 'none') met.add('value');
    if (familyOf(part).polarity === 'polarised') met.add('polarity');
  }
  if (step.kind === 'solder') met.add('joint');
  if (step.kind === 'insert') met.add('insertion');
  return met;
}
