import { useEffect, useReducer } from 'react';

/** Draws the component again every ten seconds, for what it says about the time. */
export function useEveryTenSeconds(): void {
  const [, draw] = useReducer((count: number) => count + 1, 0);
  useEffect(() => {
    const timer = setInterval(draw, 10_000);
    return () => clearInterval(timer);
  }, []);
}
