import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planKit } from '#core/order/planKit';
import { usualSettings } from '#core/order/settings';
import { anyKit } from '#core/order/testing/kits';
import { withMinutes } from '#core/pace/stepMinutes';
import { fromStored, StoredProblem } from './stored.ts';
import { storedText, toStored } from './storedForm.ts';
import {
  storedIron,
  storedLotNote,
  storedMapping,
  storedOrder,
  storedPart,
  storedPlan,
} from './storedKinds.ts';

const work = {
  id: 'solder-D1',
  kind: 'solder',
  joints: 2,
  minutes: 3.5,
  reason: { kind: 'lowest', heightMm: 8.7, next: null },
};
const part = {
  designators: ['D1'],
  quantity: 1,
  value: { kind: 'colour', colour: 'red' },
  description: 'LED red',
};
const check = {
  id: 'check-look',
  kind: 'check',
  check: 'look',
  chipsOut: [],
  hasBattery: false,
  supplyVolt: 6,
  minutes: 4,
  reason: { kind: 'check' },
};
const today = {
  ...work,
  parts: [{ ...part, family: 'led-5mm', supply: 'in-kit' }],
  cautions: [],
  side: 'top',
  holding: [],
  lengths: [],
  hotJoints: 0,
};

/** A plan as each migration left it (server/db/migrations), and as a device may still keep it. */
const plans = {
  '001: an LED is an LED, and in the kit or not': [
    { ...work, parts: [{ ...part, family: 'led', inKit: true }] },
    check,
  ],
  '002: families have their names, and steps cautions': [
    { ...work, parts: [{ ...part, family: 'led-5mm', supply: 'in-kit' }], cautions: [] },
    check,
  ],
  '005: steps tell their side, holding and lengths': [
    { ...today, hotJoints: undefined },
    { ...check, blocks: [], sees: null },
  ],
  '006: steps say which joints take longer': [today, { ...check, blocks: [], sees: null }],
};

describe('a plan that was kept', () => {
  it.each(Object.entries(plans))('%s', (_, older) => {
    const stored = JSON.parse(JSON.stringify(older));
    expect(fromStored(storedPlan, stored)).toEqual([today, { ...check, blocks: [], sees: null }]);
  });

  it('that somebody did not bring is not in the kit', () => {
    const [step] = fromStored(storedPlan, [
      { ...work, parts: [{ ...part, family: 'led', inKit: false }] },
    ]);
    expect(step?.kind !== 'check' && step?.parts[0]?.supply).toBe('not-in-kit');
  });

  it('comes back word for word, whatever the kit', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const steps = withMinutes(planKit({ parts, supplyVolt: 6 }).steps);
        const back = fromStored(storedPlan, JSON.parse(storedText(storedPlan, steps)));
        expect(back).toEqual(JSON.parse(JSON.stringify(steps)));
      }),
      { numRuns: 30 },
    );
  });
});

describe('other texts that were kept', () => {
  it('an order of before calls its checks gates', () => {
    const { checks, ...rest } = usualSettings;
    expect(fromStored(storedOrder, { ...rest, gates: checks })).toEqual(usualSettings);
    expect(fromStored(storedOrder, toStored(storedOrder, usualSettings))).toEqual(usualSettings);
  });

  it('a choice of columns and a measured part of before know only in the kit or not', () => {
    expect(fromStored(storedMapping, { designators: 0, inKit: 3 })).toEqual({
      designators: 0,
      supply: 3,
    });
    expect(fromStored(storedPart, { ...part, family: 'led', inKit: true })).toMatchObject({
      family: 'led-5mm',
      supply: 'in-kit',
    });
  });

  it('carry the version of their form', () => {
    expect(
      toStored(storedIron, { tip: 'chisel-16', celsius: 340, alloy: 'sn60pb40' }),
    ).toMatchObject({ v: 1 });
    expect(toStored(storedOrder, usualSettings)).toMatchObject({ v: 2 });
    expect(toStored(storedPlan, [])).toEqual({ v: 4, list: [] });
  });
});

describe('a text that no step understands', () => {
  it.each([
    ['of a newer version', { v: 99, text: 'x' }, /newer version/],
    ['with a version that is none', { v: 'two', text: 'x' }, /newer version/],
    ['with a field that is not known', { text: 'x', colour: 'red' }, /colour/],
    ['with half of it missing', {}, /text/],
    ['that is something else', 'a flat lead', /note on a lot/],
  ])('%s is told with what it is, and never half-read', (_, stored, told) => {
    expect(() => fromStored(storedLotNote, stored)).toThrow(StoredProblem);
    expect(() => fromStored(storedLotNote, stored)).toThrow(told);
  });
});
