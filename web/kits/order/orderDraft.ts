import { useEffect, useMemo, useState } from 'react';
import type { Kit } from '#contract/kits';
import { storedOrder } from '#contract/storedKinds';
import { isSameOrder, mergeOrders } from '#core/order/mergeOrders';
import { planKit } from '#core/order/planKit';
import type { OrderSettings } from '#core/order/settings';
import { type Draft, useDraft } from '../../app/useDraft.ts';

/** The order under the hand: every change is planned at once, and can be undone and done again. */
export function useOrderDraft(kit: Kit) {
  // Of the kit and not of its revision: somebody else’s save may have made a new one meanwhile.
  const draft = useDraft(storedOrder, `order ${kit.id}`, kit.order, `order ${kit.revisionId}`);
  const both = useMergedIn(draft, kit.order);
  const { now: settings } = draft;
  const plan = useMemo(
    () =>
      planKit({
        parts: kit.lines.map(({ part }) => part),
        supplyVolt: kit.supplyVolt,
        errata: kit.errata,
        board: kit.board,
        settings,
        figures: kit.figures,
      }),
    [kit, settings],
  );
  return {
    ...draft,
    both,
    settings,
    plan,
    change: (more: Partial<OrderSettings>) => draft.commit((now) => ({ ...now, ...more })),
  };
}

/**
 * Puts what somebody else has saved since the work was begun into the work.
 *
 * @returns what both have changed; undefined where nobody else has saved anything
 */
function useMergedIn(
  { base, now, rebase }: Draft<OrderSettings>,
  saved: OrderSettings,
): readonly string[] | undefined {
  const [merged] = useState(() =>
    base && !isSameOrder(base, saved) ? mergeOrders(base, now, saved) : undefined,
  );
  useEffect(() => {
    if (merged) rebase(merged.order);
  }, [merged, rebase]);
  return merged?.both;
}

export type OrderDraft = ReturnType<typeof useOrderDraft>;
