import { planKit } from '#core/order/planKit';
import { withMinutes } from '#core/pace/stepMinutes';
import type { StoredRevision } from './queries.ts';

/** The steps that a stored revision is built by, with their minutes. */
export const plannedSteps = ({
  lines,
  supplyVolt,
  errata,
  board,
  order,
}: Pick<StoredRevision, 'lines' | 'supplyVolt' | 'errata' | 'board' | 'order'>) =>
  withMinutes(
    planKit({ parts: lines.map(({ part }) => part), supplyVolt, errata, board, settings: order })
      .steps,
  );
