import type { BuildEvent } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';

interface OpenCall {
  readonly seatId: string;
  readonly askedAt: string;
  readonly isHurt: boolean;
}

/**
 * The seats that wait for help, in the order in which they are to be helped: who is hurt first, then who asked first.
 *
 * @param log events of any seats, in any order
 * @returns ids of seats, each once
 */
export function helpQueue(log: Iterable<BuildEvent>): readonly string[] {
  const events = eventsThatCount(log);
  const settled = new Set(
    events.flatMap((event) =>
      event.kind === 'visit' ? event.answers : event.kind === 'help-withdrawn' ? [event.asked] : [],
    ),
  );
  const calls = new Map<string, OpenCall>();
  for (const event of events) {
    if (event.kind !== 'help-asked' || settled.has(event.id)) continue;
    const before = calls.get(event.seatId);
    calls.set(event.seatId, {
      seatId: event.seatId,
      askedAt: before?.askedAt ?? event.at,
      isHurt: before?.isHurt || event.about === 'hurt',
    });
  }
  return [...calls.values()]
    .sort((a, b) => Number(b.isHurt) - Number(a.isHurt) || compare(a.askedAt, b.askedAt))
    .map(({ seatId }) => seatId);
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
