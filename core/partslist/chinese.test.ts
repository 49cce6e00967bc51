import { describe, expect, it } from 'vitest';
import { fromChinese } from './chinese.ts';
import { guessMapping } from './guessMapping.ts';
import { isClean } from './problem.ts';
import { readPartsList } from './readPartsList.ts';
import { readTable } from './readTable.ts';

// Terms as sheets of kits have them, from memory (common practice).
describe('a Chinese sheet', () => {
  it('is read like one in another language', () => {
    const table = readTable(
      [
        '序号,名称,规格型号,位号,数量',
        '1,金属膜电阻,4.7K,"R1、R2",2',
        '2,瓷片电容,104,C1,1',
        '3,电解电容,10uF/25V,C2,1',
        '4,发光二极管,红色 5mm,"D1，D2",2',
        '5,三极管,S9014,Q1,1',
        '6,集成电路,NE555,U1,1',
        '7,轻触开关,6*6*5,S1,1个',
        '8,电池盒,2节5号,BT1,1',
      ].join('\n'),
    );
    if (!table.ok) throw new Error(table.problem.says);
    const reading = readPartsList(table.value, guessMapping(table.value));
    expect(reading.lines.map(({ part }) => [part.designators.join(' '), part.family])).toEqual([
      ['R1 R2', 'resistor-axial'],
      ['C1', 'capacitor-ceramic'],
      ['C2', 'capacitor-electrolytic'],
      ['D1 D2', 'led-5mm'],
      ['Q1', 'transistor-to92'],
      ['U1', 'ic-dip'],
      ['S1', 'push-button'],
      ['BT1', 'battery-holder'],
    ]);
    expect(isClean(reading)).toBe(true);
    expect(reading.lines[0]?.part.value).toMatchObject({ amount: 4700 });
    // Word for word as the sheet has it.
    expect(reading.lines[0]?.part.description).toContain('金属膜电阻');
  });

  it('gives the longest term that fits, and leaves other words alone', () => {
    expect(fromChinese('光敏电阻 5516')).toBe('LDR 5516');
    expect(fromChinese('Widerstand 4,7k')).toBe('Widerstand 4,7k');
    expect(fromChinese('Ｒ１，１０ｋΩ')).toBe('R1,10kΩ');
  });
});
