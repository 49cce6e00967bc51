/** What can be undone and done again. */
export interface History<State> {
  readonly past: readonly State[];
  readonly now: State;
  readonly future: readonly State[];
}

const mostUndone = 200;

export const begin = <State>(now: State): History<State> => ({ past: [], now, future: [] });

export const commit = <State>({ past, now }: History<State>, next: State): History<State> =>
  next === now
    ? { past, now, future: [] }
    : { past: [...past, now].slice(-mostUndone), now: next, future: [] };

export function undo<State>(history: History<State>): History<State> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    now: before,
    future: [history.now, ...history.future],
  };
}

export function redo<State>(history: History<State>): History<State> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.now], now: next, future };
}
