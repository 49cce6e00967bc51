import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '#core/testing/cases';
import { notPlain } from './plainData.ts';

const nested = (depth: number) => JSON.parse('['.repeat(depth) + ']'.repeat(depth)) as unknown;

describe('data that is fit to be looked at', () => {
  it('is whatever JSON can say', () => {
    const plain = fc
      .jsonValue({ maxDepth: 8 })
      .filter(
        (value) =>
          !/toString|valueOf|__proto__|constructor|\\u0000|hasOwn|isPrototype|property|toLocale|__define|__lookup/i.test(
            JSON.stringify(value),
          ),
      );
    fc.assert(
      fc.property(plain, (value) => {
        // JSON of fast-check may hold half a pair; whole ones only here.
        fc.pre(
          !/\p{Surrogate}/u.test(JSON.stringify(value)) &&
            !/\\ud[89a-f]/i.test(JSON.stringify(value)),
        );
        expect(notPlain(value)).toBeUndefined();
      }),
      { numRuns: cases(2000) },
    );
  });

  it.each([
    ['half an emoji', { events: [{ text: 'well \ud83d' }] }, 'events[0].text'],
    ['the other half', 'x\udc00', ''],
    ['U+0000', { name: 'a\u0000b' }, 'name'],
    ['a field named __proto__', JSON.parse('{"a":{"__proto__":1}}'), 'a'],
    ['a field named toString', { a: [{ toString: 1 }] }, 'a[0]'],
    ['depth', nested(500), ''],
    ['more values than anybody sends', Array(400_000).fill(0), ''],
    ['the same in many lists', Array(700).fill(Array(700).fill(0)), ''],
  ])('is not %s, which is told by its field', (_, value, field) => {
    expect(notPlain(value)).toMatchObject({
      field,
      says: { says: expect.stringMatching(/^refusals\.any\./) },
    });
  });

  it('has whole emoji in it', () => {
    expect(notPlain({ text: 'well done \u{1f44d}\u{1f3fd}' })).toBeUndefined();
  });

  it('is found without a stack, however deep', () => {
    expect(notPlain(nested(5000))).toBeDefined();
  });
});
