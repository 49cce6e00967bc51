/** Whole minutes between a moment of the log and now; never below 0, whatever the clocks say. */
export const minutesSince = (at: string, now: Date): number =>
  Math.max(0, Math.floor((now.getTime() - Date.parse(at)) / 60_000));
