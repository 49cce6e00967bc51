import { bentPin, brokenPart } from '../../learning/mistakes/damage.ts';
import { backwards, wrongPlace, wrongValue } from '../../learning/mistakes/fitting.ts';
import type { MistakeId } from '../../learning/mistakes/ids.ts';
import { bridge, dryJoint } from '../../learning/mistakes/joints.ts';
import { type FaultKindId, faultKindIds, type LookAt } from './ids.ts';

/** What is known of a kind of fault beside what it does to a circuit. */
export interface FaultTraits {
  /** How often a beginner does it, once in so many chances (priors, common practice). */
  readonly onceIn: number;
  /** What it is noted as; null where nobody in the room made it. */
  readonly mistake: MistakeId | null;
  /** What shows it without any meter, and how surely eyes find it there; null where nothing does. */
  readonly look: { readonly at: LookAt; readonly sees: number } | null;
  /** However many there are of one place, they are ways of one mistake. */
  readonly isOneMistake?: true;
}

/** Of every kind; a page that ranks faults needs no more of them. */
export const faultTraits: Readonly<Record<FaultKindId, FaultTraits>> = {
  backwards: { onceIn: 12, mistake: backwards.id, look: { at: 'way-round', sees: 0.95 } },
  missing: { onceIn: 80, mistake: wrongPlace.id, look: { at: 'there', sees: 0.98 } },
  exchanged: {
    onceIn: 40,
    mistake: wrongValue.id,
    look: { at: 'value', sees: 0.85 },
    isOneMistake: true,
  },
  'other-value': {
    onceIn: 100,
    mistake: wrongValue.id,
    look: { at: 'value', sees: 0.85 },
    isOneMistake: true,
  },
  'other-leads': { onceIn: 60, mistake: null, look: { at: 'value', sees: 0.4 } },
  'open-joint': { onceIn: 60, mistake: dryJoint.id, look: { at: 'joints', sees: 0.75 } },
  'pin-bent': { onceIn: 200, mistake: bentPin.id, look: { at: 'seat', sees: 0.85 } },
  bridge: { onceIn: 60, mistake: bridge.id, look: { at: 'between', sees: 0.8 } },
  'strips-bridged': { onceIn: 120, mistake: bridge.id, look: { at: 'between', sees: 0.7 } },
  'cut-not-made': { onceIn: 25, mistake: null, look: { at: 'copper', sees: 0.9 } },
  'link-forgotten': { onceIn: 40, mistake: wrongPlace.id, look: { at: 'copper', sees: 0.9 } },
  'one-hole-off': { onceIn: 80, mistake: wrongPlace.id, look: { at: 'seat', sees: 0.97 } },
  'wrong-pad': { onceIn: 60, mistake: wrongPlace.id, look: { at: 'there', sees: 0.85 } },
  'cells-reversed': { onceIn: 40, mistake: backwards.id, look: { at: 'way-round', sees: 0.97 } },
  'cells-flat': { onceIn: 30, mistake: null, look: null },
  'broken-open': { onceIn: 300, mistake: brokenPart.id, look: null },
  'broken-short': { onceIn: 400, mistake: brokenPart.id, look: null },
};

/** What it is noted as when eyes find something wrong there; null where it is no mistake of anybody in the room. */
export const mistakeAtLook = (at: LookAt): MistakeId | null =>
  faultKindIds
    .map((id) => faultTraits[id])
    .find(({ look, mistake }) => look?.at === at && mistake !== null)?.mistake ?? null;
