import { describe, expect, it } from 'vitest';
import { guessMapping } from './guessMapping.ts';
import { readPartsList } from './readPartsList.ts';
import { readTable } from './readTable.ts';

const partOf = (words: string, value = '') => {
  const table = readTable(`Ref;Qty;Part;Value\nX7;1;${words};${value}\n`);
  if (!table.ok) throw new Error(table.problem.says);
  const [line] = readPartsList(table.value, guessMapping(table.value)).lines;
  if (!line) throw new Error(`nothing is read of “${words}”`);
  return { ...line.part, confidence: line.confidence };
};

// As lists write it (common practice): what hangs on wires is what stands before them.
describe('a line of something on wires', () => {
  it('an LED has its own colour, and its wires theirs', () => {
    expect(partOf('blue LED on wires (red + black, 25 cm)')).toMatchObject({
      value: { kind: 'colour', colour: 'blue' },
      mounting: { kind: 'on-wires', mm: 250, colours: ['red', 'black'] },
    });
  });

  it('is not taken for a wire where it is no part that is known', () => {
    expect(partOf('solar cell with wires 10 cm').family).not.toBe('wire');
    expect(partOf('solar cell with wires 10 cm').confidence).not.toBe('sure');
  });

  it.each([
    ['support de piles avec fils', 'battery-holder', {}],
    ['battery holder 3xAAA, with 15cm cable red black', 'battery-holder', { mm: 150 }],
    ['reed switch, leads soldered to two 20 cm wires', 'reed-switch', { mm: 200 }],
    ['thermistor on a cable, 1 m', 'thermistor', { mm: 1000 }],
    ['speaker 8 ohm on 30 cm wires', 'speaker', { mm: 300 }],
    ['LiPo cell 3.7V 500mAh with wires, red/black 8 cm', 'lithium-cell', { mm: 80 }],
    ['batería 9V con cables', 'block-9v', {}],
    ['coin cell CR2032 with wires', 'coin-cell', {}],
    ['AA cell with leads', 'round-cell', {}],
    ['Mignonzelle AA mit angelöteten Anschlüssen', 'round-cell', {}],
  ])('%s', (words, family, mounting) => {
    expect(partOf(words)).toMatchObject({ family, mounting: { kind: 'on-wires', ...mounting } });
  });

  it('what comes on wires of its own, and wires by themselves, are as they were', () => {
    expect(partOf('DC motor with leads').mounting).toBeUndefined();
    expect(partOf('LiPo 3.7 V with JST lead').mounting).toBeUndefined();
    expect(partOf('resistor with wire leads', '100').mounting).toBeUndefined();
    expect(partOf('hook-up wire 12 cm red').family).toBe('wire');
  });
});
