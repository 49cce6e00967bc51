import { planSteps } from '#core/order/planSteps';
import { withMinutes } from '#core/pace/stepMinutes';
import type { StoredRevision } from './queries.ts';

/** The steps that a stored revision is built by, with their minutes. */
export const plannedSteps = ({
  lines,
  supplyVolt,
  errata,
}: Pick<StoredRevision, 'lines' | 'supplyVolt' | 'errata'>) =>
  withMinutes(planSteps({ parts: lines.map(({ part }) => part), supplyVolt, errata }));
