import { byTime, type Opportunity } from '../builds.ts';
import { partsOfItem } from '../drills/exercise.ts';
import type { PracticeAnswer } from './answers.ts';

/** The opportunities of exercises, in the order of time; what was not counted is none. */
export const opportunitiesOfPractice = (answers: readonly PracticeAnswer[]): Opportunity[] =>
  answers
    .flatMap(({ item, isRight, at }): Opportunity[] => {
      const kind = partsOfItem(item)?.kind;
      if (!kind || isRight === null) return [];
      return [
        {
          skill: kind.skill,
          wasRight: isRight,
          grade: 'practised',
          in: { kind: 'exercise', item },
          at,
        },
      ];
    })
    .sort(byTime);
