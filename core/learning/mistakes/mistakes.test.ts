import { describe, expect, it } from 'vitest';
import { planKit } from '../../order/planKit.ts';
import type { Step } from '../../order/step.ts';
import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import type { Part } from '../../parts/part.ts';
import { mistakes, mistakesOf } from './index.ts';

const ids = (step: Step) => mistakesOf(step).map(({ id }) => id);
const steps = (...parts: Part[]) => planKit({ parts, supplyVolt: 3 }).steps;
const stepOf = (part: Part): Step => {
  const found = steps(part).find((step) => step.kind !== 'check');
  if (!found) throw new Error('no step');
  return found;
};

describe('the mistakes that fit a step (common practice)', () => {
  it('a resistor can be the wrong one but not backwards', () => {
    const list = ids(stepOf(line('resistor-axial', 'R1', ohm(470))));
    expect(list).toEqual(
      expect.arrayContaining(['wrong-value', 'bridge', 'dry-joint', 'broken-part', 'lost-part']),
    );
    expect(list).not.toContain('backwards');
  });

  it('an electrolytic can be both', () => {
    const list = ids(stepOf(line('capacitor-electrolytic', 'C1', farad(1e-5))));
    expect(list).toEqual(expect.arrayContaining(['wrong-value', 'backwards']));
  });

  it('a switch has no value to mistake', () => {
    expect(ids(stepOf(line('switch-slide', 'S1')))).not.toContain('wrong-value');
  });

  it('a chip pushed into its socket bends pins and bridges nothing', () => {
    const all = steps(
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
    );
    const insert = all.find(({ kind }) => kind === 'insert');
    expect(insert && ids(insert)).toEqual(expect.arrayContaining(['bent-pin', 'backwards']));
    expect(insert && ids(insert)).not.toContain('bridge');
  });

  it('a check fails or comes too late, and nothing else', () => {
    const check = steps(line('led-5mm', 'D1')).find(({ kind }) => kind === 'check');
    expect(check && ids(check)).toEqual(['check-failed', 'check-skipped']);
  });

  it('the list is short for every step', () => {
    for (const step of steps(
      line('led-5mm', 'D1'),
      line('resistor-axial', 'R1', ohm(1)),
      line('screw', '', type('M3')),
    )) {
      expect(ids(step).length).toBeGreaterThan(0);
      expect(ids(step).length).toBeLessThanOrEqual(9);
    }
  });

  it('each says what to do now', () => {
    expect(new Set(mistakes.map(({ id }) => id)).size).toBe(mistakes.length);
    for (const { words } of mistakes) expect(words.whatNow).toMatch(/\.$/);
  });
});
