import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readWords } from './readWords.ts';

describe('a drawer, written as on a list', () => {
  it.each([
    ['4k7 5%', { family: 'resistor-axial', value: { amount: 4700, tolerancePercent: 5 } }],
    ['LED red 5mm', { family: 'led-5mm', value: { colour: 'red' } }],
    ['Elko 220u 25V', { family: 'capacitor-electrolytic', value: { ratedVolt: 25 } }],
    ['IC socket 8', { family: 'socket-dip', pins: 8 }],
    ['2N3904', { family: 'transistor-to92', value: { print: '2N3904' } }],
  ])('%s', (text, part) => {
    expect(readWords(text)?.part).toMatchObject({ ...part, designators: [], quantity: 1 });
  });

  it('says how sure it is', () => {
    expect(readWords('4k7 5%')?.confidence).toBe('sure');
    expect(readWords('100n')?.confidence).toBe('unsure');
  });

  it('nothing comes of nothing, and nothing crashes it', () => {
    expect(readWords('')).toBeUndefined();
    expect(readWords('   ')).toBeUndefined();
    expect(readWords('qwxyzqwx')).toBeUndefined();
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const read = readWords(text);
        if (read) expect(read.part.family).not.toBe('');
      }),
    );
  });
});
