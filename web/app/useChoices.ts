import { useCallback, useMemo } from 'react';
import { useLocation, useNavigation, useSearchParams } from 'react-router';
import { useLatest } from './useLatest.ts';

/**
 * What is chosen on a page, kept in its address. A choice counts at once, also while the loaders
 * that the new address sets off still run: what is typed next belongs to it.
 */
export function useChoices(): [
  URLSearchParams,
  (changes: Readonly<Record<string, string | undefined>>) => void,
] {
  const [settled, setSearch] = useSearchParams();
  const { pathname } = useLocation();
  const { location: coming } = useNavigation();
  const pending = coming?.pathname === pathname ? coming.search : undefined;
  const choices = useMemo(
    () => (pending === undefined ? settled : new URLSearchParams(pending)),
    [pending, settled],
  );
  const latest = useLatest({ choices, setSearch });
  // The same function all the time: what is drawn with it need not be drawn again.
  const choose = useCallback(
    (changes: Readonly<Record<string, string | undefined>>) => {
      const next = new URLSearchParams(latest.current.choices);
      for (const [name, value] of Object.entries(changes)) {
        if (value === undefined) next.delete(name);
        else next.set(name, value);
      }
      latest.current.setSearch(next, {
        replace: true,
        flushSync: true,
        // The hand is where it chose.
        preventScrollReset: true,
      });
    },
    [latest],
  );
  return [choices, choose];
}
