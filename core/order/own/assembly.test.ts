import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { withMinutes } from '../../pace/stepMinutes.ts';
import { cases } from '../../testing/cases.ts';
import { planKit } from '../planKit.ts';
import { usualSettings } from '../settings.ts';
import { anyKit, line, ohm } from '../testing/kits.ts';
import { type Assembly, assemblySteps } from './assembly.ts';
import { addedKey, nothingOwn } from './own.ts';
import { withHidden } from './ownSteps.ts';

const texts = {
  build: { title: 'Build: layer', how: 'On the jig', look: 'All alike' },
  check: { title: 'Check for shorts: layer', how: 'Measure', expects: 'Nothing near 0' },
  fit: { title: 'Fit: layer', how: 'Put it in', look: 'Straight' },
  probes: 'between two wires',
};
const layer: Assembly = {
  name: 'layer',
  times: 4,
  jig: 'the board with 16 holes',
  spacingMm: 20,
  minutesEach: 12,
  isChecked: true,
};
const ids = () => {
  let last = 0;
  return () => {
    last += 1;
    return `assembly-${last}`;
  };
};

describe('what is built apart from the board', () => {
  it('is built as often as there are pieces, measured for shorts, and put in', () => {
    const [build, check, fit, ...others] = assemblySteps(layer, texts, 'en', 'R1', ids());
    expect(others).toEqual([]);
    expect(build).toMatchObject({ sort: 'work', after: 'R1' });
    expect(build?.words.repeat).toEqual({
      times: 4,
      jig: { en: 'the board with 16 holes' },
      minutesEach: 12,
    });
    expect(check?.sort).toBe('check');
    expect(check?.words.measure).toEqual({
      unit: 'ohm',
      least: 100,
      at: { en: 'between two wires' },
    });
    expect(fit?.words.repeat).toEqual({ times: 4 });
  });

  it('of one piece is no repeat, and without a check goes in at once', () => {
    const one = { ...layer, times: 1, isChecked: false };
    const steps = assemblySteps(one, texts, 'de', null, ids());
    expect(steps.map(({ words: { title } }) => title)).toEqual([
      { de: 'Build: layer' },
      { de: 'Fit: layer' },
    ]);
    expect(steps[0]?.words).toMatchObject({ minutes: 12 });
    expect(steps.some(({ words }) => words.repeat)).toBe(false);
  });

  it('takes the place of a computed step, in its order, with the time that it takes', () => {
    const parts = [line('resistor-axial', 'R1', ohm(470)), line('led-5mm', 'D1 D2 D3 D4')];
    const own = {
      ...withHidden(nothingOwn, ['D1', 'D2', 'D3', 'D4'], 'Done as an assembly'),
      added: assemblySteps(layer, texts, 'en', 'D4', ids()),
    };
    const { steps } = planKit({ parts, supplyVolt: 5, settings: { ...usualSettings, own } });
    const at = steps.findIndex((step) => step.own?.hidden !== undefined);
    expect(steps.slice(at + 1, at + 4).map((step) => step.own?.words.title?.en)).toEqual([
      'Build: layer',
      'Check for shorts: layer',
      'Fit: layer',
    ]);
    expect(withMinutes(steps)[at + 1]?.minutes).toBe(48);
  });

  it('stays together and in order in any kit, behind any step', () => {
    fc.assert(
      fc.property(anyKit, fc.nat(), (parts, pick) => {
        const plain = planKit({ parts, supplyVolt: 5, settings: usualSettings });
        const keys = plain.arrangement[pick % Math.max(1, plain.arrangement.length)];
        const after = keys?.at(-1) ?? null;
        const added = assemblySteps(layer, texts, 'en', after, ids());
        const { arrangement } = planKit({
          parts,
          supplyVolt: 5,
          settings: { ...usualSettings, own: { ...nothingOwn, added } },
        });
        const places = added.map(({ id }) =>
          arrangement.findIndex((one) => one.includes(addedKey(id))),
        );
        const [first = -1] = places;
        expect(first).toBeGreaterThanOrEqual(0);
        expect(places).toEqual([first, first + 1, first + 2]);
      }),
      { numRuns: cases(60) },
    );
  });
});
