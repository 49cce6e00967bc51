import { memo } from '#core/memo';
import { planKit } from '#core/order/planKit';
import { type PlannedStep, withMinutes } from '#core/pace/stepMinutes';
import type { StoredRevision } from './queries.ts';

type Planned = Pick<
  StoredRevision,
  'lines' | 'supplyVolt' | 'errata' | 'board' | 'order' | 'figures'
>;

/** By what they were made of. */
const plans = memo<string, readonly PlannedStep[]>({ name: 'plans of kits', most: 100 });

/** The steps that a stored revision is built by, without those that are left out, with their minutes; planned once as long as nothing changes. */
export function plannedSteps({
  lines,
  supplyVolt,
  errata,
  board,
  order,
  figures,
}: Planned): readonly PlannedStep[] {
  const kit = {
    parts: lines.map(({ part }) => part),
    supplyVolt,
    errata,
    board,
    settings: order,
    figures,
  };
  return plans.of(JSON.stringify(kit), () =>
    withMinutes(planKit(kit).steps.filter(({ own }) => own?.hidden === undefined)),
  );
}
