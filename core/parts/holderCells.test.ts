import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf } from './bodyOf.ts';
import { batteryHolder } from './families/power/battery-holder.ts';
import { holderCells } from './holderCells.ts';
import type { Part } from './part.ts';

const said = (description: string) => ({ description });
const holder = (description: string): Part => ({
  designators: ['BT1'],
  quantity: 1,
  family: 'battery-holder',
  value: { kind: 'none' },
  supply: 'in-kit',
  description,
});

describe('the cells that a holder takes', () => {
  it.each([
    ['Battery holder 4xAA', '4 x AA'],
    ['battery holder 3 x AAA with switch', '3 x AAA'],
    ['Batteriehalter für 3 Mignon', '3 x AA'],
    ['Batteriehalter 2er Micro', '2 x AAA'],
    ['portapilas 2 x AA', '2 x AA'],
    ['AA x 4 holder', '4 x AA'],
    ['Portapilas para 2 pilas AAA', '2 x AAA'],
    ['Halter für 3 Zellen AA', '3 x AA'],
    ['holder for 6 AA cells', '6 x AA'],
    ['holder 2xLR6', '2 x AA'],
    ['1x18650 holder', '1 x 18650'],
    ['Halter 2 × R20', '2 x D'],
    ['Battery holder 3xAA (4.5 V)', '3 x AA'],
  ])('%s: %s', (text, cells) => {
    const found = holderCells(said(text));
    expect(`${found?.count} x ${found?.name}`).toBe(cells);
  });

  it.each([
    'battery holder',
    'AA holder',
    'battery holder 9 V',
    'holder for 40 AA',
    'CR2032 holder',
  ])('%s: nobody says', (text) => {
    expect(holderCells(said(text))).toBeUndefined();
  });

  it('are drawn, each of them, and make its body', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom('AA', 'AAA', '18650'),
        (count, name) => {
          const part = holder(`holder ${count} x ${name}`);
          const plus = batteryHolder.draw(part).shapes.filter((one) => one.kind === 'text');
          expect(plus).toHaveLength(count);
          const { widthMm, heightMm } = bodyOf(batteryHolder, part);
          // No cell is thicker than its share of the holder, nor than the holder is high.
          const diameter = { AA: 14.5, AAA: 10.5, 18650: 18.6 }[name] ?? 0;
          expect(widthMm).toBeGreaterThan(Math.min(count, 3) * diameter);
          expect(heightMm).toBeGreaterThanOrEqual(diameter);
        },
      ),
    );
  });

  it('are two of the usual size where nobody says', () => {
    expect(bodyOf(batteryHolder, holder('battery holder'))).toMatchObject({
      lengthMm: 58,
      widthMm: 31,
    });
    expect(bodyOf(batteryHolder, holder('holder 2 x AA'))).toMatchObject({
      lengthMm: 58,
      widthMm: 31,
    });
  });
});
