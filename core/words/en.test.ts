import i18next from 'i18next';
import { beforeAll, describe, expect, it } from 'vitest';
import { bandColourNames } from '../bands/colours.ts';
import { mistakes } from '../learning/mistakes/index.ts';
import { checkIds } from '../order/checks/ids.ts';
import { hardRules } from '../order/rules/index.ts';
import { families } from '../parts/families/index.ts';
import { english } from './en.ts';
import { fitWords } from './partWords.ts';

beforeAll(async () => {
  await i18next.init({
    showSupportNotice: false,
    lng: 'en',
    resources: { en: { translation: english } },
    interpolation: { escapeValue: false },
  });
});

describe('the English catalogue', () => {
  it('has the words of every definition', () => {
    for (const { id } of families) expect(i18next.exists(`family.${id}.one`), id).toBe(true);
    for (const { id } of mistakes) expect(i18next.exists(`mistake.${id}.whatNow`), id).toBe(true);
    for (const { id } of hardRules) expect(i18next.exists(`rule.${id}.after`), id).toBe(true);
    for (const id of checkIds) expect(i18next.exists(`check.${id}.why`), id).toBe(true);
    for (const band of bandColourNames) expect(i18next.t(`band.${band}`)).toBe(band);
  });

  it('counts joints as English does', () => {
    expect(i18next.t('step.joints', { count: 1 })).toBe('1 joint');
    expect(i18next.t('step.joints', { count: 4 })).toBe('4 joints');
  });

  it('does not push down to the board what stands off it or lies on it', () => {
    const led = {
      id: 'L',
      designators: ['D1'],
      quantity: 1,
      family: 'led-5mm',
      value: { kind: 'colour', colour: 'red' },
      description: '',
      supply: 'in-kit',
    } as const;
    expect(fitWords(i18next.t, led).join(' ')).toContain('down to the board');
    const raised = fitWords(i18next.t, { ...led, mounting: { kind: 'raised', mm: 8 } }).join(' ');
    expect(raised).toContain('8 mm high under it');
    expect(raised).not.toContain('down to the board');
    const laid = fitWords(i18next.t, { ...led, mounting: { kind: 'bent-over' } }).join(' ');
    expect(laid).toContain('2 mm from the body');
    expect(laid).not.toContain('down to the board');
  });

  it('holds only text: nothing that another language could not replace', () => {
    const leaves = (node: unknown): unknown[] =>
      typeof node === 'object' && node !== null ? Object.values(node).flatMap(leaves) : [node];
    for (const leaf of leaves(english)) expect(leaf).toBeTypeOf('string');
  });
});
