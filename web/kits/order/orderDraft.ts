import { useMemo, useState } from 'react';
import type { Kit } from '#contract/kits';
import { begin, commit, type History, redo, undo } from '#core/history';
import { planKit } from '#core/order/planKit';
import type { OrderSettings } from '#core/order/settings';

const keyOf = ({ revisionId }: Kit) => `order ${revisionId}`;

/** What was changed and not saved yet outlives a reload, and a look at another page. */
function startOf(kit: Kit): History<OrderSettings> {
  const stored = sessionStorage.getItem(keyOf(kit));
  const saved = begin(kit.order);
  return stored === null ? saved : commit(saved, JSON.parse(stored) as OrderSettings);
}

export const forgetDraft = (kit: Kit): void => sessionStorage.removeItem(keyOf(kit));

/** The order under the hand: every change is planned at once, and can be undone and done again. */
export function useOrderDraft(kit: Kit) {
  const [history, setHistory] = useState(() => startOf(kit));
  const settings = history.now;
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
  const step = (to: (now: History<OrderSettings>) => History<OrderSettings>) =>
    setHistory((now) => {
      const next = to(now);
      if (next.now === kit.order) forgetDraft(kit);
      else sessionStorage.setItem(keyOf(kit), JSON.stringify(next.now));
      return next;
    });
  return {
    settings,
    plan,
    change: (more: Partial<OrderSettings>) => step((now) => commit(now, { ...now.now, ...more })),
    undo: () => step(undo),
    redo: () => step(redo),
    discard: () => step(() => begin(kit.order)),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    changed: settings !== kit.order,
  };
}

export type OrderDraft = ReturnType<typeof useOrderDraft>;
