import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cleared,
  draftRoom,
  mostColumns,
  moved,
  type RoomPlan,
  roomWith,
  rowsOf,
  withColumns,
  withRow,
  withThing,
} from './roomPlan.ts';

const seatsIn = ({ cells }: RoomPlan) =>
  cells.flatMap((cell) => (cell?.kind === 'seat' ? [cell.seat] : []));
const thingsIn = ({ cells }: RoomPlan) =>
  cells.flatMap((cell) => (cell?.kind === 'thing' ? [cell.thing] : []));

describe('the first draft of a room', () => {
  it('has tables of two with an aisle between them, and the front free', () => {
    const rows = rowsOf(draftRoom(['a', 'b', 'c', 'd', 'e']));
    const of = (name: string) => ({ kind: 'seat', seat: name });
    expect(rows).toEqual([
      [null, null, null, null, null],
      [of('a'), of('b'), null, of('c'), of('d')],
      [of('e'), null, null, null, null],
    ]);
  });
});

describe('a room that is changed', () => {
  const start = withThing(draftRoom(['a', 'b', 'c']), 'fume hood');

  it('keeps things where they are when a seat goes and another comes', () => {
    const now = roomWith(start, ['a', 'c', 'new']);
    expect(seatsIn(now).sort()).toEqual(['a', 'c', 'new']);
    expect(now.cells.indexOf(start.cells[0] ?? null)).toBe(0);
    expect(thingsIn(now)).toEqual(['fume hood']);
  });

  it('swaps what stands at two places', () => {
    const [a, b] = [5, 9];
    const now = moved(start, a, b);
    expect([now.cells[a], now.cells[b]]).toEqual([start.cells[b], start.cells[a]]);
    expect(moved(start, a, 999)).toBe(start);
  });

  it('lets a thing go', () => {
    expect(thingsIn(cleared(start, 0))).toEqual([]);
  });
});

// Nothing in the room is lost or doubled, whatever is done to it.
const deed = fc.oneof(
  fc.record({ from: fc.nat(60), to: fc.nat(60) }).map(
    ({ from, to }) =>
      (plan: RoomPlan) =>
        moved(plan, from, to),
  ),
  fc
    .integer({ min: 2, max: mostColumns })
    .map((columns) => (plan: RoomPlan) => withColumns(plan, columns)),
  fc.constant(withRow),
);

it('never loses or doubles a seat or a thing', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 60 }),
      fc.array(deed, { maxLength: 12 }),
      (count, deeds) => {
        const seats = Array.from({ length: count }, (_, index) => `seat ${index}`);
        const start = withThing(draftRoom(seats), 'sink');
        const end = deeds.reduce((plan, change) => change(plan), start);
        expect(seatsIn(end).sort()).toEqual([...seats].sort());
        expect(thingsIn(end)).toEqual(['sink']);
        expect(end.cells.length % end.columns).toBe(0);
        expect(seatsIn(roomWith(end, seats.slice(1))).sort()).toEqual(seats.slice(1).sort());
      },
    ),
  );
});
