import { describe, expect, it } from 'vitest';
import { doesOf } from './chipDoes.ts';
import { typeByNumber } from './findType.ts';
import { partTypes } from './index.ts';

const chips = new Set(['logic', 'op-amp', 'comparator', 'timer', 'audio', 'driver', 'converter']);

describe('what chips are for', () => {
  it('is said of each', () => {
    expect(
      partTypes.filter((type) => chips.has(type.kind) && !doesOf(type)).map(({ number }) => number),
    ).toEqual([]);
  });

  // Data sheets, from memory.
  it.each([
    ['74HC595', 'shift register with latch'],
    ['4017', 'decade counter'],
    ['LM358', 'dual op-amp'],
    ['ATTINY85', 'programmed chip'],
    ['PC817', 'transistor'],
    ['MN3207', 'delay line'],
  ])('%s: %s', (number, does) => {
    const found = typeByNumber(number);
    expect(found && doesOf(found.type)).toBe(does);
  });
});
