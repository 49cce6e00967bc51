import type { BuildEvent } from './event.ts';

/**
 * The events of a log that were not taken back, each once, in the order of their time; ties by id, so that every device
 * sorts alike. Undos themselves are left out: they have done their work.
 */
export function eventsThatCount(events: Iterable<BuildEvent>): BuildEvent[] {
  const byId = new Map<string, BuildEvent>();
  for (const event of events) byId.set(event.id, event);
  const undone = new Set([...byId.values()].flatMap((e) => (e.kind === 'undo' ? [e.undoes] : [])));
  return [...byId.values()]
    .filter((event) => event.kind !== 'undo' && !undone.has(event.id))
    .sort((a, b) => compare(a.at, b.at) || compare(a.id, b.id));
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
