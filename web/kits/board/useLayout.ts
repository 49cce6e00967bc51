import { useCallback, useState } from 'react';
import type { Board } from '#core/board/board';
import { apply, type Edit } from '#core/board/edit';
import { begin, commit, redo, undo } from '#core/history';

/** A layout under the hand: every edit can be undone and done again. */
export function useLayout(from: Board) {
  const [history, setHistory] = useState(() => begin(from));
  const edit = useCallback(
    (...edits: readonly Edit[]) => setHistory((now) => commit(now, edits.reduce(apply, now.now))),
    [],
  );
  return {
    board: history.now,
    edit,
    undo: useCallback(() => setHistory(undo), []),
    redo: useCallback(() => setHistory(redo), []),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    changed: history.now !== from,
  };
}
