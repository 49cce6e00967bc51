import { useMemo } from 'react';
import type { Kit } from '#contract/kits';
import { storedOrder } from '#contract/storedKinds';
import { planKit } from '#core/order/planKit';
import type { OrderSettings } from '#core/order/settings';
import { useDraft } from '../../app/useDraft.ts';

/** The order under the hand: every change is planned at once, and can be undone and done again. */
export function useOrderDraft(kit: Kit) {
  const draft = useDraft(storedOrder, `order ${kit.revisionId}`, kit.order);
  const { now: settings } = draft;
  const plan = useMemo(
    () =>
      planKit({
        parts: kit.lines.map(({ part }) => part),
        supplyVolt: kit.supplyVolt,
        errata: kit.errata,
        board: kit.board,
        settings,
      }),
    [kit, settings],
  );
  return {
    ...draft,
    settings,
    plan,
    change: (more: Partial<OrderSettings>) => draft.commit((now) => ({ ...now, ...more })),
  };
}

export type OrderDraft = ReturnType<typeof useOrderDraft>;
