import { describe, expect, it } from 'vitest';
import { FairTurns } from './fairTurns.ts';

/** Turns by a clock that moves by what each one takes. */
function byClock() {
  let now = 0;
  const turns = new FairTurns(() => now);
  const had: string[] = [];
  const asking = (name: string, milliseconds: number) => {
    const inTurn = turns.share();
    return async (count: number) => {
      for (let turn = 0; turn < count; turn += 1) {
        await inTurn(async () => {
          await Promise.resolve();
          now += milliseconds;
          had.push(name);
        });
      }
    };
  };
  return { asking, had };
}

describe('turns by the time that each has had', () => {
  it('who needs little each time has as much of the time as who needs much', async () => {
    const { asking, had } = byClock();
    await Promise.all([asking('long', 1000)(10), asking('short', 10)(150)]);
    // A hundred short turns for each long one, as long as both ask.
    const first = had.indexOf('long', had.indexOf('long') + 1);
    expect(had.slice(0, first).filter((name) => name === 'short')).toHaveLength(100);
    expect(had.lastIndexOf('short')).toBeLessThan(had.length - 7);
    expect(had).toHaveLength(160);
  });

  it('who comes later waits for one turn at most, and has no claim on what was before', async () => {
    const { asking, had } = byClock();
    const long = asking('long', 1000);
    await long(20);
    await Promise.all([long(3), asking('late', 500)(6)]);
    // Two for one, and not twenty seconds at once.
    expect(had.slice(20, 26).join(' ')).toBe('late late long late late long');
  });

  it('one at a time, and the next one also after one that failed', async () => {
    const turns = new FairTurns();
    const inTurn = turns.share();
    let atWork = 0;
    const most: number[] = [];
    const tries = await Promise.allSettled(
      Array.from({ length: 6 }, (_, index) =>
        (index % 2 === 0 ? inTurn : turns.share())(async () => {
          atWork += 1;
          most.push(atWork);
          await Promise.resolve();
          atWork -= 1;
          if (index === 2) throw new Error('no');
          return index;
        }),
      ),
    );
    expect(Math.max(...most)).toBe(1);
    expect(tries.map(({ status }) => status)).toEqual([
      'fulfilled',
      'fulfilled',
      'rejected',
      'fulfilled',
      'fulfilled',
      'fulfilled',
    ]);
  });
});
