import { describe, expect, it } from 'vitest';
import { firstPower } from './firstPower.ts';
import { checkIds } from './ids.ts';
import { checks } from './index.ts';
import { supplyResistance } from './supplyResistance.ts';

const whole = { chipsOut: [], blocks: [] };

describe('the limits of a check', () => {
  // About half an ohm on a rail is a short, well above 10 Ω is right (common practice).
  it.each([
    [0.5, 'short'],
    [0.99, 'short'],
    [1, 'nearly-short'],
    [9.99, 'nearly-short'],
    [10, 'right'],
    [1e9, 'right'],
  ])('%s Ω from supply to ground is %s', (ohm, finding) => {
    expect(supplyResistance.form?.judge(ohm, whole)).toBe(finding);
  });

  // Small kits take some tens of milliamperes (common practice).
  it.each([
    [0, 'no-current'],
    [0.09, 'no-current'],
    [0.1, 'right'],
    [35, 'right'],
    [100, 'right'],
    [100.1, 'too-much'],
  ])('%s mA at the first power is %s', (milliampere, finding) => {
    expect(firstPower.form?.judge(milliampere, whole)).toBe(finding);
  });

  it('of a board whose chips are out, or of one block, lets it take nothing', () => {
    expect(firstPower.form?.judge(0, { ...whole, chipsOut: ['U1'] })).toBe('right');
    expect(firstPower.form?.judge(0, { ...whole, blocks: ['Supply'] })).toBe('right');
    expect(firstPower.form?.judge(500, { ...whole, chipsOut: ['U1'] })).toBe('too-much');
  });

  it('stands in the words by its figure, and nowhere else', () => {
    expect(supplyResistance.form?.limits(whole)).toEqual({ least: 10 });
    expect(supplyResistance.words.expect).toContain('{{least}} Ω');
    expect(firstPower.form?.limits(whole)).toEqual({ most: 100 });
    expect(firstPower.form?.limits({ ...whole, mostMilliampere: 40 })).toEqual({ most: 40 });
    expect(firstPower.form?.judge(50, { ...whole, mostMilliampere: 40 })).toBe('too-much');
  });
});

describe('the records', () => {
  it('are listed in the order in which checks follow one another, each under its own id', () => {
    expect(checks.map(({ id }) => id)).toEqual([...checkIds]);
  });

  it('prove the supply before anything is tried on it', () => {
    const order = checks.map(({ id }) => id);
    const proof = checks.find(({ provesSupply }) => provesSupply)?.id ?? 'look';
    for (const { id, isLive } of checks) {
      if (isLive) expect(order.indexOf(id)).toBeGreaterThanOrEqual(order.indexOf(proof));
    }
  });
});
