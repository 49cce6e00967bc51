import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netDifferences, netText, readNetText } from './netText.ts';

const pins = new Map([
  ['R1', ['1', '2']],
  ['R2', ['1', '2']],
  ['U1', ['1', '2', '3', '4']],
]);
const read = (text: string) => readNetText(text, (place) => pins.get(place));

describe('nets as they are typed', () => {
  it('a line each, with blanks, commas or semicolons between pins', () => {
    expect(read('VCC: R1.1, U1.4\n\nOUT : R1.2;R2.1')).toEqual({
      ok: true,
      value: [
        { name: 'VCC', pins: ['R1.1', 'U1.4'] },
        { name: 'OUT', pins: ['R1.2', 'R2.1'] },
      ],
    });
  });

  it.each([
    ['VCC R1.1', 'ui.nets.noColon', 1],
    [': R1.1', 'ui.nets.noColon', 1],
    ['A: R1.1\nA: R2.1', 'ui.nets.twice', 2],
    ['A: R9.1', 'ui.nets.noSuchPlace', 1],
    ['A: R1', 'ui.nets.noSuchPlace', 1],
    ['A: R1.1\nB: R1.3', 'ui.nets.noSuchPin', 2],
    ['A: R1.1\nB: R1.1', 'ui.nets.pinTwice', 2],
    ['A: R1.1 R1.1', 'ui.nets.pinTwice', 1],
  ])('%j is refused, naming the line', (text, says, line) => {
    expect(read(text)).toMatchObject({ ok: false, problem: { says, fill: { line } } });
  });

  it('what is written is read again', () => {
    const all = [...pins].flatMap(([place, of]) => of.map((pin) => `${place}.${pin}`));
    fc.assert(
      fc.property(fc.shuffledSubarray(all), fc.integer({ min: 1, max: 4 }), (chosen, count) => {
        const nets = Array.from({ length: count }, (_, index) => ({
          name: `n${index}`,
          pins: chosen.filter((__, at) => at % count === index),
        }));
        expect(read(netText(nets))).toEqual({ ok: true, value: nets });
      }),
      { seed: 1 },
    );
  });
});

describe('what board and list say differently', () => {
  it('nothing, where both join the same', () => {
    expect(netDifferences([['A.1', 'B.1']], [['B.1', 'A.1']])).toEqual([]);
  });

  it('a pair that only one of them joins', () => {
    expect(netDifferences([['A.1', 'B.1', 'C.1']], [['A.1', 'B.1']])).toEqual([
      { one: 'A.1', other: 'C.1', joined: 'on-board' },
    ]);
    expect(netDifferences([['A.1', 'B.1', 'C.1']], [['B.1', 'C.1']])).toEqual([
      { one: 'A.1', other: 'B.1', joined: 'on-board' },
    ]);
    expect(netDifferences([['A.1', 'B.1']], [['A.1', 'B.1', 'C.1']])).toEqual([
      { one: 'A.1', other: 'C.1', joined: 'as-said' },
    ]);
  });
});
