import { useEffect } from 'react';
import { create } from 'zustand';
import { useLatest } from './useLatest.ts';

export interface Shortcut {
  /** A single key as the keyboard reports it, such as `m` or `?`. */
  readonly key: string;
  readonly does: string;
  readonly run: () => void;
}

interface ShortcutsState {
  /** Of all mounted parts of the page, in the order they came. */
  readonly groups: ReadonlyMap<symbol, readonly Shortcut[]>;
}

const useStore = create<ShortcutsState>(() => ({ groups: new Map() }));

const listOf = ({ groups }: ShortcutsState): readonly Shortcut[] => [...groups.values()].flat();

/** The shortcuts of the page as it stands. */
export const useShortcutList = (): readonly Shortcut[] => listOf(useStore());

/** The same at this moment, for who does not draw it. */
export const shortcutsNow = (): readonly Shortcut[] => listOf(useStore.getState());

/** Makes keys do something as long as the component is on the page; they rest while something is typed. */
export function useShortcuts(shortcuts: readonly Shortcut[]): void {
  const latest = useLatest(shortcuts);
  const keys = shortcuts.map(({ key, does }) => key + does).join('|');

  // biome-ignore lint/correctness/useExhaustiveDependencies: `keys` stands for the list; what they run is read when pressed
  useEffect(() => {
    const group = Symbol();
    useStore.setState(({ groups }) => ({ groups: new Map(groups).set(group, latest.current) }));
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const shortcut = latest.current.find(({ key }) => key === event.key);
      if (!shortcut) return;
      event.preventDefault();
      shortcut.run();
    };
    addEventListener('keydown', press);
    return () => {
      removeEventListener('keydown', press);
      useStore.setState(({ groups }) => {
        const rest = new Map(groups);
        rest.delete(group);
        return { groups: rest };
      });
    };
  }, [keys]);
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
