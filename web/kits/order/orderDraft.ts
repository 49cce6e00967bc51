import { useEffect, useMemo, useState } from 'react';
import type { Kit } from '#contract/kits';
import { storedText } from '#contract/stored';
import { storedOrder } from '#contract/storedKinds';
import { begin, commit, type History, redo, undo } from '#core/history';
import { planKit } from '#core/order/planKit';
import type { OrderSettings } from '#core/order/settings';
import { decoded } from '../../app/kept.ts';

const keyOf = ({ revisionId }: Kit) => `order ${revisionId}`;

/** What was changed and not saved yet outlives a reload, another page, and a closed lid. */
function startOf(kit: Kit): History<OrderSettings> {
  const stored = localStorage.getItem(keyOf(kit));
  const saved = begin(kit.order);
  const draft = stored === null ? undefined : decoded(storedOrder, stored);
  return draft === undefined ? saved : commit(saved, draft);
}

export const forgetDraft = (kit: Kit): void => localStorage.removeItem(keyOf(kit));

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
  useEffect(() => {
    if (settings === kit.order) forgetDraft(kit);
    else localStorage.setItem(keyOf(kit), storedText(storedOrder, settings));
  }, [settings, kit]);
  return {
    settings,
    plan,
    change: (more: Partial<OrderSettings>) =>
      setHistory((now) => commit(now, { ...now.now, ...more })),
    undo: () => setHistory(undo),
    redo: () => setHistory(redo),
    discard: () => setHistory(() => begin(kit.order)),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    changed: settings !== kit.order,
  };
}

export type OrderDraft = ReturnType<typeof useOrderDraft>;
