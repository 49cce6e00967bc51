import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { cases } from '../testing/cases.ts';
import { planKit } from './planKit.ts';
import type { Step } from './step.ts';
import { anyKit, farad, line, ohm, type } from './testing/kits.ts';

const plan = (...parts: Part[]) => planKit({ parts, supplyVolt: 6 }).steps;

/** What a step is, in a word: its check, or the family of its parts. */
const short = (step: Step): string =>
  step.kind === 'check' ? step.check : (step.parts[0]?.family ?? '');
const sequence = (steps: readonly Step[]) => steps.map(short);
const reasonOf = (steps: readonly Step[], what: string) =>
  steps.find((step) => short(step) === what)?.reason;

const twinLamp = [
  line('resistor-axial', 'R1 R4', ohm(470)),
  line('resistor-axial', 'R2 R3', ohm(47_000)),
  line('capacitor-electrolytic', 'C1 C2', farad(10e-6)),
  line('transistor-to92', 'Q1 Q2', type('2N3904')),
  line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' }),
  line('switch-slide', 'S1'),
  line('terminal-block', 'J1', { kind: 'none' }, 2),
];

const fernMinder = [
  line('resistor-axial', 'R1', ohm(10_000)),
  line('diode-axial', 'D1', type('1N4001')),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('LM393'), 8),
  line('battery-holder', 'BT1'),
  line('screw', '', type('M3 x 8')),
  line('wire', 'W1 W2'),
  line('battery', '', type('AA')),
  line('board', ''),
];

describe('lowest first', () => {
  // Common practice: turned over, the lowest part lies flat on the mat.
  it('orders Twin Lamp by height, checks last', () => {
    expect(sequence(plan(...twinLamp))).toEqual([
      'resistor-axial',
      'resistor-axial',
      'switch-slide',
      'transistor-to92',
      'led-5mm',
      'terminal-block',
      'capacitor-electrolytic',
      'look',
      'supply-resistance',
      'first-power',
      'function',
    ]);
  });

  it('puts parts of one value in one step, and each value in its own', () => {
    const steps = plan(...twinLamp);
    expect(
      steps
        .slice(0, 2)
        .map((step) => step.kind !== 'check' && step.parts.flatMap((p) => p.designators)),
    ).toEqual([
      ['R1', 'R4'],
      ['R2', 'R3'],
    ]);
  });

  it('brings lines of one value together, wherever they stand in the list', () => {
    const steps = plan(
      line('resistor-axial', 'R1', ohm(470)),
      line('led-5mm', 'D1'),
      line('resistor-axial', 'R9', ohm(470)),
    );
    const [first] = steps;
    expect(first?.kind !== 'check' && first?.parts.flatMap((p) => p.designators)).toEqual([
      'R1',
      'R9',
    ]);
    expect(first?.kind !== 'check' && first?.joints).toBe(4);
  });

  it('goes by place name among equals, counting as people do', () => {
    const steps = plan(
      line('resistor-axial', 'R10', ohm(10)),
      line('resistor-axial', 'R9', ohm(9)),
      line('resistor-axial', 'R2', ohm(2)),
    );
    expect(
      steps.slice(0, 3).map((step) => step.kind !== 'check' && step.parts[0]?.designators[0]),
    ).toEqual(['R2', 'R9', 'R10']);
  });

  it('says by how much, and names the parts', () => {
    const steps = plan(...twinLamp);
    expect(steps[0]?.reason).toMatchObject({
      kind: 'lowest',
      heightMm: 2.5,
      next: { designators: ['S1'] },
    });
    expect(steps[1]?.reason).toMatchObject({
      kind: 'same-height',
      before: { designators: ['R1', 'R4'] },
    });
    expect(steps[6]?.reason).toMatchObject({ kind: 'lowest', next: null });
  });
});

describe('the hard rules (common practice)', () => {
  const steps = plan(...fernMinder);
  const order = sequence(steps);
  const comesBefore = (a: string, b: string) =>
    expect(order.indexOf(a), `${a} before ${b}`).toBeLessThan(order.indexOf(b));

  it('gives Fern Minder the order of a careful instructor', () => {
    expect(order).toEqual([
      'resistor-axial',
      'diode-axial',
      'socket-dip',
      'try-holder',
      'screw',
      'battery-holder',
      'wire',
      'look',
      'supply-resistance',
      'first-power',
      'ic-dip',
      'battery',
      'function',
    ]);
  });

  it('socket before chip, and the chip only after the supply check', () => {
    comesBefore('socket-dip', 'ic-dip');
    comesBefore('first-power', 'ic-dip');
    expect(reasonOf(steps, 'ic-dip')).toMatchObject({
      kind: 'rule',
      rule: 'chips-after-supply',
      side: 'after',
    });
  });

  it('resistance from supply to ground before the first power, after a look at the joints', () => {
    comesBefore('look', 'supply-resistance');
    comesBefore('supply-resistance', 'first-power');
  });

  it('the holder is tried, then screwed, then soldered', () => {
    comesBefore('try-holder', 'screw');
    comesBefore('screw', 'battery-holder');
    expect(reasonOf(steps, 'screw')).toMatchObject({
      rule: 'screws-before-solder',
      side: 'before',
      others: [{ designators: ['BT1'] }],
    });
  });

  it('batteries last, after all solder', () => {
    for (const step of steps) if (step.kind === 'solder') comesBefore(short(step), 'battery');
    expect(reasonOf(steps, 'battery')).toMatchObject({ rule: 'battery-last' });
  });

  it('wire links before what may lie over them', () => {
    const linked = plan(line('resistor-axial', 'R1', ohm(1)), line('wire-link', 'W1'));
    expect(sequence(linked).slice(0, 2)).toEqual(['wire-link', 'resistor-axial']);
    expect(linked[0]?.reason).toMatchObject({
      rule: 'links-first',
      others: [{ designators: ['R1'] }],
    });
  });

  it('wires that hang off the board come after what stands on it', () => {
    comesBefore('battery-holder', 'wire');
    expect(reasonOf(steps, 'wire')).toEqual({ kind: 'off-board' });
  });
});

describe('chips and sockets', () => {
  const chip = (places: string, pins = 8) => line('ic-dip', places, type('LM393'), pins);
  const kindOf = (steps: readonly Step[]) => steps.find((step) => short(step) === 'ic-dip')?.kind;

  it('a chip without a socket of its size is soldered, by height', () => {
    expect(kindOf(plan(chip('U1')))).toBe('solder');
    expect(kindOf(plan(chip('U1'), line('socket-dip', 'X1', { kind: 'none' }, 14)))).toBe('solder');
  });

  it('a chip with one is pushed in, also where the list does not say the pins', () => {
    expect(kindOf(plan(chip('U1'), line('socket-dip', 'X1', { kind: 'none' }, 8)))).toBe('insert');
    expect(kindOf(plan(chip('U1'), line('socket-dip', 'X1')))).toBe('insert');
    expect(
      kindOf(
        plan(line('ic-dip', 'U1', type('LM393')), line('socket-dip', 'X1', { kind: 'none' }, 8)),
      ),
    ).toBe('insert');
  });

  it('one socket does not hold two chips', () => {
    expect(kindOf(plan(chip('U1 U2'), line('socket-dip', 'X1', { kind: 'none' }, 8)))).toBe(
      'solder',
    );
  });

  it('the checks before them name the chips that must be out', () => {
    const steps = plan(...fernMinder);
    const check = steps.find((step) => short(step) === 'supply-resistance');
    expect(check).toMatchObject({ chipsOut: ['U1'], hasBattery: true, supplyVolt: 6 });
  });
});

describe('kits at the edge', () => {
  it('nothing to fit makes no steps', () => {
    expect(plan()).toEqual([]);
    expect(plan(line('board', ''))).toEqual([]);
  });

  it('screws alone make one step and no check of joints', () => {
    expect(sequence(plan(line('screw', '', type('M3'))))).toEqual(['screw']);
  });
});

describe('what holds the board', () => {
  const kit = [
    line('resistor-axial', 'R1', ohm(470)),
    line('battery-holder', 'BT1'),
    { ...line('screw', '', type('M3 x 6')), quantity: 4 },
  ];
  const order = (parts: typeof kit) =>
    planKit({ parts, supplyVolt: 3 }).steps.flatMap((step) =>
      step.kind === 'check' ? [] : step.parts.map(({ family }) => family),
    );

  // Screws alone hold the holder; with stand-offs in the bag they are the feet (common practice).
  it('screws come before the holder that they hold', () => {
    const families = order(kit);
    expect(families.indexOf('screw')).toBeLessThan(families.indexOf('battery-holder'));
  });

  it('stand-offs are feet: they and their screws come when all is soldered', () => {
    const feet = { ...line('stand-off', '', type('M3 x 10')), quantity: 4 };
    const families = order([...kit, feet]);
    for (const soldered of ['resistor-axial', 'battery-holder'] as const)
      for (const fastened of ['screw', 'stand-off'] as const)
        expect(families.indexOf(soldered)).toBeLessThan(families.indexOf(fastened));
  });

  it('an insulator is screwed on with its heat sink, before the part is soldered', () => {
    const families = order([
      line('regulator-to220', 'U1', type('LM317T')),
      line('heat-sink', ''),
      line('insulator', ''),
    ]);
    expect(families.at(-1)).toBe('regulator-to220');
  });
});

// Common practice: a glass fuse that is soldered in its clips melts inside, and without it nothing gets power.
describe('a fuse', () => {
  const kit = (...more: readonly Part[]) =>
    planKit({ parts: [line('resistor-axial', 'R1', ohm(470)), ...more], supplyVolt: 9 }).steps;
  const at = (steps: ReturnType<typeof kit>, family: string) =>
    steps.findIndex((step) => step.kind !== 'check' && step.parts[0]?.family === family);

  it.each([
    ['at its place', 'F1'],
    ['at another', 'FH1'],
    ['without one', ''],
  ])(
    'with its holder %s is pushed in, after the holder and before the supply is measured',
    (_, place) => {
      const steps = kit(line('fuse', 'F1', type('500 mA')), line('fuse-holder', place));
      const fuse = at(steps, 'fuse');
      expect(steps[fuse]).toMatchObject({
        kind: 'fasten',
        joints: 0,
        reason: { rule: 'fuse-before-power' },
      });
      expect(fuse).toBeGreaterThan(at(steps, 'fuse-holder'));
      expect(fuse).toBeLessThan(
        steps.findIndex((step) => step.kind === 'check' && step.check === 'supply-resistance'),
      );
    },
  );

  it('without clips is soldered by its leads', () => {
    const steps = kit(line('fuse', 'F1', type('500 mA')));
    expect(steps[at(steps, 'fuse')]).toMatchObject({ kind: 'solder', joints: 2 });
  });

  it('that resets itself is soldered, whatever clips there are', () => {
    const steps = kit(line('fuse-resettable', 'F2'), line('fuse-holder', 'F1'));
    expect(steps[at(steps, 'fuse-resettable')]).toMatchObject({ kind: 'solder' });
  });
});

describe('for any kit', () => {
  it('every part that is fitted stands in exactly one step, and every step has an id of its own', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const steps = planKit({ parts, supplyVolt: null }).steps;
        const fitted = parts
          .filter((part) => familyOf(part).role !== 'carrier')
          .flatMap((part) => part.designators);
        const placed = steps.flatMap((step) =>
          step.kind === 'check' ? [] : step.parts.flatMap((p) => p.designators),
        );
        expect([...placed].sort()).toEqual([...fitted].sort());
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
      }),
      { numRuns: cases(300, 0.2) },
    );
  });

  it('soldered board parts never go from taller to lower', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const heights = planKit({ parts, supplyVolt: null }).steps.flatMap((step) => {
          if (step.kind !== 'solder') return [];
          const family = familyOf(step.parts[0] ?? { family: 'other' });
          return family.role === 'link' || family.role === 'off-board'
            ? []
            : [Math.max(...step.parts.map((part) => bodyOf(family, part).heightMm))];
        });
        expect(heights).toEqual([...heights].sort((a, b) => a - b));
      }),
      { numRuns: cases(300, 0.2) },
    );
  });

  it('does not depend on the order of the list', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const there = planKit({ parts, supplyVolt: null }).steps;
        const back = planKit({ parts: [...parts].reverse(), supplyVolt: null }).steps;
        expect(back.map(({ kind }) => kind)).toEqual(there.map(({ kind }) => kind));
      }),
      { numRuns: cases(200, 0.2) },
    );
  });
});
