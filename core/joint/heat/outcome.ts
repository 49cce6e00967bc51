import type { JointClassId } from '../classes.ts';
import type { JointShape } from '../shape.ts';
import { type Facts, type Fault, wettedFrom } from './facts.ts';
import { shapeOfTry } from './look.ts';
import { type HeatSetup, melts, solderLiquid } from './model.ts';
import { secondsToReady } from './ready.ts';
import { type Moment, replay, type Try } from './run.ts';

/** What a try came to. */
export interface Outcome {
  /** Null where no solder ever flowed. */
  readonly joint: JointClassId | null;
  /** Why it is so, the first thing to change first; none for a good joint. */
  readonly faults: readonly Fault[];
  readonly facts: Facts;
  readonly shape: JointShape;
}

/** Solder over what a good joint has: the bounds within which it is neither too little nor too much. */
const solderBounds = [0.55, 1.75] as const;
/** Less flux than this draws a spike when the iron leaves. */
const fluxFrom = 0.12;
const padDamageFrom = 1;

/** What the model says of a try: the class of the joint, why, and what it looks like. */
export function outcomeOf(setup: HeatSetup, tried: Try): Outcome {
  const moments = replay(setup, tried);
  const facts = factsOf(setup, moments);
  const found = faultsOf(setup, moments, facts);
  const joint = jointOf(found, facts);
  return { joint, faults: found, facts, shape: shapeOfTry(facts, joint, found) };
}

function factsOf(setup: HeatSetup, moments: readonly Moment[]): Facts {
  const { alloy, target } = setup;
  const last = moments.at(-1)?.state;
  const seconds = (where: (moment: Moment) => boolean) =>
    moments.reduce(
      (sum, moment, index) =>
        where(moment) ? sum + (moment.ms - (moments[index - 1]?.ms ?? 0)) / 1000 : sum,
      0,
    );
  const fed = moments.findIndex(({ hands }) => hands.feed !== 'none');
  const before = fed < 0 ? moments : moments.slice(0, fed);
  const highest = (of: (moment: Moment) => number) => Math.max(...moments.map(of));
  return {
    heatedSeconds:
      fed < 0
        ? null
        : before.reduce(
            (sum, { hands, ms }, index) =>
              hands.iron === 'away' ? sum : sum + (ms - (before[index - 1]?.ms ?? 0)) / 1000,
            0,
          ),
    neededSeconds: secondsToReady(setup),
    ironSeconds: seconds(({ hands }) => hands.iron !== 'away'),
    bothHotSeconds: seconds(({ state }) => Math.min(state.pad, state.lead) > alloy.liquidus),
    highestPad: highest(({ state }) => state.pad),
    highestLead: highest(({ state }) => state.lead),
    highestBody: highest(({ state }) => state.body),
    solderShare: ((last?.solderGrams ?? 0) * 1000) / alloy.density / target.solderMm3,
    padWetted: last?.padWetted ?? 0,
    leadWetted: last?.leadWetted ?? 0,
  };
}

function faultsOf(setup: HeatSetup, moments: readonly Moment[], facts: Facts): Fault[] {
  const { alloy, target } = setup;
  const last = moments.at(-1);
  if (!last) return ['never-hot'];
  const { state } = last;
  const isBad = facts.padWetted < wettedFrom || facts.leadWetted < wettedFrom;
  const used = new Set(moments.map(({ hands }) => hands.iron));
  const onIron = moments.some(({ hands }) => hands.feed === 'iron');
  const refused = moments.some(
    (moment) => moment.hands.feed !== 'none' && !melts(setup, moment.state, moment.hands.feed),
  );
  const found: (Fault | false)[] = [
    facts.neededSeconds === null && isBad && 'never-hot',
    isBad &&
      !used.has('both') &&
      used.has('pad') &&
      facts.highestLead < alloy.liquidus &&
      'only-pad',
    isBad &&
      !used.has('both') &&
      used.has('lead') &&
      facts.highestPad < alloy.liquidus &&
      'only-lead',
    isBad && onIron && 'fed-on-iron',
    isBad && refused && facts.neededSeconds !== null && 'fed-too-soon',
    isBad && !refused && !onIron && facts.neededSeconds !== null && 'too-short',
    facts.solderShare < solderBounds[0] && !(isBad && refused) && 'too-little',
    facts.solderShare > solderBounds[1] && 'too-much',
    state.solderGrams > 0 && solderLiquid(setup, state) > 0 && 'moved',
    state.padDamage >= padDamageFrom && 'pad-burnt',
    target.bodyLimit !== null && facts.highestBody > target.bodyLimit && 'part-burnt',
    state.solderGrams > 0 && state.flux < fluxFrom && 'flux-gone',
  ];
  return found.filter((fault) => fault !== false);
}

/** The class that is seen: what hides the rest first. */
function jointOf(found: readonly Fault[], facts: Facts): JointClassId | null {
  if (facts.solderShare === 0) return null;
  if (found.includes('pad-burnt')) return 'lifted-pad';
  if (facts.padWetted < wettedFrom && facts.padWetted <= facts.leadWetted) return 'pad-not-wetted';
  if (facts.leadWetted < wettedFrom) return 'lead-not-wetted';
  if (found.includes('too-much')) return 'too-much';
  if (found.includes('too-little')) return 'too-little';
  if (found.includes('moved')) return 'disturbed';
  if (found.includes('flux-gone')) return 'spike';
  return 'good';
}
