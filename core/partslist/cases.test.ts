import { describe, expect, it } from 'vitest';
import { familyOf } from '../parts/families/index.ts';
import { valueLabel } from '../parts/label.ts';
import { packageOf } from '../parts/packages/packageOf.ts';
import type { Case } from './testing/case.ts';
import { cases } from './testing/cases.ts';
import { readList } from './testing/readList.ts';

const readOne = ({ text, place }: Case) => {
  const { lines, problems } = readList(
    `Ref,Qty,Part\n${place},${place === '' ? '1' : ''},"${text.replaceAll('"', '""')}"\n`,
  );
  return { line: lines[0], problems };
};

describe.each(Object.entries(cases))('%s', (_, group) => {
  it.each(group.map((one) => [one.text, one] as const))('“%s”', (_text, one) => {
    const { line, problems } = readOne(one);
    if (!line) throw new Error(problems.map(({ message }) => message.says).join(' '));
    const { part, doubts } = line;
    expect(part.family).toBe(one.family);
    if (one.value !== '') expect(valueLabel(part.value)).toBe(one.value);
    if (one.body !== undefined)
      expect(packageOf(familyOf(part), part)?.package.name).toBe(one.body);
    if (one.pins !== undefined) expect(part.pins).toBe(one.pins);
    if (one.volt !== undefined)
      expect(part.value.kind === 'amount' ? part.value.ratedVolt : undefined).toBe(one.volt);
    expect([...doubts].sort()).toEqual([...(one.doubts ?? [])].sort());
    // A doubt is always said.
    if (doubts.length > 0)
      expect(problems.some(({ severity }) => severity === 'warning')).toBe(true);
  });
});

// Things in a kit’s bag that are no part of the board: none of them is taken for one.
describe('what is no part', () => {
  it.each([
    'heat shrink tube',
    'solder',
    'thermal paste',
    'mounting hole',
    'USB-C socket 16 pin',
    '2 Buchsen 4 mm rot/schwarz',
    'power cord USB',
    'solar charger 5V',
  ])('“%s” is not sure to be anything', (text) => {
    const [line] = readList(`Qty,Part\n1,${text}\n`).lines;
    expect(line?.confidence).not.toBe('sure');
  });
});

// Case tables and lists name them so (common practice).
describe('what a kit is put together with', () => {
  it.each([
    ['cable tie', 'cable-tie'],
    ['Kabelbinder 100mm', 'cable-tie'],
    ['breadboard 400 points', 'board'],
    ['Steckbrett 830 Punkte', 'board'],
    ['placa de pruebas 400 puntos', 'board'],
    ['Batteriefach 2xAA', 'battery-holder'],
    ['hot glue', 'adhesive'],
    ['double-sided foam pad', 'adhesive'],
    ['rubber feet', 'rubber-foot'],
    ['patas de goma', 'rubber-foot'],
    ['spring clip for TO-220', 'fixing'],
    ['M3 washer', 'fixing'],
    ['ABS enclosure 80x50x25', 'case-part'],
    ['potentiometer knob', 'case-part'],
    ['3D printed case', 'case-part'],
  ])('%s', (text, family) => {
    const [line] = readList(`Qty,Part\n1,${text}\n`).lines;
    expect(line).toMatchObject({ confidence: 'sure', part: { family } });
  });

  it.each([
    'LED housing 5mm',
    'battery lid',
    'button cap',
    'LED clip',
    'crystal washer',
    'speaker bracket',
  ])('“%s” is not sure to be the part that it is for', (text) => {
    const [line] = readList(`Qty,Part\n1,${text}\n`).lines;
    expect(line?.confidence).not.toBe('sure');
  });
});
