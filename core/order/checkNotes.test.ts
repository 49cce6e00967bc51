import { describe, expect, it } from 'vitest';
import { checkNotes } from './checkNotes.ts';
import { planKit } from './planKit.ts';
import type { CheckId, CheckStep } from './step.ts';
import { line, type } from './testing/kits.ts';

const socketed = [
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('LM393'), 8),
];
const checkOf = (check: CheckId, parts = socketed, supplyVolt: number | null = 3) => {
  const step = planKit({ parts, supplyVolt }).steps.find(
    (found): found is CheckStep => found.kind === 'check' && found.check === check,
  );
  if (!step) throw new Error(`no step ${check}`);
  return checkNotes(step);
};

describe('what a check says on this kit only (common practice)', () => {
  it('the supply is measured and first switched on without the chips', () => {
    const note = { kind: 'chips-out', chips: ['U1'] };
    expect(checkOf('supply-resistance').before).toContainEqual(note);
    expect(checkOf('first-power').before).toContainEqual(note);
    expect(checkOf('function').before).not.toContainEqual(note);
  });

  it('cells are out while measuring, and in for the first power only', () => {
    const kit = [...socketed, line('battery-holder', 'BT1')];
    expect(checkOf('supply-resistance', kit).before).toContainEqual({ kind: 'no-cells' });
    expect(checkOf('first-power', kit).after).toEqual([{ kind: 'cells-out-again' }]);
    expect(checkOf('first-power').after).toEqual([]);
  });

  it('the first power names the voltage, where the kit says one', () => {
    expect(checkOf('first-power').before).toContainEqual({ kind: 'volt', volt: 3 });
    expect(checkOf('first-power', socketed, null).before).toEqual([
      { kind: 'chips-out', chips: ['U1'] },
    ]);
  });

  it('a kit without chips and cells needs no such words', () => {
    expect(checkOf('supply-resistance', [line('led-5mm', 'D1')])).toEqual({
      before: [],
      after: [],
    });
    expect(checkOf('look')).toEqual({ before: [], after: [] });
  });
});
