import { describe, expect, it } from 'vitest';
import { planKit } from '../planKit.ts';
import type { CheckStep } from '../step.ts';
import { line, type } from '../testing/kits.ts';
import type { CheckId } from './ids.ts';
import { checkOf } from './index.ts';

const socketed = [
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('LM393'), 8),
];
const notesOf = (check: CheckId, parts = socketed, supplyVolt: number | null = 3) => {
  const step = planKit({ parts, supplyVolt }).steps.find(
    (found): found is CheckStep => found.kind === 'check' && found.check === check,
  );
  if (!step) throw new Error(`no step ${check}`);
  return checkOf(check).notes(step);
};

describe('what a check says on this kit only (common practice)', () => {
  it('the supply is measured and first switched on without the chips', () => {
    const note = { kind: 'chips-out', chips: ['U1'] };
    expect(notesOf('supply-resistance').before).toContainEqual(note);
    expect(notesOf('first-power').before).toContainEqual(note);
    expect(notesOf('function').before).not.toContainEqual(note);
  });

  it('cells are out while measuring, and in for the first power only', () => {
    const kit = [...socketed, line('battery-holder', 'BT1')];
    expect(notesOf('supply-resistance', kit).before).toContainEqual({ kind: 'no-cells' });
    expect(notesOf('first-power', kit).after).toEqual([{ kind: 'cells-out-again' }]);
    expect(notesOf('first-power').after).toEqual([]);
  });

  it('the first power names the voltage, where the kit says one', () => {
    expect(notesOf('first-power').before).toContainEqual({ kind: 'volt', volt: 3 });
    const kinds = (supplyVolt: number | null) =>
      notesOf('first-power', [...socketed, line('battery-holder', 'BT1')], supplyVolt).before.map(
        ({ kind }) => kind,
      );
    expect(kinds(3)).toEqual(['chips-out', 'volt', 'most-milliampere']);
    expect(kinds(null)).toEqual(['chips-out', 'most-milliampere']);
  });

  it('the current of the first power is that of this kit’s parts', () => {
    const most = (parts: Parameters<typeof notesOf>[1]) =>
      notesOf('first-power', parts).before.find((note) => note.kind === 'most-milliampere');
    // An LED takes 20 mA, a motor some hundreds (common practice).
    expect(most([line('led-5mm', 'D1')])).toMatchObject({ most: 30 });
    expect(most([line('led-5mm', 'D1 D2 D3 D4')])).toMatchObject({ most: 100 });
    expect(most([line('motor', 'M1')])).toMatchObject({ most: 380 });
  });

  it('a board without a supply of its own has no power to check', () => {
    const checks = planKit({ parts: socketed, supplyVolt: null }).steps.flatMap((step) =>
      step.kind === 'check' ? [step.check] : [],
    );
    expect(checks).not.toContain('first-power');
    expect(checks).not.toContain('supply-resistance');
  });

  it('a kit without chips and cells needs no such words', () => {
    expect(notesOf('supply-resistance', [line('led-5mm', 'D1')])).toEqual({
      before: [],
      after: [],
    });
    expect(notesOf('look')).toEqual({ before: [], after: [] });
  });
});
