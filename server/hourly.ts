const hourMs = 3600_000;

/** Work that goes on by itself. */
export interface Hourly {
  /** Resolves once the turn that is under way is through. */
  stop(): Promise<void>;
}

/**
 * Does something now and every hour until it is stopped.
 *
 * @param onFault is told where a turn cannot be done; the next one tries again
 */
export function hourly(work: () => Promise<void>, onFault: (error: unknown) => void): Hourly {
  let under: Promise<void> = Promise.resolve();
  const turn = () => {
    under = work().catch(onFault);
  };
  const timer = setInterval(turn, hourMs);
  timer.unref();
  turn();
  return {
    stop: () => {
      clearInterval(timer);
      return under;
    },
  };
}
