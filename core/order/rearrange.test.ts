import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planKit } from './planKit.ts';
import { mayMerge, mergeWithNext, moveStep, partsToSplit, splitStep } from './rearrange.ts';
import { line, ohm } from './testing/kits.ts';

const start = [['R1', 'R2'], ['D1'], ['check-look']];

describe('steps under the hand', () => {
  it('are moved, merged and split; what is nowhere changes nothing', () => {
    expect(moveStep(start, 1, 0)).toEqual([['D1'], ['R1', 'R2'], ['check-look']]);
    expect(moveStep(start, 9, 0)).toBe(start);
    expect(mergeWithNext(start, 0)).toEqual([['R1', 'R2', 'D1'], ['check-look']]);
    expect(mergeWithNext(start, 2)).toBe(start);
    expect(splitStep(start, 0, [['R1'], ['R2']])).toEqual([['R1'], ['R2'], ['D1'], ['check-look']]);
    expect(splitStep(start, 0, [['R2']])).toEqual([['R2'], ['R1'], ['D1'], ['check-look']]);
    expect(splitStep(start, 9, [['R1']])).toBe(start);
  });

  it('nothing is lost and nothing doubled, whatever is done to them', () => {
    const anyDeed = fc.record({
      kind: fc.constantFrom('move', 'merge', 'split'),
      at: fc.integer({ min: -1, max: 6 }),
      to: fc.integer({ min: 0, max: 6 }),
    });
    fc.assert(
      fc.property(fc.array(anyDeed, { maxLength: 20 }), (deeds) => {
        const end = deeds.reduce<readonly (readonly string[])[]>((now, { kind, at, to }) => {
          if (kind === 'move') return moveStep(now, at, to);
          if (kind === 'merge') return mergeWithNext(now, at);
          return splitStep(
            now,
            at,
            (now[at] ?? []).map((key) => [key]),
          );
        }, start);
        expect([...end.flat()].sort()).toEqual([...start.flat()].sort());
        expect(end.every((step) => step.length > 0)).toBe(true);
      }),
    );
  });

  it('soldering is merged with soldering, never with a check', () => {
    const { steps } = planKit({
      parts: [line('resistor-axial', 'R1 R2', ohm(470)), line('led-5mm', 'D1')],
      supplyVolt: null,
    });
    const [resistors, led, look] = steps;
    if (!resistors || !led || !look) throw new Error('no steps');
    expect(mayMerge(resistors, led)).toBe(true);
    expect(mayMerge(led, look)).toBe(false);
    expect(mayMerge(look, led)).toBe(false);
    expect(mayMerge(led, undefined)).toBe(false);
    expect(partsToSplit(resistors)).toEqual([['R1'], ['R2']]);
    expect(partsToSplit(look)).toEqual([]);
  });
});
