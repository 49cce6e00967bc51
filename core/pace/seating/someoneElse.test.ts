import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isSomeoneElse } from './someoneElse.ts';

describe('a name that is changed', () => {
  it.each([
    ['Marta', 'Martha', false],
    ['jon', 'John', false],
    ['Ana', 'Ana K.', false],
    ['A.', 'A. Sandberg', false],
    ['Kristofer', 'Christopher', true],
    ['Plover', 'Plovre', false],
    ['', 'Tern', false],
    ['Tern', '', true],
    ['Tern', 'Skua', true],
    ['Ian', 'Ina', true],
    ['Ole', 'Bo', true],
  ])('from “%s” to “%s”: somebody else %s', (before, after, expected) => {
    expect(isSomeoneElse(before, after)).toBe(expected);
  });

  it('in nothing but case and blanks means the same person', () => {
    fc.assert(
      fc.property(fc.string(), (name) => {
        expect(isSomeoneElse(name, `  ${name.toLowerCase()} `)).toBe(false);
      }),
    );
  });
});
