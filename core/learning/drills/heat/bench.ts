import { alloyOf } from '../../../joint/heat/alloys.ts';
import type { Fault } from '../../../joint/heat/facts.ts';
import type { HeatSetup } from '../../../joint/heat/model.ts';
import { type Outcome, outcomeOf } from '../../../joint/heat/outcome.ts';
import { goodTry } from '../../../joint/heat/ready.ts';
import type { Try } from '../../../joint/heat/run.ts';
import { targetOf } from '../../../joint/heat/targets.ts';
import { tipOf, tips } from '../../../joint/heat/tips.ts';
import { memo, memoOfObject } from '../../../memo.ts';
import { brokenPart } from '../../mistakes/damage.ts';
import type { MistakeId } from '../../mistakes/ids.ts';
import { dryJoint, liftedPad } from '../../mistakes/joints.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, right } from '../drill.ts';

/** What is to be soldered with what; the iron is the learner's choice. */
export interface HeatTask {
  readonly target: string;
  readonly alloy: string;
}

/** The iron as it was set, and what was done with it. */
export interface HeatAnswer extends Try {
  readonly tip: string;
  /** In °C. */
  readonly celsius: number;
}

/** Goals one after another, each with something new (common practice). */
export const goals: readonly (HeatTask & { readonly id: string })[] = [
  { id: 'ordinary', target: 'ordinary', alloy: 'sn60pb40' },
  { id: 'lead-free', target: 'ordinary', alloy: 'sac305' },
  { id: 'spokes', target: 'plane-spokes', alloy: 'sn60pb40' },
  { id: 'plane', target: 'plane-solid', alloy: 'sn60pb40' },
  { id: 'lug', target: 'lug', alloy: 'sn60pb40' },
  { id: 'hot-part', target: 'hot-part', alloy: 'sn60pb40' },
];

export const setupOf = (
  { target, alloy }: HeatTask,
  { tip, celsius }: Pick<HeatAnswer, 'tip' | 'celsius'>,
): HeatSetup => ({
  tip: tipOf(tip),
  celsius,
  alloy: alloyOf(alloy),
  target: targetOf(target),
});

/** What a try on the free bench is kept as: any joint in any solder. */
export const freeItem = ({ target, alloy }: HeatTask): string => `heat.bench.${target}-${alloy}`;

/** What came of an answer; worked out once. */
export function outcomeOfAnswer(task: HeatTask, answer: HeatAnswer): Outcome {
  return outcomes.of(answer, () => outcomeOf(setupOf(task, answer), answer));
}

const outcomes = memoOfObject<HeatAnswer, Outcome>('outcomes of tries');

/** Heat on a real model, to be spoiled as often as one likes. */
export const bench: ExerciseKind<HeatTask, HeatAnswer> = {
  id: 'bench',
  skill: 'heating',
  seconds: 45,
  guess: 0.05,
  explainsAll: true,
  isHandsOn: true,
  items: () => goals.map(({ id }) => id),
  make: (item) => {
    const { target, alloy } = goals.find(({ id }) => id === item) ?? {
      target: 'ordinary',
      alloy: 'sn60pb40',
    };
    return { target, alloy };
  },
  answer: goodAnswer,
  judge: (task, answer) => {
    const { joint, faults } = outcomeOfAnswer(task, answer);
    if (joint === 'good' && faults.length === 0) return right;
    return { isRight: false, credit: joint !== null && faults.length === 1 ? 0.4 : 0 };
  },
  ask: ({ target, alloy }) =>
    said('drill.heat.ask', {
      target: said(`drill.heat.target.${target}`),
      alloy: alloyOf(alloy).name,
    }),
  describe: ({ alloy }) => [
    said('drill.heat.melts', { alloy: alloyOf(alloy).name, celsius: alloyOf(alloy).liquidus }),
  ],
  explain: (task, answer) => {
    const { joint, faults, facts } = outcomeOfAnswer(task, answer);
    return [
      joint === null
        ? said('drill.heat.none')
        : said('drill.joints.is', {
            name: said(`joint.${joint}.name`),
            looks: said(`joint.${joint}.looks`),
          }),
      ...faults.slice(0, 2).map((fault) => advice(fault, task, answer, facts)),
      said('drill.heat.facts', {
        iron: facts.ironSeconds.toFixed(1),
        both: facts.bothHotSeconds.toFixed(1),
        celsius: alloyOf(task.alloy).liquidus,
        pad: Math.round(facts.highestPad),
        lead: Math.round(facts.highestLead),
      }),
    ];
  },
  tell: (task, answer) => {
    const { joint, faults } = outcomeOfAnswer(task, answer);
    if (joint === null) return said('drill.heat.none');
    return joint === 'good' && faults.includes('part-burnt')
      ? said('drill.heat.burnt')
      : said(`joint.${joint}.name`);
  },
  name: (item) => {
    if (goals.some(({ id }) => id === item)) return said(`drill.heat.goal.${item}`);
    const [, target = 'ordinary', alloy = ''] = /^(.+)-([^-]+)$/.exec(item) ?? [];
    return said('drill.heat.freeItem', {
      target: said(`drill.heat.target.${targetOf(target).id}`),
      alloy: alloyOf(alloy).name,
    });
  },
  raisedBy: ({ mistake }) => raised[mistake] ?? [],
};

/** The goals that practise what a mistake of a build came from. */
const raised: Readonly<Partial<Record<MistakeId, readonly string[]>>> = {
  [dryJoint.id]: ['ordinary', 'spokes'],
  [liftedPad.id]: ['ordinary'],
  [brokenPart.id]: ['hot-part'],
};

/** What to change next time, with this try's own figures. */
const advice = (fault: Fault, task: HeatTask, answer: HeatAnswer, facts: Outcome['facts']): Said =>
  said(`drill.heat.fault.${fault}`, {
    heated: (facts.heatedSeconds ?? 0).toFixed(1),
    needed: (facts.neededSeconds ?? 0).toFixed(1),
    pad: Math.round(facts.highestPad),
    lead: Math.round(facts.highestLead),
    body: Math.round(facts.highestBody),
    limit: targetOf(task.target).bodyLimit ?? 0,
    iron: facts.ironSeconds.toFixed(1),
    share: Math.round(100 * facts.solderShare),
    tip: tipOf(answer.tip).widthMm,
    celsius: answer.celsius,
  });

const celsiusTried = [340, 360, 380] as const;

/** The smallest tip and the coolest setting with which the joint comes out well. */
function goodAnswer(task: HeatTask): HeatAnswer {
  const key = `${task.target} ${task.alloy}`;
  return goodAnswers.of(key, () => firstGoodAnswer(task));
}

function firstGoodAnswer(task: HeatTask): HeatAnswer {
  for (const celsius of celsiusTried) {
    for (const { id: tip } of tips) {
      const setup = setupOf(task, { tip, celsius });
      const tried = goodTry(setup);
      if (!tried) continue;
      const { joint, faults } = outcomeOf(setup, tried);
      if (joint !== 'good' || faults.length > 0) continue;
      return { ...tried, tip, celsius };
    }
  }
  throw new Error(`nothing makes a good joint of ${task.target} in ${task.alloy}`);
}

const goodAnswers = memo<string, HeatAnswer>({ name: 'good answers at the heat bench', most: 60 });
