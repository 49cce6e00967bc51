import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planKit } from '../order/planKit.ts';
import type { Step } from '../order/step.ts';
import { anyKit, line, ohm, type } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import { harms, harmsOf } from './harms.ts';

const kit = [
  line('resistor-axial', 'R1', ohm(470)),
  line('capacitor-electrolytic', 'C1'),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('NE555'), 8),
  line('coin-holder', 'BT1'),
  line('coin-cell', ''),
];
const { steps } = planKit({ parts: kit, supplyVolt: 3 });
const saidAt = (is: (step: Step) => boolean) =>
  new Set(steps.filter(is).flatMap((step) => harmsOf(step).map(({ id }) => id)));
const of = (place: string) => (step: Step) =>
  step.kind !== 'check' && step.parts.some(({ designators }) => designators.includes(place));

// The usual cautions (common practice): eye protection and the lead that is cut, fumes and lead in solder, reversed
// electrolytics, cells and small children, bright LEDs, no soldering under power.
describe('what can hurt at a step', () => {
  it('is said at every step, whatever the kit', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        for (const step of planKit({ parts, supplyVolt: 9 }).steps)
          expect(harmsOf(step).length, step.id).toBeGreaterThan(0);
      }),
      { numRuns: cases(100, 0.25) },
    );
  });

  it('soldering: glasses, the cut lead, the stand, fumes and lead', () => {
    for (const step of steps.filter(({ kind }) => kind === 'solder')) {
      const ids = harmsOf(step).map(({ id }) => id);
      expect(ids).toContain('iron');
      expect(ids).toContain('fumes');
    }
    const iron = harms.find(({ id }) => id === 'iron');
    expect(iron?.words.says).toMatch(/Glasses.*hair.*Hold the end of the lead.*stand.*hot/);
  });

  it('an electrolytic can burst, a resistor cannot', () => {
    expect(saidAt(of('C1'))).toContain('burst');
    expect(saidAt(of('R1'))).not.toContain('burst');
  });

  it('button cells and small children: with the holder, and when cells go in', () => {
    expect(saidAt(of('BT1'))).toContain('button-cell');
    expect(saidAt(({ kind }) => kind === 'power')).toContain('button-cell');
    expect(saidAt(of('R1'))).not.toContain('button-cell');
  });

  it('power on the board: nobody solders, nobody looks into an LED, and smoke means off', () => {
    const first = saidAt((step) => step.kind === 'check' && step.check === 'first-power');
    expect([...first]).toEqual(expect.arrayContaining(['live', 'smoke', 'bright']));
    const look = saidAt((step) => step.kind === 'check' && step.check === 'look');
    expect(look).not.toContain('smoke');
  });

  it('a chip goes in with the supply off', () => {
    expect(saidAt(of('U1'))).toContain('insert');
  });
});
