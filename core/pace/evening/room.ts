/** What the people of a room share. */
export const sharedThings = ['iron', 'meter', 'desoldering', 'helper'] as const;
export type Shared = (typeof sharedThings)[number];

/** How many of each there are. */
export type Capacity = Readonly<Record<Shared, number>>;

/** Something that takes time at a seat, and what it takes. */
export interface Activity {
  readonly needs: Shared | null;
  readonly minutes: number;
}

export interface Job {
  /** Minutes from the start of the evening. */
  readonly startsAt: number;
  /** One after the other. */
  readonly activities: readonly Activity[];
}

export interface JobResult {
  readonly finishedAt: number;
  /** When each activity was over. */
  readonly over: readonly number[];
  /** Minutes that were waited for each shared thing. */
  readonly waited: Capacity;
}

/**
 * Everybody at work at once: an activity that needs a shared thing waits until one is free, first come first served.
 *
 * A discrete-event simulation: the clock goes from one end of an activity to the next.
 */
export function runRoom(jobs: readonly Job[], capacity: Capacity): JobResult[] {
  const free: Record<Shared, number> = { ...capacity };
  const queues: Record<Shared, { job: number; since: number }[]> = {
    iron: [],
    meter: [],
    desoldering: [],
    helper: [],
  };
  const heads: Record<Shared, number> = { iron: 0, meter: 0, desoldering: 0, helper: 0 };
  const at = jobs.map(() => 0);
  const over: number[][] = jobs.map(() => []);
  const waited = jobs.map(() => ({ iron: 0, meter: 0, desoldering: 0, helper: 0 }));
  const clock = new EventQueue();
  for (const [job, { startsAt }] of jobs.entries()) clock.add(startsAt, job);

  const begin = (job: number, now: number): void => {
    const activity = jobs[job]?.activities[at[job] ?? 0];
    if (!activity) return;
    const { needs, minutes } = activity;
    if (needs === null) clock.add(now + minutes, job);
    else if (free[needs] > 0) {
      free[needs] -= 1;
      clock.add(now + minutes, job);
    } else queues[needs].push({ job, since: now });
  };

  const begun = new Set<number>();
  for (let next = clock.take(); next; next = clock.take()) {
    const { time, job } = next;
    if (!begun.has(job)) {
      begun.add(job);
      begin(job, time);
      continue;
    }
    const activity = jobs[job]?.activities[at[job] ?? 0];
    over[job]?.push(time);
    at[job] = (at[job] ?? 0) + 1;
    if (activity?.needs) {
      const { needs } = activity;
      const waiting = queues[needs][heads[needs]];
      if (waiting) {
        heads[needs] += 1;
        const waits = waited[waiting.job];
        if (waits) waits[needs] += time - waiting.since;
        const taken = jobs[waiting.job]?.activities[at[waiting.job] ?? 0];
        clock.add(time + (taken?.minutes ?? 0), waiting.job);
      } else free[needs] += 1;
    }
    begin(job, time);
  }
  return jobs.map(({ startsAt }, job) => ({
    finishedAt: over[job]?.at(-1) ?? startsAt,
    over: over[job] ?? [],
    waited: waited[job] ?? { iron: 0, meter: 0, desoldering: 0, helper: 0 },
  }));
}

/** What happens next comes first: a binary heap by time, then by the order of coming in. */
class EventQueue {
  readonly #heap: { time: number; job: number; order: number }[] = [];
  #count = 0;

  add(time: number, job: number): void {
    const heap = this.#heap;
    const event = { time, job, order: this.#count++ };
    let place = heap.length;
    heap.push(event);
    while (place > 0) {
      const parent = (place - 1) >> 1;
      const above = heap[parent];
      if (!above || !isBefore(event, above)) break;
      heap[place] = above;
      place = parent;
    }
    heap[place] = event;
  }

  take(): { time: number; job: number } | undefined {
    const heap = this.#heap;
    const first = heap[0];
    const last = heap.pop();
    if (!first || !last || heap.length === 0) return first;
    let place = 0;
    for (;;) {
      const [left, right] = [heap[2 * place + 1], heap[2 * place + 2]];
      const child = left && right && isBefore(right, left) ? 2 * place + 2 : 2 * place + 1;
      const below = heap[child];
      if (!below || !isBefore(below, last)) break;
      heap[place] = below;
      place = child;
    }
    heap[place] = last;
    return first;
  }
}

const isBefore = (
  a: { time: number; order: number },
  b: { time: number; order: number },
): boolean => a.time < b.time || (a.time === b.time && a.order < b.order);
