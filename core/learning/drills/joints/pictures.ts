import { type JointClassId, jointClassOf } from '../../../joint/classes.ts';
import { drawJointAbove } from '../../../joint/drawing/above.ts';
import { drawChipAbove, drawChipSection } from '../../../joint/drawing/chip.ts';
import { drawSection } from '../../../joint/drawing/section.ts';
import { chipShapeOf, shapeOf } from '../../../joint/variations.ts';
import type { Drawing } from '../../../parts/drawing/drawing.ts';
import { type Random, seeded } from '../../../random.ts';

/** A joint of an exercise: its class, and what makes it differ from others of that class. */
export interface SeenJoint {
  readonly joint: JointClassId;
  readonly variation: number;
}

export const seenJoint = (joint: JointClassId, random: Random): SeenJoint => ({
  joint,
  variation: Math.floor(random() * 2 ** 32),
});

export interface JointPictures {
  readonly above: Drawing;
  readonly section: Drawing;
}

/** The joint from above and cut through. */
export function picturesOf({ joint, variation }: SeenJoint): JointPictures {
  const random = seeded(variation);
  if (jointClassOf(joint).on === 'chip') {
    const shape = chipShapeOf(joint, random);
    return { above: drawChipAbove(shape), section: drawChipSection(shape) };
  }
  const shape = shapeOf(joint, random);
  return { above: drawJointAbove(shape), section: drawSection(shape) };
}
