import type { Kit } from '#contract/kits';
import { planKit } from '#core/order/planKit';
import type { Step } from '#core/order/step';

/** The steps of a kit as they are done: without what the instructor leaves out. */
export const plannedOnPage = ({
  lines,
  supplyVolt,
  errata,
  board,
  order,
  figures,
}: Kit): readonly Step[] =>
  planKit({
    parts: lines.map(({ part }) => part),
    supplyVolt,
    errata,
    board,
    settings: order,
    figures,
  }).steps.filter(({ own }) => own?.hidden === undefined);
