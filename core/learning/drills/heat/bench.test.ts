import { describe, expect, it } from 'vitest';
import { alloys } from '../../../joint/heat/alloys.ts';
import { usualIron } from '../../../joint/heat/iron.ts';
import { coldState, type HeatState } from '../../../joint/heat/model.ts';
import { targets } from '../../../joint/heat/targets.ts';
import { inEnglish } from '../../testing/spoken.ts';
import { freeItem, bench as heatBench, setupOf } from './bench.ts';
import { statusWords } from './status.ts';

describe('the heat bench', () => {
  it('names every joint of the free bench, in any solder', () => {
    for (const target of targets)
      for (const alloy of alloys) {
        const item = freeItem({ target: target.id, alloy: alloy.id });
        const name = inEnglish(heatBench.name(item.replace('heat.bench.', '')));
        expect(name).toContain(alloy.name);
        expect(name).not.toMatch(/drill\.|undefined/);
      }
  });

  it('says what happens in words', () => {
    const setup = setupOf({ target: 'ordinary', alloy: 'sn60pb40' }, usualIron);
    const at = (more: Partial<HeatState>, iron: 'both' | 'away' = 'both') =>
      inEnglish(statusWords(setup, { ...coldState(setup), ...more }, { iron, feed: 'none' }));
    expect(at({ pad: 160, lead: 150 })).toBe('pad 160 °C, lead 150 °C: not yet');
    expect(at({ pad: 230, lead: 150 })).toBe('pad 230 °C, lead 150 °C: only one of them is hot');
    expect(at({ pad: 230, lead: 240 })).toContain('both are hot, feed');
    expect(at({ solderGrams: 0.01, solderJoules: 1 }, 'away')).toContain('hold still');
    expect(at({ solderGrams: 0.01, solderJoules: 0.1 }, 'away')).toBe('the solder is solid');
  });
});
