import type { PracticeKit } from '#core/learning/drills/drill';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import type { Queryable } from '../db/database.ts';
import { faultsOfWorkshop } from '../faults/faultsOfKit.ts';
import type { PlannedBuild } from './queries.ts';

/** What a learner practises with: the kit of a workshop, with what its faults show where that is known. */
export async function practiceKitOf(
  db: Queryable,
  plan: Omit<PlannedBuild, 'kitName'>,
): Promise<PracticeKit> {
  const faults = await faultsOfWorkshop(db, plan.workshopId);
  return { ...kitOfSteps(plan, plan.board), ...(faults ? { faults } : {}) };
}
