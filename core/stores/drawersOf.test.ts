import { describe, expect, it } from 'vitest';
import { readWords } from '../partslist/readWords.ts';
import { drawersOf } from './drawersOf.ts';
import { stockPartOf } from './stockPart.ts';

const part = (text: string) => {
  const read = readWords(text);
  if (!read) throw new Error(text);
  return read.part;
};
const drawer = (text: string, level: number) => ({ part: stockPartOf(part(text)), level });

describe('the drawers of a kit', () => {
  it('are those that serve, the fullest first, and none where none does', () => {
    const drawers = [
      drawer('resistor 470', 5),
      drawer('resistor 470', 80),
      // Six volts bear no sixteen (common practice: a higher rating serves, a lower one never).
      drawer('elko 10u 6V', 30),
      drawer('LED red 5 mm', 12),
    ];
    const found = drawersOf(
      [part('resistor 470'), part('elko 10u 16V'), part('LED red 5 mm'), part('LED blue 5 mm')],
      drawers,
    );
    expect(found.map((one) => one.drawer?.level)).toEqual([80, undefined, 12, undefined]);
  });
});
