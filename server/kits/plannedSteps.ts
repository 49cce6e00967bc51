import { planSteps } from '#core/order/planSteps';
import { withMinutes } from '#core/pace/stepMinutes';
import type { StoredRevision } from './queries.ts';

/** The steps that a stored revision is built by, with their minutes. */
export const plannedSteps = ({ lines, supplyVolt }: Pick<StoredRevision, 'lines' | 'supplyVolt'>) =>
  withMinutes(planSteps({ parts: lines.map(({ part }) => part), supplyVolt }));
