import { useCallback, useState } from 'react';

/** So many rows are drawn at a time. */
const atATime = 80;

/**
 * How many of a long list are drawn: more whenever its end comes into view.
 *
 * @returns `mark` for what stands behind the last row as long as there are more
 */
export function useMoreWhenSeen(length: number): {
  readonly shown: number;
  readonly mark: (element: HTMLElement | null) => (() => void) | undefined;
} {
  const [asked, setAsked] = useState(atATime);
  const mark = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const watcher = new IntersectionObserver(
      ([seen]) => seen?.isIntersecting && setAsked((now) => now + atATime),
    );
    watcher.observe(element);
    return () => watcher.disconnect();
  }, []);
  return { shown: Math.min(asked, length), mark };
}
