import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ledgerOf, levelOf, type Move, moveKinds, refusalOf } from './ledger.ts';

const move = (kind: Move['kind'], pieces: number): Move => ({
  id: `${kind}-${pieces}`,
  at: '2026-03-05T18:30:00Z',
  kind,
  pieces,
  note: '',
});

describe('the ledger', () => {
  it('explains the level after every move', () => {
    const rows = ledgerOf([
      move('in', 100),
      move('out', 24),
      move('spoiled', 3),
      move('count', 70),
      move('in', 10),
    ]);
    expect(rows.map(({ change, level }) => [change, level])).toEqual([
      [100, 100],
      [-24, 76],
      [-3, 73],
      [-3, 70],
      [10, 80],
    ]);
    expect(levelOf([])).toBe(0);
  });

  it('the changes always add up to the level, which never falls below nothing', () => {
    const anyMove = fc.record({
      kind: fc.constantFrom(...moveKinds),
      pieces: fc.integer({ min: 0, max: 500 }),
    });
    fc.assert(
      fc.property(fc.array(anyMove, { maxLength: 60 }), (tried) => {
        // As the server books: what cannot be is refused.
        const booked: Move[] = [];
        for (const { kind, pieces } of tried) {
          if (refusalOf({ kind, pieces }, levelOf(booked)) === undefined)
            booked.push(move(kind, pieces));
        }
        const rows = ledgerOf(booked);
        expect(rows.reduce((sum, { change }) => sum + change, 0)).toBe(levelOf(booked));
        for (const { level } of rows) expect(level).toBeGreaterThanOrEqual(0);
        for (const { move: done, level } of rows) {
          if (done.kind === 'count') expect(level).toBe(done.pieces);
        }
      }),
    );
  });

  it('refuses to take out what is not there, with the way out', () => {
    expect(refusalOf({ kind: 'out', pieces: 5 }, 4)?.fill).toEqual({ level: 4, pieces: 5 });
    expect(refusalOf({ kind: 'spoiled', pieces: 4 }, 4)).toBeUndefined();
    expect(refusalOf({ kind: 'count', pieces: 9 }, 4)).toBeUndefined();
  });
});
