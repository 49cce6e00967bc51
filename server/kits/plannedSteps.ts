import { planKit } from '#core/order/planKit';
import { type PlannedStep, withMinutes } from '#core/pace/stepMinutes';
import type { StoredRevision } from './queries.ts';

type Planned = Pick<StoredRevision, 'lines' | 'supplyVolt' | 'errata' | 'board' | 'order'>;

/** Plans made lately, by what they were made of. */
const known = new Map<string, readonly PlannedStep[]>();
const mostKnown = 100;

/** The steps that a stored revision is built by, with their minutes; planned once as long as nothing changes. */
export function plannedSteps({
  lines,
  supplyVolt,
  errata,
  board,
  order,
}: Planned): readonly PlannedStep[] {
  const kit = {
    parts: lines.map(({ part }) => part),
    supplyVolt,
    errata,
    board: board && withoutPicture(board),
    settings: order,
  };
  const key = JSON.stringify(kit);
  const steps = known.get(key) ?? withMinutes(planKit(kit).steps);
  // The one asked for last stands last, and the first goes when there are too many.
  known.delete(key);
  known.set(key, steps);
  for (const oldest of known.keys()) {
    if (known.size <= mostKnown) break;
    known.delete(oldest);
  }
  return steps;
}

/** The picture behind the parts may be megabytes, and decides nothing. */
function withoutPicture({ backdrop: _, ...board }: NonNullable<Planned['board']>) {
  return board;
}
