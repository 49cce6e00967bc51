import { type JointClassId, jointClasses, jointClassOf } from '../../../joint/classes.ts';
import { type RemedyId, remedyIds } from '../../../joint/remedies.ts';
import { shuffled } from '../../../random.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';
import { type SeenJoint, seenJoint } from './pictures.ts';
import { classesOfMistake, skillOfJoint } from './whatJoint.ts';

export interface RemedyTask extends SeenJoint {
  readonly choices: readonly RemedyId[];
}

const choiceCount = 4;

/** A joint, and what is done about it. */
export const remedy: ExerciseKind<RemedyTask, RemedyId> = {
  id: 'remedy',
  skill: skillOfJoint,
  seconds: 20,
  guess: 0.25,
  items: () => jointClasses.map(({ id }) => id),
  make: (item, random) => {
    const joint = item as JointClassId;
    const { remedy: fitting } = jointClassOf(joint);
    const others = shuffled(
      random,
      remedyIds.filter((id) => id !== fitting && id !== 'leave'),
    );
    const choices: RemedyId[] = [
      fitting,
      ...(fitting === 'leave' ? [] : ['leave' as const]),
      ...others,
    ];
    return {
      ...seenJoint(joint, random),
      choices: shuffled(random, choices.slice(0, choiceCount)),
    };
  },
  answer: ({ joint }) => jointClassOf(joint).remedy,
  judge: ({ joint }, answer) => judged(answer === jointClassOf(joint).remedy),
  ask: () => said('drill.joints.remedy.ask'),
  describe: ({ joint }) => [said(`joint.${joint}.looks`)],
  explain: ({ joint }) => [
    said('drill.joints.is', {
      name: said(`joint.${joint}.name`),
      looks: said(`joint.${joint}.looks`),
    }),
    said(`joint.${joint}.cause`),
    said('drill.joints.remedy.so', { remedy: said(`jointRemedy.${jointClassOf(joint).remedy}`) }),
  ],
  tell: (_task, answer) => said(`jointRemedy.${answer}`),
  name: (item) => said('drill.joints.remedy.item', { name: said(`joint.${item}.name`) }),
  raisedBy: ({ mistake }) => classesOfMistake[mistake] ?? [],
};
