import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jointClasses } from '../../../joint/classes.ts';
import { seeded } from '../../../random.ts';
import { anySeed } from '../../testing/seeds.ts';
import { noKit } from '../drill.ts';
import { findBridge, gapLooks, gaps } from './findBridge.ts';
import { remedy } from './remedy.ts';
import { whatJoint } from './whatJoint.ts';

describe('joints', () => {
  it('offers the right name and remedy once, and a good one among the bad', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...jointClasses), (seed, { id, on, remedy: wanted }) => {
        const named = whatJoint.make(id, seeded(seed), noKit);
        expect(named.choices.filter((one) => one === id)).toHaveLength(1);
        expect(named.choices).toContain(on === 'chip' ? 'chip-good' : 'good');
        const mended = remedy.make(id, seeded(seed), noKit);
        expect(mended.choices.filter((one) => one === wanted)).toHaveLength(1);
      }),
    );
  });

  // Common practice (domain of joints): braid for too much, flux and heat for what is not wetted, a wire for a lost pad.
  it.each([
    ['good', 'leave'],
    ['too-much', 'braid'],
    ['disturbed', 'reheat-flux'],
    ['pad-not-wetted', 'reheat-flux'],
    ['bridge', 'drag-bridge'],
    ['lifted-pad', 'wire-repair'],
  ])('%s: %s', (id, wanted) => {
    expect(jointClasses.find((one) => one.id === id)?.remedy).toBe(wanted);
  });

  it('describes a joint without its name', () => {
    for (const { words } of jointClasses)
      if (words.name !== 'Good')
        expect(words.looks.toLowerCase()).not.toContain(words.name.toLowerCase());
  });

  it('has one bridge at most among thirty joints, and each gap tells how it looks', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        const task = findBridge.make('thirty', seeded(seed), noKit);
        const shut = gaps.filter((gap) => gapLooks(task, gap) === 'shut');
        expect(shut).toEqual(task.bridge ? [task.bridge] : []);
      }),
    );
    // Five rows of six: 5 × 5 gaps across and 4 × 6 down.
    expect(gaps).toHaveLength(49);
  });
});
