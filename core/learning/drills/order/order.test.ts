import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decidedOrder } from '../../../order/decided.ts';
import type { StyleId } from '../../../order/styles/ids.ts';
import { styles } from '../../../order/styles/index.ts';
import { farad, line, ohm, type } from '../../../order/testing/kits.ts';
import { seeded } from '../../../random.ts';
import { cases } from '../../../testing/cases.ts';
import { fullKit, practiceKits } from '../../testing/practiceKits.ts';
import { anySeed } from '../../testing/seeds.ts';
import { inEnglish } from '../../testing/spoken.ts';
import { type OrderTask, whatFirst } from './whatFirst.ts';

describe('what comes first', () => {
  it('has a solution that breaks nothing, and turned round everything decided is wrong', () => {
    fc.assert(
      fc.property(
        anySeed,
        fc.constantFrom(...whatFirst.items(fullKit)),
        fc.constantFrom(...practiceKits),
        (seed, item, kit) => {
          const task = whatFirst.make(item, seeded(seed), kit);
          expect(task.pairs.length).toBeGreaterThan(0);
          expect(whatFirst.judge(task, task.solution, 'usual')).toEqual({
            isRight: true,
            credit: 1,
          });
          const backwards = [...task.solution].reverse();
          expect(whatFirst.judge(task, backwards, 'usual')).toEqual({ isRight: false, credit: 0 });
          const laid = task.cards.map(({ key }) => key);
          expect(laid).not.toEqual(task.solution);
        },
      ),
      { numRuns: cases(300, 0.25) },
    );
  });

  it('names the rule that is broken', () => {
    const task = whatFirst.make('rule-socket-before-chip', seeded(5), fullKit);
    const broken = [...task.solution].reverse();
    const words = whatFirst.explain(task, broken).map((one) => inEnglish(one));
    expect(words.join(' ')).toContain('A socket comes before its chip.');
  });

  it('leaves free what neither rule nor style decides', () => {
    const equal = [
      line('resistor-axial', 'R1', ohm(100)),
      line('resistor-axial', 'R2', ohm(220)),
      ...fullKit.parts,
    ];
    for (let seed = 0; seed < 60; seed += 1) {
      const task = whatFirst.make('style-lowest-first', seeded(seed), {
        ...fullKit,
        parts: equal,
        styles: ['lowest-first'],
      });
      const both = task.pairs.filter(
        ({ before, after }) => ['R1', 'R2'].includes(before) && ['R1', 'R2'].includes(after),
      );
      expect(both).toEqual([]);
    }
  });

  it('puts the learner’s own kit in order as its instructor wants it, and in no other way', () => {
    const own = Array.from({ length: 200 }, (_, seed) =>
      whatFirst.make('rule-socket-before-chip', seeded(seed), fullKit),
    ).filter(({ isOwn }) => isOwn);
    expect(own.length).toBeGreaterThan(60);
    for (const { styles } of own) expect(styles).toEqual(fullKit.styles);
    const other = Array.from({ length: 100 }, (_, seed) =>
      whatFirst.make('style-lowest-first', seeded(seed), fullKit),
    );
    expect(other.every(({ isOwn, styles }) => !isOwn && styles[0] === 'lowest-first')).toBe(true);
    expect(inEnglish(whatFirst.ask(own[0] as OrderTask))).toContain(
      'Toughest first, and what that leaves open: ',
    );
  });
});

describe('what is decided', () => {
  const kit = {
    parts: [
      line('ic-dip', 'U1', type('NE555'), 8),
      line('resistor-axial', 'R1', ohm(470)),
      line('capacitor-electrolytic', 'C1', farad(1e-5)),
      line('capacitor-electrolytic', 'C2', farad(1e-4)),
    ],
    board: null,
  };
  const decides = (styles: readonly StyleId[], before: string, after: string) =>
    decidedOrder(kit, styles).pairs.some((pair) => pair.before === before && pair.after === after);

  it('lowest first decides by height and leaves equal heights free', () => {
    expect(decides(['lowest-first'], 'R1', 'C1')).toBe(true);
    expect(decides(['lowest-first'], 'C1', 'C2')).toBe(false);
    expect(decides(['lowest-first'], 'C2', 'C1')).toBe(false);
  });

  it('what the first style leaves equal, the next one decides', () => {
    expect(decides(['lowest-first', 'by-sheet'], 'R1', 'C1')).toBe(true);
    expect(decides(['lowest-first', 'by-sheet'], 'C1', 'C2')).toBe(true);
  });

  it('decides nothing twice, and nothing both ways', () => {
    for (const { id } of styles) {
      const pairs = decidedOrder({ parts: fullKit.parts, board: null }, [id]).pairs.map(
        ({ before, after }) => `${before}>${after}`,
      );
      expect(new Set(pairs).size).toBe(pairs.length);
      for (const pair of pairs) expect(pairs).not.toContain(pair.split('>').reverse().join('>'));
    }
  });
});
