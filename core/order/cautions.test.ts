import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isHighRisk } from '../mixups/findMixUps.ts';
import type { Part } from '../parts/part.ts';
import { cases } from '../testing/cases.ts';
import { checkOf } from './checks/index.ts';
import { planKit } from './planKit.ts';
import type { Step, WorkStep } from './step.ts';
import { anyKit, line, ohm } from './testing/kits.ts';

const work = (parts: readonly Part[], errata = [] as { designators: string[]; text: string }[]) =>
  planKit({ parts, supplyVolt: null, errata }).steps.filter(
    (step): step is WorkStep => step.kind !== 'check',
  );

describe('look-alikes of high risk', () => {
  it('never stand in one step, and the second of the two carries the warning', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const steps = work(parts);
        for (const [index, { parts: here, cautions }] of steps.entries()) {
          for (const a of here) for (const b of here) expect(isHighRisk(a, b)).toBe(false);
          const earlier = steps.slice(0, index).flatMap((step) => step.parts);
          const alike = earlier.some((other) => here.some((part) => isHighRisk(part, other)));
          expect(cautions.some(({ kind }) => kind === 'mix-up')).toBe(alike);
        }
      }),
      { numRuns: cases(60, 0.5) },
    );
  });

  it('the warning shows both', () => {
    const steps = work([
      line('resistor-axial', 'R1', ohm(470)),
      line('resistor-axial', 'R2', ohm(47_000)),
    ]);
    expect(steps[0]?.cautions).toEqual([]);
    expect(steps[1]?.cautions).toMatchObject([
      { kind: 'mix-up', here: { designators: ['R2'] }, other: { designators: ['R1'] } },
    ]);
  });
});

describe('errata and lot notes', () => {
  const led: Part = {
    ...line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' }),
    lotNote: { text: 'The flat of this lot is at plus.', turned: ['flat'] },
  };

  it('stand at the steps of their parts and nowhere else', () => {
    const errata = [{ designators: ['D2', 'R9'], text: 'D2 is printed the wrong way round.' }];
    const steps = work([line('resistor-axial', 'R1', ohm(470)), led], errata);
    expect(steps[0]?.cautions).toEqual([]);
    expect(steps[1]?.cautions).toEqual([
      { kind: 'erratum', text: 'D2 is printed the wrong way round.', designators: ['D2'] },
      { kind: 'lot-note', text: 'The flat of this lot is at plus.', designators: ['D1', 'D2'] },
    ]);
  });

  it('parts of another lot are a step of their own', () => {
    const { lotNote: _, ...plain } = led;
    expect(work([led, { ...plain, designators: ['D3'], quantity: 1 }])).toHaveLength(2);
  });

  it('spares are not fitted', () => {
    expect(work([{ ...led, designators: [], supply: 'spare' }])).toEqual([]);
  });
});

describe('a heat sink', () => {
  // Common practice: screwed to its part before that part is soldered.
  it('comes before the part on whose tab it sits', () => {
    const steps = work([
      line('regulator-to220', 'U1', { kind: 'type', print: '7805' }),
      line('heat-sink', '', { kind: 'none' }),
      line('resistor-axial', 'R1', ohm(470)),
    ]);
    expect(steps.map(({ parts: [part] }) => part?.family)).toEqual([
      'resistor-axial',
      'heat-sink',
      'regulator-to220',
    ]);
  });

  // Common practice: a power LED without its heat sink is gone within seconds.
  it('without such a part in the kit is on before the first power', () => {
    const { steps } = planKit({
      parts: [
        line('led-power', 'D1', { kind: 'colour', colour: 'white' }),
        line('battery-holder', 'BT1'),
        line('heat-sink', ''),
        line('case-part', ''),
      ],
      supplyVolt: 4.2,
    });
    const at = (test: (step: Step) => boolean) => steps.findIndex(test);
    const sink = at((step) => step.kind === 'fasten' && step.parts[0]?.family === 'heat-sink');
    expect(sink).toBeGreaterThan(at((step) => step.kind === 'solder'));
    expect(sink).toBeLessThan(
      at((step) => step.kind === 'check' && checkOf(step.check).provesSupply),
    );
  });
});
