import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { OwnMeasure } from '../own/measure.ts';
import type { WorkStep } from '../step.ts';
import { checkOf } from './index.ts';
import { isRange } from './limits.ts';
import { measuringOf } from './measuring.ts';
import { openOhm, readAtCheck } from './readings.ts';

describe('a check’s reading', () => {
  const judge = (
    check: 'supply-resistance' | 'first-power',
    text: string,
    chipsOut: string[] = [],
  ) => {
    const form = checkOf(check).form;
    const read = form && readAtCheck(form.unit, text);
    if (!form || !read?.ok) throw new Error(`cannot read ${text}`);
    return form.judge(read.value, { chipsOut, blocks: [] });
  };

  // Common practice: about half an ohm from supply to ground on a 3 V rail is a short circuit.
  it.each([
    ['0.5', 'short'],
    ['0R4', 'short'],
    ['5 Ω', 'nearly-short'],
    ['220', 'right'],
    ['4k7', 'right'],
    ['1.2M', 'right'],
    ['OL', 'right'],
  ])('%s from supply to ground is %s', (text, finding) => {
    expect(judge('supply-resistance', text)).toBe(finding);
  });

  // Common practice: small kits take some tens of milliamperes; none at all is a finding too.
  it.each([
    ['20', [], 'right'],
    ['20 mA', [], 'right'],
    ['0,35 A', [], 'too-much'],
    ['0', [], 'no-current'],
    ['0', ['U1'], 'right'],
  ])('%s with the chips %j out is %s', (text, chipsOut, finding) => {
    expect(judge('first-power', text, chipsOut)).toBe(finding);
  });

  it('nothing connected shows as open, and words are refused with the way out', () => {
    expect(readAtCheck('ohm', 'OL')).toEqual({ ok: true, value: openOhm });
    expect(readAtCheck('milliampere', 'a lot')).toMatchObject({ ok: false });
    expect(readAtCheck('ohm', 'much')).toMatchObject({ ok: false });
  });
});

describe('what the instructor has measured', () => {
  const step = (measure: OwnMeasure): WorkStep => ({
    id: 'own-rail',
    kind: 'own',
    parts: [],
    joints: 0,
    hotJoints: 0,
    side: 'top',
    reason: { kind: 'by-hand', before: null },
    cautions: [],
    holding: [],
    lengths: [],
    own: { sort: 'check', words: { title: { en: 'The rail' }, measure } },
  });
  const at = { en: 'from TP1 to TP2' };

  // A 5 V supply of the usual tolerance, 5 %, lies from 4.75 to 5.25 V (common practice).
  it.each([
    ['4.98', 'right'],
    ['4,75 V', 'right'],
    ['5.25', 'right'],
    ['500 mV', 'too-low'],
    ['9', 'too-high'],
  ])('%s on a 5 V rail is %s', (text, finding) => {
    const measuring = measuringOf(step({ unit: 'volt', at, least: 4.75, most: 5.25 }));
    const read = readAtCheck('volt', text);
    if (!measuring || !read.ok) throw new Error(`cannot read ${text}`);
    expect(measuring.judge(read.value)).toBe(finding);
  });

  it('reads a blinker’s frequency, and names what it cannot read', () => {
    expect(readAtCheck('hertz', '1.2 kHz')).toEqual({ ok: true, value: 1200 });
    expect(readAtCheck('volt', 'bright')).toMatchObject({ ok: false });
  });

  it('is right from the least to the most and nowhere else, whichever end is open', () => {
    const end = fc.option(fc.integer({ min: 0, max: 1000 }), { nil: undefined });
    fc.assert(
      fc.property(end, end, fc.integer({ min: 0, max: 1000 }), (least, most, amount) => {
        const limits = {
          ...(least === undefined ? {} : { least }),
          ...(most === undefined ? {} : { most }),
        };
        fc.pre(isRange(limits));
        const finding = measuringOf(step({ unit: 'hertz', at, ...limits }))?.judge(amount);
        const isRight = (least ?? amount) <= amount && amount <= (most ?? amount);
        expect(finding === 'right').toBe(isRight);
      }),
    );
  });

  it('takes the place of a check’s own range, and what the check knows is still said', () => {
    const check = {
      id: 'check-supply-resistance',
      kind: 'check' as const,
      check: 'supply-resistance' as const,
      blocks: [],
      sees: null,
      chipsOut: [],
      hasBattery: false,
      supplyVolt: 5,
      reason: { kind: 'check' as const },
    };
    const own = (measure: OwnMeasure) => ({ ...check, own: { words: { measure } } });
    const measuring = measuringOf(own({ unit: 'ohm', at, least: 800 }));
    expect(measuring?.judge(0.4)).toBe('short');
    expect(measuring?.judge(220)).toBe('too-low');
    expect(measuring?.judge(900)).toBe('right');
    // Where something else is measured, the check’s own limits say nothing about it.
    expect(measuringOf(own({ unit: 'volt', at, most: 6 }))?.judge(0.4)).toBe('right');
    expect(measuringOf(check)?.judge(220)).toBe('right');
  });

  it('needs an end to go by', () => {
    expect(isRange({})).toBe(false);
    expect(isRange({ least: 5, most: 4 })).toBe(false);
  });
});
