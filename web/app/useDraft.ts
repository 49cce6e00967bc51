import { useCallback, useEffect, useState } from 'react';
import { type StoredKind, storedText } from '#contract/storedForm';
import { begin, commit, type History, redo, undo } from '#core/history';
import { decoded } from './decoded.ts';

const prefix = 'ozzet.draft.';

/** Work that is not saved yet, with what can be undone of it. */
export interface Draft<State> {
  readonly now: State;
  readonly commit: (next: (now: State) => State) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Back to what is saved. */
  readonly discard: () => void;
  /** Once it has been saved: nothing is offered again. */
  readonly forget: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Something is not saved yet. */
  readonly changed: boolean;
  /** It was begun before this page was opened. */
  readonly wasFound: boolean;
  /** What was saved when work was begun that was found; undefined where none was. */
  readonly base: State | undefined;
  /** The work on what is saved now, in place of what it was begun with. */
  readonly rebase: (next: State) => void;
}

/**
 * Work on something that is saved as a whole. What is not saved outlives leaving, a reload and a closed window on this
 * device, and is there again when the same thing is opened.
 *
 * @param name of what is worked on; another revision of it is another thing
 * @param saved what is saved now; the same object as long as nothing else is
 * @param before the name that an earlier version of the program had for it
 */
export function useDraft<State>(
  kind: StoredKind<State>,
  name: string,
  saved: State,
  before?: string,
): Draft<State> {
  const key = prefix + name;
  const baseKey = `${key}.base`;
  const [found] = useState(() => {
    if (before !== undefined) adoptDraft(before, name);
    return foundIn(kind, key);
  });
  const [base] = useState(() => (found === undefined ? undefined : foundIn(kind, baseKey)));
  const [history, setHistory] = useState<History<State>>(() =>
    found === undefined ? begin(saved) : commit(begin(saved), found),
  );
  const { now } = history;
  useEffect(() => {
    if (now === saved) {
      forgetDraft(key);
      return;
    }
    write(key, storedText(kind, now));
    if (localStorage.getItem(baseKey) === null) write(baseKey, storedText(kind, saved));
  }, [now, saved, key, baseKey, kind]);
  return {
    now,
    commit: useCallback(
      (next: (now: State) => State) => setHistory((old) => commit(old, next(old.now))),
      [],
    ),
    undo: useCallback(() => setHistory(undo), []),
    redo: useCallback(() => setHistory(redo), []),
    discard: useCallback(() => setHistory(begin(saved)), [saved]),
    forget: useCallback(() => forgetDraft(key), [key]),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    changed: now !== saved,
    wasFound: found !== undefined,
    base,
    rebase: useCallback(
      (next: State) => {
        write(baseKey, storedText(kind, saved));
        setHistory((old) => commit(old, next));
      },
      [baseKey, kind, saved],
    ),
  };
}

/** Work that was kept under another name, in an earlier version, is under its name of today from now on. */
function adoptDraft(before: string, name: string): void {
  const text = localStorage.getItem(prefix + before);
  if (text === null) return;
  if (localStorage.getItem(prefix + name) === null) write(prefix + name, text);
  forgetDraft(prefix + before);
}

function forgetDraft(key: string): void {
  localStorage.removeItem(key);
  localStorage.removeItem(`${key}.base`);
}

function foundIn<State>(kind: StoredKind<State>, key: string): State | undefined {
  const text = localStorage.getItem(key);
  return text === null ? undefined : decoded(kind, text);
}

function write(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // The device’s store is full, as a large picture behind a board makes it: an older state would be worse than none.
    localStorage.removeItem(key);
  }
}
