import type { JointClassId } from '../classes.ts';
import { goodShape, type JointShape } from '../shape.ts';
import { type Facts, type Fault, wettedFrom } from './facts.ts';
import type { HeatSetup, HeatState } from './model.ts';

/** How much solder there is over what a good joint has, and how far it has wetted. */
type Amount = Pick<Facts, 'solderShare' | 'padWetted' | 'leadWetted'>;

/** The joint as it is, by the solder in it and how far that has wetted. */
function shapeOf({ solderShare: share, padWetted, leadWetted }: Amount): JointShape {
  if (share === 0) return { ...goodShape, leftMm: 0, rightMm: 0, heightMm: 0, fill: 0 };
  const half = (goodShape.padMm / 2) * (0.45 + 0.55 * padWetted) * Math.min(1, 0.5 + share * 0.6);
  const over = Math.max(0, share - 1.2);
  const reach = half + Math.min(0.25, over * 0.2);
  return {
    ...goodShape,
    leftMm: reach,
    rightMm: reach,
    heightMm: Math.min(2.3, 0.35 + 0.55 * Math.sqrt(share) + 0.5 * over),
    bulge: Math.min(1, -0.6 + 0.9 * over + 1.3 * (1 - Math.min(padWetted, leadWetted))),
    wetsPad: padWetted >= wettedFrom,
    wetsLead: leadWetted >= wettedFrom,
    fill: Math.min(1, share * padWetted),
  };
}

/** The joint while it is being made. */
export const shapeNow = ({ alloy, target }: HeatSetup, state: HeatState): JointShape => ({
  ...shapeOf({
    solderShare: (state.solderGrams * 1000) / alloy.density / target.solderMm3,
    padWetted: state.padWetted,
    leadWetted: state.leadWetted,
  }),
  // While it is hot nobody can see whether it wets the lead.
  wetsLead: true,
  burnt: Math.min(1, state.padDamage),
});

/** What a try has left behind: also what the heat did, and the hand. */
export function shapeOfTry(
  facts: Facts,
  joint: JointClassId | null,
  faults: readonly Fault[],
): JointShape {
  const shape = shapeOf(facts);
  const isLifted = joint === 'lifted-pad';
  return {
    ...shape,
    leftMm: joint === 'too-little' ? shape.leftMm * 0.5 : shape.leftMm,
    heightMm: joint === 'lead-not-wetted' ? 0.4 : shape.heightMm,
    roughMm: faults.includes('moved') ? 0.14 : 0,
    spikeMm: joint === 'spike' ? 1.4 : 0,
    liftMm: isLifted ? 0.4 : 0,
    burnt: isLifted ? 0.9 : 0,
  };
}
