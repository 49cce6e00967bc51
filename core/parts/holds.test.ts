import { describe, expect, it } from 'vitest';
import { planKit } from '../order/planKit.ts';
import { calledWords } from './families/called.ts';
import { families } from './families/index.ts';
import { holdOf } from './holds.ts';
import type { Mounting } from './mounting.ts';
import type { Part } from './part.ts';

const line = (
  family: Part['family'],
  quantity: number,
  description: string,
  designators: string[] = [],
  mounting?: Mounting,
): Part => ({
  family,
  quantity,
  description,
  designators,
  value: { kind: 'none' },
  supply: 'in-kit',
  ...(mounting ? { mounting } : {}),
});

const holder = line('battery-holder', 1, 'battery holder 2xAA', ['BT1']);
const regulator = line('regulator-to220', 1, 'L7805 TO-220', ['U1']);
const standOffs = line('stand-off', 4, 'M3x10 stand-off');

// What such lists usually mean (common practice).
describe('what a screw holds, by the rest of the list', () => {
  it.each<[string, Part, Part[], unknown]>([
    ['a holder, where nothing else could be', line('screw', 2, 'M3x6'), [holder], ['BT1']],
    [
      'a battery clip’s words',
      line('screw', 2, 'M2x8 for battery holder'),
      [holder, standOffs],
      ['BT1'],
    ],
    ['a place that it names', line('screw', 1, 'M3x8 for U1'), [holder, regulator], ['U1']],
    [
      'the nut of a control, in the panel',
      line('screw', 1, 'nut for RV1'),
      [line('potentiometer', 1, '10k', ['RV1'])],
      'case',
    ],
    ['the nut of a holder, on the board', line('screw', 2, 'M3 nut for BT1'), [holder], ['BT1']],
    [
      'a thread is no place',
      line('screw', 2, 'M3 x 6'),
      [holder, line('motor', 1, 'motor', ['M3'])],
      ['BT1'],
    ],
    [
      'a holder on wires lies in the case, which is what they close',
      line('screw', 4, 'tornillos autorroscantes'),
      [{ ...holder, mounting: { kind: 'on-wires' } }, line('case-part', 1, 'caja con tapa')],
      'case',
    ],
    [
      'a holder on wires without a case is nobody’s guess',
      line('screw', 2, 'M3 nut'),
      [{ ...holder, mounting: { kind: 'on-wires' } }],
      undefined,
    ],
    [
      'a place without a number',
      line('screw', 2, 'M3x8 for BAT'),
      [{ ...holder, designators: ['BAT'] }, regulator],
      ['BAT'],
    ],
    ['as many as the stand-offs', line('screw', 4, 'M3x6'), [holder, standOffs], 'board'],
    ['twice as many', line('screw', 8, 'M3x6'), [holder, standOffs], 'board'],
    [
      'two beside four that are the feet’s',
      line('screw', 2, 'M2x6'),
      [holder, standOffs, line('screw', 4, 'M3x6')],
      ['BT1'],
    ],
    [
      'the tab that has a heat sink',
      line('screw', 1, 'M3x8'),
      [regulator, line('heat-sink', 1, 'heat sink')],
      ['U1'],
    ],
    ['the case, by its words', line('screw', 4, 'Schraube für Gehäuse'), [holder], 'case'],
    ['feet hold the board', line('rubber-foot', 4, 'rubber feet'), [], 'board'],
    ['nothing that is known', line('screw', 2, 'M3x6'), [regulator], undefined],
    ['a tie that nobody tells of', line('cable-tie', 2, 'cable tie'), [holder], undefined],
    [
      'tape for a battery holder',
      line('adhesive', 1, 'tape for battery holder'),
      [holder],
      ['BT1'],
    ],
  ])('%s', (_, part, others, what) => {
    expect(holdOf(part, [part, ...others])).toEqual(
      what === undefined ? undefined : { what, isGuess: true },
    );
  });

  it('what somebody said is no guess', () => {
    const said = line('screw', 4, 'M3x6', [], { kind: 'holds', what: ['U1'] });
    expect(holdOf(said, [said, standOffs, regulator])).toEqual({ what: ['U1'], isGuess: false });
  });

  it('other parts hold nothing', () => {
    expect(holdOf(holder, [holder])).toBeUndefined();
  });
});

describe('the order follows', () => {
  const order = (...parts: Part[]) =>
    planKit({ parts, supplyVolt: 5 }).steps.map((step) =>
      step.kind === 'check' ? step.check : `${step.kind} ${step.parts[0]?.family}`,
    );
  const at = (steps: string[], name: string) => {
    expect(steps).toContain(name);
    return steps.indexOf(name);
  };

  it('screws of a part come before its solder, feet and case after all', () => {
    const steps = order(
      line('case-part', 1, 'enclosure'),
      line('screw', 2, 'M2x6 for BT1'),
      line('screw', 4, 'M3x6'),
      standOffs,
      holder,
      line('resistor-axial', 3, '1k', ['R1', 'R2', 'R3']),
    );
    const soldered = at(steps, 'solder battery-holder');
    expect(at(steps, 'fasten screw')).toBeLessThan(soldered);
    expect(at(steps, 'fasten stand-off')).toBeGreaterThan(soldered);
    expect(at(steps, 'fasten case-part')).toBeGreaterThan(at(steps, 'function'));
  });

  it('what is told moves them', () => {
    const feet = line('screw', 4, 'M3x6', [], { kind: 'holds', what: ['BT1'] });
    const steps = order(feet, standOffs, holder);
    expect(at(steps, 'fasten screw')).toBeLessThan(at(steps, 'solder battery-holder'));
    expect(at(steps, 'fasten stand-off')).toBeGreaterThan(at(steps, 'solder battery-holder'));
  });

  it('glue waits for the solder of what it holds', () => {
    const glue = line('adhesive', 1, 'hot glue', [], { kind: 'holds', what: ['BT1'] });
    const steps = order(glue, holder, line('resistor-axial', 1, '1k', ['R1']));
    expect(at(steps, 'fasten adhesive')).toBeGreaterThan(at(steps, 'solder battery-holder'));
  });

  it('a step says what it holds', () => {
    const { steps } = planKit({ parts: [line('screw', 2, 'M3x6'), holder], supplyVolt: 5 });
    expect(steps.find(({ kind }) => kind === 'fasten')).toMatchObject({ holds: ['BT1'] });
  });

  it('whatever can be held is known by a name of its own', () => {
    const canBeHeld = families.filter(
      ({ role, body }) => role === 'holder' || body.shape === 'tab',
    );
    expect(canBeHeld.length).toBeGreaterThan(2);
    for (const family of canBeHeld) {
      const held = line(family.id, 1, 'x', ['X1']);
      const isFound = calledWords(family).some((name) => {
        const screw = line('screw', 1, `M3 for the ${name}`);
        return `${holdOf(screw, [held, screw])?.what}` === 'X1';
      });
      expect(isFound, family.id).toBe(true);
    }
  });
});
