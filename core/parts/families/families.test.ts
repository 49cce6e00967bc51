import { describe, expect, it } from 'vitest';
import type { Part, PartValue } from '../part.ts';
import type { FamilyId } from './ids.ts';
import { families, familyOf, isFamilyId } from './index.ts';

const sample = (family: FamilyId, value: PartValue = { kind: 'none' }, pins?: number): Part => ({
  designators: ['X1'],
  quantity: 1,
  family,
  value,
  description: '',
  supply: 'in-kit',
  ...(pins === undefined ? {} : { pins }),
});

describe('the part families', () => {
  it('have ids of their own', () => {
    expect(new Set(families.map(({ id }) => id)).size).toBe(families.length);
  });

  it.each(families.map((family) => [family.id, family] as const))('%s is complete', (_, family) => {
    expect(family.body.heightMm).toBeGreaterThan(0);
    expect(family.body.heightMm).toBeLessThan(30);
    expect(family.body.source).toMatch(/from memory|common practice|guess/);
    expect(family.words.hold).toMatch(/\.$/);
    expect(family.words.mistakes.length).toBeGreaterThan(0);
    expect(family.words.one).not.toBe('');
    expect(family.words.many).not.toBe('');
    expect(family.words.fit.length).toBeGreaterThan(0);
    for (const line of family.words.fit) expect(line).toMatch(/[.:]$/);
  });

  it.each(
    families
      .filter(({ polarity }) => polarity === 'polarised')
      .map((family) => [family.id, family] as const),
  )('%s is polarised, so it says how to tell and what happens otherwise', (_, { words }) => {
    expect(words.wayRound).toBeTruthy();
    expect(words.backwards).toBeTruthy();
  });

  // Common practice: what kit builders call polarised, and what they do not.
  it.each([
    ['led-5mm', 'polarised'],
    ['diode-axial', 'polarised'],
    ['capacitor-electrolytic', 'polarised'],
    ['transistor-to92', 'polarised'],
    ['ic-dip', 'polarised'],
    ['socket-dip', 'polarised'],
    ['buzzer', 'polarised'],
    ['battery-holder', 'polarised'],
    ['terminal-block', 'polarised'],
    ['resistor-axial', 'free'],
    ['capacitor-ceramic', 'free'],
    ['capacitor-film', 'free'],
    ['switch-slide', 'free'],
    ['push-button', 'keyed'],
  ] as const)('%s is %s', (family, polarity) => {
    expect(familyOf({ family }).polarity).toBe(polarity);
  });

  // Facts of the parts: how many leads go through the board.
  it.each([
    ['resistor-axial', undefined, 2],
    ['transistor-to92', undefined, 3],
    ['ic-dip', 14, 14],
    ['socket-dip', 8, 8],
    ['trimmer', undefined, 3],
    ['terminal-block', 3, 3],
    ['push-button', undefined, 4],
    ['screw', undefined, 0],
    ['battery', undefined, 0],
  ] as const)('%s with %s pins has %s joints', (family, pins, joints) => {
    expect(familyOf({ family }).joints(pins === undefined ? {} : { pins })).toBe(joints);
  });

  // Common practice: the order in which parts stand above the board.
  it('stand in the usual order of height', () => {
    const heights = (
      [
        'wire-link',
        'resistor-axial',
        'socket-dip',
        'capacitor-ceramic',
        'transistor-to92',
        'capacitor-electrolytic',
        'battery-holder',
      ] as const
    ).map((family) => familyOf({ family }).body.heightMm);
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
  });

  it('a family of a newer version is not taken for one of these', () => {
    expect(isFamilyId('thing-of-tomorrow')).toBe(false);
    expect(families.every(({ id }) => isFamilyId(id))).toBe(true);
  });
});

describe('the drawings', () => {
  const values: readonly PartValue[] = [
    { kind: 'none' },
    { kind: 'type', print: 'LM393' },
    { kind: 'colour', colour: 'red' },
    { kind: 'amount', unit: 'ohm', amount: 4700, tolerancePercent: 5 },
    { kind: 'amount', unit: 'farad', amount: 1e-7 },
  ];

  it.each(families.map((family) => [family.id, family] as const))(
    '%s is drawn inside its own frame, whatever its value',
    (id, family) => {
      for (const value of values) {
        for (const draw of [family.draw, family.drawBoardMark]) {
          const drawing = draw?.(sample(id, value, 8));
          if (!drawing) continue;
          expect(drawing.shapes.length).toBeGreaterThan(0);
          for (const shape of drawing.shapes) {
            if (shape.kind === 'path') {
              expect(shape.d).not.toMatch(/NaN|undefined/);
              continue;
            }
            const x = 'cx' in shape ? shape.cx : shape.x;
            const y = 'cy' in shape ? shape.cy : shape.y;
            expect(x).toBeGreaterThanOrEqual(0);
            expect(y).toBeGreaterThanOrEqual(0);
            expect(x).toBeLessThanOrEqual(drawing.widthMm);
            expect(y).toBeLessThanOrEqual(drawing.heightMm + 0.5);
          }
        }
      }
    },
  );

  // Common practice: what is built into one body looks alike but for its print; nothing else does.
  it('families look alike only where they come in the same body', () => {
    const sets = new Map<string, string[]>();
    for (const family of families) {
      const picture = JSON.stringify(family.draw(sample(family.id, { kind: 'none' }, 8)).shapes);
      sets.set(picture, [...(sets.get(picture) ?? []), family.id]);
    }
    const alike = [...sets.values()].filter((ids) => ids.length > 1).map((ids) => ids.sort());
    expect(alike.sort()).toEqual([
      ['chip-to92', 'mosfet-to92', 'regulator-to92', 'transistor-to92', 'triac-to92'],
      ['mosfet-sot23', 'transistor-sot23'],
      ['mosfet-to220', 'regulator-to220', 'transistor-to220', 'triac-to220'],
      ['regulator-to3', 'transistor-to3'],
    ]);
  });

  it.each(
    families
      .filter(({ polarity }) => polarity === 'polarised')
      .map((family) => [family.id, family] as const),
  )(
    '%s shows on the board which way round, unless it has no place of its own there',
    (_, family) => {
      const hasPlace = family.mount === 'through' || family.mount === 'surface';
      expect(family.drawBoardMark !== undefined).toBe(hasPlace);
    },
  );

  it('a chip of 14 pins has 14 legs and is longer than one of 8', () => {
    const chip = familyOf({ family: 'ic-dip' });
    const eight = chip.draw(sample('ic-dip', { kind: 'type', print: 'A' }, 8));
    const fourteen = chip.draw(sample('ic-dip', { kind: 'type', print: 'A' }, 14));
    expect(fourteen.widthMm).toBeGreaterThan(eight.widthMm);
    const legs = (d: typeof eight) =>
      d.shapes.filter((s) => s.kind === 'rect' && s.height === 1.8).length;
    expect(legs(eight)).toBe(8);
    expect(legs(fourteen)).toBe(14);
  });

  // Published: pin 1 of a DIP is at the bottom left with the notch on the left (JEDEC drawings, from memory).
  it('the square pad of a chip’s outline is at the bottom left, by the notch', () => {
    const mark = familyOf({ family: 'ic-dip' }).drawBoardMark?.(
      sample('ic-dip', { kind: 'none' }, 8),
    );
    const squares = mark?.shapes.filter((s) => s.kind === 'rect' && s.width === 1.9) ?? [];
    const round = mark?.shapes.filter((s) => s.kind === 'circle' && s.r === 0.95) ?? [];
    expect(squares).toHaveLength(1);
    expect(round).toHaveLength(7);
    const [square] = squares;
    if (square?.kind !== 'rect') throw new Error('no square pad');
    for (const pad of round) {
      if (pad.kind !== 'circle') continue;
      expect(square.x).toBeLessThan(pad.cx);
      if (pad.cy > 6) expect(square.y + 0.95).toBeCloseTo(pad.cy, 6);
    }
  });

  // Common practice: the long lead of an LED and of an electrolytic is plus, the short one minus.
  it.each(['led-5mm', 'capacitor-electrolytic'] as const)(
    'the longer lead of a %s stands under the plus',
    (id) => {
      const { shapes } = familyOf({ family: id }).draw(
        sample(id, { kind: 'amount', unit: 'farad', amount: 1e-5 }),
      );
      const leads = shapes
        .flatMap((s) => (s.kind === 'path' ? [s.d.match(/^M([\d.]+) ([\d.]+)V([\d.]+)$/)] : []))
        .filter((match) => match !== null)
        .map(([, x, top, bottom]) => ({ x: Number(x), length: Number(bottom) - Number(top) }));
      const longest = leads.reduce((a, b) => (b.length > a.length ? b : a));
      const signs = shapes.filter((s) => s.kind === 'text' && (s.text === '+' || s.text === '−'));
      const plus = signs.find((s) => s.kind === 'text' && s.text === '+');
      const minus = signs.find((s) => s.kind === 'text' && s.text === '−');
      if (plus?.kind !== 'text' || minus?.kind !== 'text') throw new Error('no signs');
      expect(Math.abs(plus.x - longest.x)).toBeLessThan(Math.abs(minus.x - longest.x));
    },
  );
});
