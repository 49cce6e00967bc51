import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families } from '../parts/families/index.ts';
import { valueLabel } from '../parts/label.ts';
import { readValue } from './readValue.ts';
import { recognise } from './recognise.ts';
import { asWritten } from './testing/asWritten.ts';
import { alignmentDistance, nearlyEqual } from './typingError.ts';

const outcome = ({ text, place, family, value }: (typeof asWritten)[number]) => {
  const found = recognise({ text, designators: place ? [place] : [] });
  const read = readValue(found.family, { value: '', description: text }, found.typed?.type.print);
  const right =
    found.family.id === family && (read.ok ? valueLabel(read.value.value) : '') === value;
  return { right, confidence: found.confidence, others: found.others.map(({ id }) => id) };
};

describe('lines as people write them', () => {
  it('are many, of many families', () => {
    expect(asWritten.length).toBeGreaterThanOrEqual(80);
    const met = new Set(asWritten.map(({ family }) => family));
    expect(met.size).toBeGreaterThan(45);
    for (const { family } of asWritten) expect(families.map(({ id }) => id)).toContain(family);
  });

  it('are never read wrongly and with certainty', () => {
    const wrongAndSure = asWritten.filter((line) => {
      const { right, confidence } = outcome(line);
      return !right && confidence === 'sure';
    });
    expect(wrongAndSure).toEqual([]);
  });

  it('are read right nine times out of ten', () => {
    const right = asWritten.filter((line) => outcome(line).right);
    expect(right.length / asWritten.length).toBeGreaterThan(0.9);
  });

  it.each(asWritten.map((line) => [line.text, line] as const))(
    '“%s” is right, or what it is stands among the others',
    (_, line) => {
      const { right, others, confidence } = outcome(line);
      expect(right || others.includes(line.family) || confidence === 'unknown').toBe(true);
    },
  );
});

describe('certainty', () => {
  it('falls where the place name speaks for another part', () => {
    expect(recognise({ text: 'resistor 4k7', designators: ['R1'] }).confidence).toBe('sure');
    expect(recognise({ text: 'resistor 4k7', designators: ['C3'] }).confidence).toBe('unsure');
  });

  // A word that makes another part of it leaves the nearest kind, with a doubt; the size in mm is no value in megohms.
  it.each([
    ['LED ultraviolett 5mm', 'D2', 'led-5mm'],
    ['UV LED 3mm', 'LED1', 'led-3mm'],
    ['LED pink 5MM', 'D1', 'led-5mm'],
    ['Knopf 6mm', '', 'other'],
  ])('“%s” at %s is nearest to %s, and not sure', (text, place, family) => {
    const found = recognise({ text, designators: place ? [place] : [] });
    expect(found.family.id).toBe(family);
    expect(found.confidence).not.toBe('sure');
  });

  it('a capacitor without a word can be of several kinds', () => {
    const { confidence, others } = recognise({ text: '47n', designators: ['C1'] });
    expect(confidence).toBe('unsure');
    expect(others.map(({ id }) => id)).toContain('capacitor-film');
  });

  it('nothing is claimed of nonsense', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[qwxyz]{7,12}$/), (text) => {
        expect(recognise({ text, designators: [] })).toMatchObject({ confidence: 'unknown' });
      }),
    );
  });
});

describe('typing errors', () => {
  // Worked by hand: the distances of optimal string alignment.
  it.each([
    ['resistor', 'resistor', 0],
    ['resitor', 'resistor', 1],
    ['reisstor', 'resistor', 1],
    ['capasitor', 'capacitor', 1],
    ['', 'led', 3],
    ['ca', 'abc', 3],
  ])('%s is %s but for %s', (a, b, distance) => {
    expect(alignmentDistance(a, b)).toBe(distance);
    expect(alignmentDistance(b, a)).toBe(distance);
  });

  it('short words must be right', () => {
    expect(nearlyEqual('lad', 'led')).toBe(false);
    expect(nearlyEqual('resitor', 'resistor')).toBe(true);
    expect(nearlyEqual('elektrolitische', 'elektrolytische')).toBe(true);
  });
});

// Large ones are usually electrolytic and small ones ceramic (common practice).
describe('a capacitor without a word', () => {
  it.each([
    ['47u', 'capacitor-electrolytic'],
    ['1000uF', 'capacitor-electrolytic'],
    ['10n', 'capacitor-ceramic'],
    ['22pF', 'capacitor-ceramic'],
  ])('“%s” is taken for a %s', (text, family) => {
    const found = recognise({ text, designators: ['C1'] });
    expect(found.family.id).toBe(family);
  });
});
