import { useEffect, useState } from 'react';

const tickMs = 10_000;

/**
 * The time, told every ten seconds: fine enough for what is said in minutes, and the same moment for all of a page.
 *
 * @param clock tells the time; the device's own may be wrong
 */
export function useNow(clock: () => Date): Date {
  const [now, setNow] = useState(clock);
  useEffect(() => {
    const timer = setInterval(() => setNow(clock()), tickMs);
    return () => clearInterval(timer);
  }, [clock]);
  return now;
}
