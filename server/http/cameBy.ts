import type { IncomingMessage } from 'node:http';

/** By which door a request came: this computer's own, or the room's, plainly or encrypted. */
export type Door = 'machine' | 'room' | 'room-encrypted';

const doors = new WeakMap<IncomingMessage, Door>();

export const cameBy = (request: IncomingMessage): Door => doors.get(request) ?? 'machine';

export function markDoor(request: IncomingMessage, door: Door): void {
  doors.set(request, door);
}
