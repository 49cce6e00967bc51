import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ReadyFacts, readinessOf, readyItems } from './readiness.ts';

const ready: ReadyFacts = {
  unsureLines: 0,
  unplaced: 0,
  printed: { by: 'Ada', at: '2026-03-04T20:00:00.000Z' },
  shortParts: 0,
  bagsClosed: 8,
  seats: 8,
  toBring: 1,
  signed: 12,
  toSign: 12,
};
const open = (facts: Partial<ReadyFacts>) =>
  readinessOf({ ...ready, ...facts }, []).filter(({ isDone }) => !isDone);

describe('what is ready before an evening', () => {
  it('asks a person for what cannot be counted', () => {
    expect(open({}).map(({ item }) => item)).toEqual(['steps', 'bring', 'phones']);
  });

  it.each([
    ['list', { unsureLines: 3 }, 3],
    ['board', { unplaced: 2 }, 2],
    ['board', { unplaced: null }, 0],
    ['papers', { printed: null }, 0],
    ['parts', { shortParts: 4 }, 4],
    ['bags', { bagsClosed: 5 }, 3],
    ['checklist', { signed: 0 }, 12],
  ] as const)('has %s open with %j', (item, facts, count) => {
    expect(open(facts).find((one) => one.item === item)).toMatchObject({ open: count });
  });

  it('leaves out what nobody has to bring', () => {
    expect(readinessOf({ ...ready, toBring: 0 }, []).map(({ item }) => item)).not.toContain(
      'bring',
    );
  });

  it('says who printed, and when', () => {
    expect(readinessOf(ready, []).find(({ item }) => item === 'papers')).toMatchObject(
      ready.printed ?? {},
    );
  });

  it('takes the word of a person before every count', () => {
    const count = fc.nat(20);
    fc.assert(
      fc.property(
        fc.record({
          unsureLines: count,
          unplaced: fc.option(count),
          printed: fc.constant(null),
          shortParts: count,
          bagsClosed: fc.constant(0),
          seats: count,
          toBring: count,
          signed: fc.constant(0),
          toSign: count,
        }),
        fc.constantFrom(...readyItems),
        (facts, item) => {
          const mark = { item, by: 'Ada', at: '2026-03-04T20:00:00.000Z' };
          const before = readinessOf(facts, []);
          for (const one of readinessOf(facts, [mark])) {
            if (one.item === item) expect(one).toMatchObject({ isDone: true, by: 'Ada' });
            else expect(one).toEqual(before.find((other) => other.item === one.item));
          }
        },
      ),
    );
  });
});
