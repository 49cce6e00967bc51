import { useCallback } from 'react';
import { storedBoard } from '#contract/storedKinds';
import type { Board } from '#core/board/board';
import { apply, type Edit } from '#core/board/edit';
import { useDraft } from '../../app/useDraft.ts';

/** A layout under the hand: every edit can be undone and done again, and nothing is lost by leaving. */
export function useLayout(revisionId: string, saved: Board) {
  const { now: board, commit, ...draft } = useDraft(storedBoard, `layout ${revisionId}`, saved);
  const edit = useCallback(
    (...edits: readonly Edit[]) => commit((now) => edits.reduce(apply, now)),
    [commit],
  );
  return { ...draft, board, edit };
}
