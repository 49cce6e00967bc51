import { type JointClassId, jointClasses, jointClassOf } from '../../../joint/classes.ts';
import { shuffled } from '../../../random.ts';
import type { MistakeId } from '../../mistakes/ids.ts';
import { bridge, dryJoint, leadMissed, liftedPad } from '../../mistakes/joints.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';
import { type SeenJoint, seenJoint } from './pictures.ts';

export interface NameTask extends SeenJoint {
  readonly choices: readonly JointClassId[];
}

/** So many names to choose from; a good joint is always among them. */
const choiceCount = 5;

/** Which mistakes of a build show that a class is not known. */
export const classesOfMistake: Readonly<Partial<Record<MistakeId, readonly JointClassId[]>>> = {
  [bridge.id]: ['bridge', 'too-much'],
  [dryJoint.id]: ['disturbed', 'pad-not-wetted', 'lead-not-wetted', 'too-little'],
  [liftedPad.id]: ['lifted-pad'],
  [leadMissed.id]: ['lead-missed'],
};

export const skillOfJoint = 'heating';

/** A joint from above and in section, to be named. */
export const whatJoint: ExerciseKind<NameTask, JointClassId> = {
  id: 'what',
  skill: skillOfJoint,
  explainsAll: true,
  seconds: 20,
  guess: 0.2,
  items: () => jointClasses.map(({ id }) => id),
  make: (item, random) => {
    const joint = item as JointClassId;
    const { on, isGood } = jointClassOf(joint);
    const good = on === 'chip' ? 'chip-good' : 'good';
    const others = shuffled(
      random,
      jointClasses.filter((one) => one.on === on && one.id !== joint && !one.isGood),
    ).map(({ id }) => id);
    const choices = [joint, ...(isGood ? [] : [good as JointClassId]), ...others];
    return {
      ...seenJoint(joint, random),
      choices: shuffled(random, choices.slice(0, choiceCount)),
    };
  },
  answer: ({ joint }) => joint,
  judge: ({ joint }, answer) => judged(answer === joint),
  ask: () => said('drill.joints.what.ask'),
  describe: ({ joint }) => [said(`joint.${joint}.looks`)],
  explain: ({ joint }, answer) => [
    said('drill.joints.is', {
      name: said(`joint.${joint}.name`),
      looks: said(`joint.${joint}.looks`),
    }),
    said(`joint.${joint}.cause`),
    ...(answer === joint
      ? []
      : [
          said('drill.joints.other', {
            name: said(`joint.${answer}.name`),
            looks: said(`joint.${answer}.looks`),
          }),
        ]),
  ],
  tell: (_task, answer) => said(`joint.${answer}.name`),
  name: (item) => said('drill.joints.what.item', { name: said(`joint.${item}.name`) }),
  raisedBy: ({ mistake }) => classesOfMistake[mistake] ?? [],
};
