import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { padWith } from '#core/board/testing/pads';
import { heatTimesOf, usualIron } from '#core/joint/heat/iron';
import { planKit } from '#core/order/planKit';
import { anyKitOnBoard, boardWith } from '#core/order/testing/boards';
import { farad, line, ohm, type } from '#core/order/testing/kits';
import { type PlannedStep, withMinutes } from '#core/pace/stepMinutes';
import { familyOf } from '#core/parts/families/index';
import { cases } from '#core/testing/cases';
import { markupOf, tagsOf, wordsOf } from '../testing/speaking.tsx';
import { StepCard } from './StepCard.tsx';

const heatTimes = heatTimesOf(usualIron);
const kit = [
  line('resistor-axial', 'R1 R2', ohm(470)),
  line('diode-axial', 'D1', type('1N4148')),
  line('capacitor-ceramic', 'C1', farad(1e-7)),
  line('led-5mm', 'D2', { kind: 'colour', colour: 'red' }),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('NE555'), 8),
  line('battery-holder', 'BT1'),
  line('battery', ''),
];
const board = boardWith(
  ['R1', 15, 50],
  ['R2', 15, 44],
  ['D1', 40, 50],
  ['C1', 60, 50],
  ['D2', 70, 50],
  ['X1', 15, 30],
  ['U1', 15, 30],
  ['BT1', 45, 18],
);
const steps = withMinutes(planKit({ parts: kit, supplyVolt: 3, board }).steps);

const cardOf = (step: PlannedStep, language?: 'en' | 'de' | 'es', all = steps, on = board) =>
  markupOf(
    <StepCard
      step={step}
      steps={all}
      board={on}
      heatTimes={heatTimes}
      number={all.indexOf(step) + 1}
      count={all.length}
    />,
    language,
  );
const stepFor = (place: string) => {
  const found = steps.find(
    (step) =>
      step.kind !== 'check' && step.parts.some(({ designators }) => designators.includes(place)),
  );
  if (!found) throw new Error(`nothing is done with ${place}`);
  return found;
};
const at = (markup: string, ...texts: readonly string[]) =>
  texts.map((text) => markup.indexOf(text));

describe('the card of a step', () => {
  it('says which part, where, which way round, how, and what can hurt, in that order', () => {
    for (const place of ['D1', 'D2', 'BT1']) {
      const markup = cardOf(stepFor(place));
      const order = at(
        markup,
        '<h1',
        'class="mat"',
        'class="step-map"',
        'Which way round',
        '<ol>',
        'class="caution"',
        'Why now?',
      );
      expect(
        order.every((index) => index >= 0),
        place,
      ).toBe(true);
      expect(order).toEqual([...order].sort((a, b) => a - b));
    }
  });

  it('is complete for any kit on any board, in every language', () => {
    fc.assert(
      fc.property(
        anyKitOnBoard,
        fc.constantFrom('en', 'de', 'es') as fc.Arbitrary<'en' | 'de' | 'es'>,
        ({ parts, board: anyBoard }, language) => {
          const all = withMinutes(planKit({ parts, supplyVolt: 9, board: anyBoard }).steps);
          for (const step of all) {
            const markup = cardOf(step, language, all, anyBoard);
            expect(markup).not.toMatch(/NaN|undefined|Infinity|\[object/);
            expect(wordsOf(markup)).not.toMatch(
              /\b(seat|step|family|check|rule|harm|style|reason|holding)\.[a-z]|\{\{/,
            );
          }
        },
      ),
      { numRuns: cases(25, 0.4) },
    );
  });

  it('shows one picture a part and its bands in words, for whoever cannot tell the colours', () => {
    const markup = cardOf(stepFor('R1'));
    expect(markup.split('class="mat"').length - 1).toBe(1);
    // 470 Ω within 5 %: yellow, violet, brown, gold (IEC 60062).
    for (const colour of ['yellow', 'violet', 'brown', 'gold']) expect(markup).toContain(colour);
  });

  it('shows the whole of the parts on the map, however large they are', () => {
    for (const place of ['BT1', 'D1', 'X1']) {
      const markup = cardOf(stepFor(place));
      const map = tagsOf(markup).find(({ attributes }) =>
        attributes.class?.split(' ').includes('board-map'),
      );
      const [x = 0, y = 0, width = 0, height = 0] = (map?.attributes.viewBox ?? '')
        .split(' ')
        .map(Number);
      const { body } = familyOf({
        family: kit.find(({ designators }) => designators.includes(place))?.family ?? 'other',
      });
      const spot = board.placements.find((one) => one.place === place);
      if (!spot || !('lengthMm' in body)) continue;
      expect(x).toBeLessThanOrEqual(spot.xMm - body.lengthMm / 2);
      expect(x + width).toBeGreaterThanOrEqual(spot.xMm + body.lengthMm / 2);
      expect(y).toBeLessThanOrEqual(board.heightMm - spot.yMm - body.widthMm / 2);
      expect(y + height).toBeGreaterThanOrEqual(board.heightMm - spot.yMm + body.widthMm / 2);
    }
  });

  it('says what happens otherwise for what is polarised, and that either way is right for what is not', () => {
    expect(wordsOf(cardOf(stepFor('D2')))).toContain('If it is backwards');
    expect(wordsOf(cardOf(stepFor('C1')))).toContain('Either way round');
  });

  it('a check says what to do, what to expect and what it means otherwise, and has no picture of a part', () => {
    const check = steps.find((step) => step.kind === 'check' && step.check === 'first-power');
    if (!check) throw new Error('the kit is powered');
    const markup = cardOf(check);
    expect(markup).not.toContain('class="mat"');
    const order = at(markup, '<ol>', 'way-matters', 'If it is backwards');
    expect(order.every((index) => index >= 0)).toBe(true);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });

  it('defers to the instructor and to the rules of the room at every step', () => {
    for (const step of steps)
      expect(wordsOf(cardOf(step))).toContain('room’s rules say comes first');
  });

  it('says how long with this iron where a joint takes more heat', () => {
    const planes = { ...board, planes: ['GND'] };
    const hot = {
      ...planes,
      pads: [
        padWith({ place: 'C1', pin: '1', net: 'GND', xMm: 57.5, yMm: 50 }),
        padWith({ place: 'C1', pin: '2', net: 'A', xMm: 62.5, yMm: 50 }),
      ],
    };
    const words = wordsOf(cardOf(stepFor('C1'), 'en', steps, hot));
    expect(words).toContain('C1: more heat, longer.');
    expect(words).toMatch(/With this room’s iron \d+/);
    expect(wordsOf(cardOf(stepFor('C1')))).not.toContain('more heat');
  });
});

describe('the instructor’s own words', () => {
  const said = {
    title: { de: 'Die zwei Braunen', en: 'The two brown ones' },
    how: { en: 'Bend them on the jig.\nSolder one leg.' },
    look: { en: 'Both lie flat.' },
    caution: { en: 'The jig is sharp.' },
  };
  const step: PlannedStep = { ...stepFor('R1'), own: { words: said } };

  it('stand where the computed ones would, in the reader’s language where they were written in it', () => {
    const english = cardOf(step);
    for (const text of [
      'The two brown ones',
      'Bend them on the jig.',
      'Both lie flat.',
      'The jig is sharp.',
    ])
      expect(english).toContain(text);
    expect(english).not.toContain('Solder the 470');
    expect(english).not.toContain('Read the bands');
    const german = cardOf(step, 'de');
    expect(german).toContain('Die zwei Braunen');
    expect(german).toContain('Bend them on the jig.');
  });

  it('never take the usual cautions away', () => {
    expect(cardOf(step)).toContain('Glasses on');
  });

  it('make a step of their own, without a part', () => {
    const work = stepFor('R1');
    if (work.kind === 'check') throw new Error('a part is fitted');
    const own: PlannedStep = {
      ...work,
      kind: 'own',
      parts: [],
      joints: 0,
      holding: [],
      lengths: [],
      cautions: [],
      own: { sort: 'break', words: { title: { en: 'Tea' }, how: { en: 'Wash your hands.' } } },
    };
    const card = cardOf(own);
    expect(card).toContain('Tea');
    expect(card).toContain('Break');
    expect(card).toContain('Wash your hands.');
  });
});
