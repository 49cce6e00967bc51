import { describe, expect, it } from 'vitest';
import { readList } from './testing/readList.ts';

const lineOf = (text: string) => readList(`Ref,Qty,Part\n,1,"${text}"\n`).lines[0];

describe('a bare number that is no value', () => {
  it.each([
    ['potentiometer 3 pins', 'none'],
    ['resistor network 9 pin', 'none'],
    ['trimmer 10 turn', 'none'],
    ['crystal 2 pins', 'none'],
    ['Trimmer 25 Gänge', 'none'],
    ['potenciómetro 3 patillas', 'none'],
    ['potentiomètre 3 broches', 'none'],
    ['potentiometer 3 pins 470', 'amount'],
  ])('%s', (text, kind) => {
    expect(lineOf(text)?.part.value.kind).toBe(kind);
  });

  it.each([
    ['trimmer 3296', true],
    ['trimmer 5000', false],
    ['trimmer 4700', false],
    ['resistor 332', true],
  ])('%s: whether it is asked', (text, isAsked) => {
    expect(lineOf(text)?.doubts.includes('value')).toBe(isAsked);
  });
});

describe('a number in a line without a value', () => {
  // As lists write them (common practice): a print code behind a series, capacitance and voltage without a unit.
  it.each(['trimpot 3296W-103', 'electrolytic capacitor 47/16', 'resistor 10K-1/4W'])(
    '%s: may be the value, and is a doubt',
    (text) => {
      const line = lineOf(text);
      if (line?.part.value.kind === 'none') expect(line.doubts).toContain('value');
      else expect(line?.part.value).toMatchObject({ kind: 'amount' });
    },
  );

  it.each([
    'trimmer multi-turn, 25 turns',
    'ceramic capacitor 5mm pitch',
    'electrolytic capacitor 6x11',
    'electrolytic capacitor 25V',
    'resistor 1/4W 5%',
    'resistor 0805',
    'potentiometer 3 pins, 6mm shaft',
    'crystal HC-49/S',
  ])('%s: is about something else', (text) => {
    const line = lineOf(text);
    expect(line?.part.value).toEqual({ kind: 'none' });
    expect(line?.doubts).not.toContain('value');
  });
});
