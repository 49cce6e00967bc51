import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Deed } from './event.ts';
import { foldSeat } from './foldSeat.ts';
import { anyLog, event, stepIds } from './testing/log.ts';
import { among, atEachSeat, type LoggedEvent, seatsOf } from './together.ts';

const anySeats = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { minLength: 1 });
const told: Deed = { kind: 'message', message: 'm', sort: 'stop', text: 'Irons down' };
const at = (seats: readonly string[]): LoggedEvent => ({
  ...event(3, told, 'instructor'),
  seatId: seats[0] ?? '',
  alsoAt: seats.slice(1),
});

describe('what is told to several seats as one entry', () => {
  it('makes of each seat what an entry of its own would', () => {
    fc.assert(
      fc.property(anySeats, anyLog, (seats, log) => {
        const entry = at(seats);
        const each = atEachSeat(entry);
        expect(each.map(({ seatId }) => seatId)).toEqual(seats);
        for (const own of each) {
          const alone = { ...event(3, told, 'instructor'), id: entry.id, seatId: own.seatId };
          const rest = log.map((one) => ({ ...one, seatId: own.seatId }));
          expect(foldSeat(stepIds, [...rest, own])).toEqual(foldSeat(stepIds, [...rest, alone]));
        }
      }),
    );
  });

  it('is at those of its seats that are there, once however often they are named, or nowhere', () => {
    fc.assert(
      fc.property(anySeats, fc.nat(), anySeats, (seats, doubled, present) => {
        const there = among(at([...seats, ...seats.slice(doubled % seats.length)]), present);
        expect(there ? seatsOf(there) : []).toEqual(seats.filter((id) => present.includes(id)));
      }),
    );
  });
});
