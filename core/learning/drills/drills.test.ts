import fc from 'fast-check';
import i18next from 'i18next';
import { describe, expect, it } from 'vitest';
import { rankReadings } from '../../bands/rank.ts';
import { readBands } from '../../bands/read.ts';
import { jointClasses } from '../../joint/classes.ts';
import { alloys } from '../../joint/heat/alloys.ts';
import { usualIron } from '../../joint/heat/iron.ts';
import { coldState, type HeatState } from '../../joint/heat/model.ts';
import { targets } from '../../joint/heat/targets.ts';
import { line, ohm } from '../../order/testing/kits.ts';
import { seeded } from '../../random.ts';
import { english } from '../../words/en.ts';
import { saying } from '../../words/sayings.ts';
import { fullKit, practiceKits } from '../testing/practiceKits.ts';
import { alike } from './bands/alike.ts';
import { place } from './bands/place.ts';
import { type PrintTask, prints } from './bands/prints.ts';
import { read } from './bands/read.ts';
import { twoReadings } from './bands/twoReadings.ts';
import { whichEnd } from './bands/whichEnd.ts';
import { noKit } from './drill.ts';
import { exerciseOf, itemsOf, partsOfItem } from './exercise.ts';
import { freeItem, bench as heatBench, setupOf } from './heat/bench.ts';
import { statusWords } from './heat/status.ts';
import { drills } from './index.ts';
import { findBridge, gapLooks, gaps } from './joints/findBridge.ts';
import { remedy } from './joints/remedy.ts';
import { whatJoint } from './joints/whatJoint.ts';
import { dial, displayOf, meterShows } from './meter/dial.ts';
import { measure, shownAt, verdictOf } from './meter/measure.ts';
import { diodeTest, supplyToGround } from './meter/tests.ts';
import { whatFirst } from './order/whatFirst.ts';
import { hole } from './wayRound/hole.ts';
import { turn } from './wayRound/turn.ts';

const speaker = i18next.createInstance();
void speaker.init({
  lng: 'en',
  resources: { en: { translation: english } },
  interpolation: { escapeValue: false },
  showSupportNotice: false,
});

const anySeed = fc.integer({ min: 0, max: 2 ** 32 - 1 });
const anyExercise = fc.constantFrom(...practiceKits).chain((kit) =>
  fc.record({
    kit: fc.constant(kit),
    item: fc.constantFrom(...drills.flatMap((drill) => itemsOf(drill, kit))),
    seed: anySeed,
  }),
);

describe('every drill', () => {
  it('makes the same exercise of the same seed, as plain data, and takes its own answer for right', () => {
    fc.assert(
      fc.property(anyExercise, ({ kit, item, seed }) => {
        const exercise = exerciseOf(item, seed, kit);
        expect(exercise).toBeDefined();
        if (!exercise) return;
        const { kind, task } = exercise;
        expect(exerciseOf(item, seed, kit)?.task).toEqual(task);
        // What goes over the network and back is the same.
        const sent = JSON.parse(JSON.stringify(kind.answer(task))) as unknown;
        expect(kind.judge(JSON.parse(JSON.stringify(task)), sent, 'usual')).toEqual({
          isRight: true,
          credit: 1,
        });
      }),
      { numRuns: 4000 },
    );
  });

  it('asks, describes and explains in words that are all there', () => {
    fc.assert(
      fc.property(anyExercise, ({ kit, item, seed }) => {
        const exercise = exerciseOf(item, seed, kit);
        if (!exercise) return;
        const { kind, task } = exercise;
        const answer = kind.answer(task);
        const all = [
          kind.ask(task),
          ...kind.describe(task),
          ...kind.explain(task, answer),
          kind.tell(task, answer),
          kind.name(partsOfItem(item)?.key ?? ''),
        ].map((one) => saying(speaker.t, one));
        for (const text of all) {
          expect(text).not.toMatch(/\{\{|drill\.|family\.|undefined|joint\.|\[object/);
          expect(text.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 1500 },
    );
  });

  it('is one definition: every item leads back to its drill and kind', () => {
    for (const kit of practiceKits)
      for (const drill of drills)
        for (const item of itemsOf(drill, kit)) expect(partsOfItem(item)?.drill).toBe(drill);
    expect(exerciseOf('bands.read.of another version', 1, noKit)).toBeUndefined();
  });
});

describe('bands', () => {
  it('has one right value for what is to be read, by IEC 60062 and however it lies', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...read.items(fullKit)), (seed, item) => {
        const task = read.make(item, seeded(seed), fullKit);
        const reading = readBands(task.bands);
        expect(reading.ok && reading.value.ohm).toBe(task.ohm);
        // Nobody is asked for a value where the other end would do as well.
        expect(rankReadings(task.bands).needsMeter).toBe(false);
        expect(task.bands).toContain(item);
      }),
      { numRuns: 2000 },
    );
  });

  // IEC 60062: yellow 4, violet 7, red × 100.
  const task = {
    bands: ['yellow', 'violet', 'red', 'gold'],
    turned: false,
    ohm: 4700,
    tolerancePercent: 5,
  } as const;
  const why = (answer: number) =>
    read.explain(task, { ohm: answer, by: 'eye' }).map((one) => saying(speaker.t, one));

  it('says band by band why, and what was mistaken', () => {
    expect(why(4700)[0]).toBe('yellow 4, violet 7, then red: × 100. That is 4.7 kΩ.');
    expect(why(47_000)[0]).toMatch(/multiplier/);
    expect(why(5700)[0]).toBe('You took yellow for green. Hold it under a white lamp, or measure.');
  });

  it('counts no wrong reading of colours that cannot be seen; names and meter count', () => {
    const wrongOhm = 470;
    expect(read.judge(task, { ohm: wrongOhm, by: 'eye' }, 'usual').isRight).toBe(false);
    const unsure = { ...task, bands: ['brown', 'black', 'red', 'gold'], ohm: 1000 } as const;
    expect(read.judge(unsure, { ohm: 2000, by: 'eye' }, 'red-green').isRight).toBeNull();
    expect(read.judge(unsure, { ohm: 2000, by: 'meter' }, 'red-green').isRight).toBe(false);
    expect(read.judge(unsure, { ohm: 1000, by: 'meter' }, 'red-green').isRight).toBe(true);
    const pair = alike.make('brown-red', seeded(7), noKit);
    expect(alike.judge(pair, 'same', 'red-green').isRight).toBeNull();
  });

  it('places bands of the tolerance that was asked for', () => {
    const wanted = {
      bands: ['brown', 'black', 'orange', 'gold'],
      ohm: 10_000,
      tolerancePercent: 5,
    } as const;
    expect(place.judge(wanted, ['brown', 'black', 'orange', 'gold'], 'usual').isRight).toBe(true);
    expect(place.judge(wanted, ['brown', 'black', 'orange', 'silver'], 'usual').isRight).toBe(
      false,
    );
    expect(place.judge(wanted, [], 'usual')).toEqual({ isRight: false, credit: 0 });
  });

  it('begins never at gold or silver (IEC 60062)', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        const lying = whichEnd.make('metal', seeded(seed), noKit);
        expect(['gold', 'silver']).toContain(lying.bands.at(-1));
        expect(whichEnd.answer(lying)).toBe(lying.turned ? 'right' : 'left');
      }),
    );
  });

  it('asks of bands that fit two values for both, and how to tell them', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom('meter', 'list'), (seed, item) => {
        const two = twoReadings.make(item, seeded(seed), fullKit);
        const back = readBands([...two.bands].reverse());
        const there = readBands(two.bands);
        expect(there.ok && back.ok).toBe(true);
        if (!there.ok || !back.ok) return;
        expect([there.value.ohm, back.value.ohm].sort()).toEqual([...two.readings].sort());
        expect(there.value.ohm).not.toBe(back.value.ohm);
        expect(two.choices).toHaveLength(4);
        expect(twoReadings.answer(two).how).toBe(item);
        expect(
          twoReadings.judge(two, { ...twoReadings.answer(two), how: 'guess' }, 'usual'),
        ).toEqual({
          isRight: false,
          credit: 0.5,
        });
      }),
      { numRuns: 500 },
    );
  });

  // 104 and 474 on a capacitor, 474 and 01C on a chip: IEC 60062 and EIA-96 (from memory).
  it.each([
    ['capacitor-code', '104', 1e-7],
    ['capacitor-code', '474', 4.7e-7],
    ['chip-3', '474', 470_000],
    ['eia-96', '01C', 10_000],
    ['letter-code', '4k7', 4700],
  ] as const)('reads %s %s as %s', (code, text, amount) => {
    const made = Array.from({ length: 4000 }, (_, seed) => prints.make(code, seeded(seed), noKit));
    const found = made.find((one: PrintTask) => one.text === text);
    expect(found?.amount).toBeCloseTo(amount, 12);
  });

  it('says what the same print means on another part', () => {
    const onChip: PrintTask = {
      code: 'chip-3',
      text: '104',
      on: 'chip',
      unit: 'ohm',
      amount: 100_000,
    };
    const said = prints.explain(onChip, 100_000).map((one) => saying(speaker.t, one));
    expect(said[1]).toContain('100 nF');
  });
});

describe('which way round', () => {
  it('has one right way for polarised parts, and none that matters for the others', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...turn.items(fullKit)), (seed, item) => {
        const task = turn.make(item, seeded(seed), fullKit);
        const ways = ([0, 90, 180, 270] as const).filter(
          (way) => turn.judge(task, way, 'usual').isRight,
        );
        const either = turn.judge(task, 'either', 'usual').isRight;
        if (either) expect(ways).toHaveLength(2);
        else expect(ways).toEqual([task.board]);
        expect(task.hand).not.toBe(task.board);
      }),
      { numRuns: 1000 },
    );
  });

  it('is seen from below as often as it lies there, with left and right changed in the words', () => {
    const tasks = Array.from({ length: 400 }, (_, seed) =>
      turn.make('ic-dip', seeded(seed), noKit),
    );
    const below = tasks.filter(({ side }) => side === 'bottom');
    expect(below.length).toBeGreaterThan(90);
    expect(below.length).toBeLessThan(190);
    const words = (task: (typeof tasks)[number], side: 'top' | 'bottom') =>
      turn
        .describe({ ...task, side })
        .map((one) => saying(speaker.t, one))
        .slice(1)
        .join(' ');
    const other = { left: 'right', right: 'left' } as const;
    for (const task of below)
      expect(words(task, 'bottom')).toBe(
        words(task, 'top').replace(
          /points (left|right)/g,
          (_, way: 'left' | 'right') => `points ${other[way]}`,
        ),
      );
    // What lies on the surface is looked at from its own side.
    const flat = Array.from({ length: 50 }, (_, seed) => turn.make('ic-so', seeded(seed), noKit));
    expect(new Set(flat.map(({ side }) => side))).toEqual(new Set(['top']));
  });

  // Common practice: a resistor does not care, an LED and a chip do.
  it.each([
    ['resistor-axial', true],
    ['led-5mm', false],
    ['ic-dip', false],
  ])('%s: either way %s', (family, isEither) => {
    const task = turn.make(family, seeded(3), noKit);
    expect(turn.judge(task, 'either', 'usual').isRight).toBe(isEither);
  });

  it('changes left and right on the solder side, and only those', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        const top = hole.make('led-5mm-top', seeded(seed), noKit);
        const bottom = hole.make('led-5mm-bottom', seeded(seed), noKit);
        expect(bottom.board).toBe(top.board);
        for (const seen of bottom.holes) {
          const above = top.holes.find(({ pin }) => pin === seen.pin);
          expect(seen.xMm).toBeCloseTo(-(above?.xMm ?? 9), 9);
          expect(seen.yMm).toBeCloseTo(above?.yMm ?? 9, 9);
        }
      }),
    );
  });
});

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
      { numRuns: 300 },
    );
  });

  it('names the rule that is broken', () => {
    const task = whatFirst.make('rule-socket-before-chip', seeded(5), fullKit);
    const broken = [...task.solution].reverse();
    const words = whatFirst.explain(task, broken).map((one) => saying(speaker.t, one));
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
        parts: equal,
        board: null,
      });
      const both = task.pairs.filter(
        ({ before, after }) => ['R1', 'R2'].includes(before) && ['R1', 'R2'].includes(after),
      );
      expect(both).toEqual([]);
    }
  });
});

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

describe('the heat bench', () => {
  it('names every joint of the free bench, in any solder', () => {
    for (const target of targets)
      for (const alloy of alloys) {
        const item = freeItem({ target: target.id, alloy: alloy.id });
        const name = saying(speaker.t, heatBench.name(item.replace('heat.bench.', '')));
        expect(name).toContain(alloy.name);
        expect(name).not.toMatch(/drill\.|undefined/);
      }
  });

  it('says what happens in words', () => {
    const setup = setupOf({ target: 'ordinary', alloy: 'sn60pb40' }, usualIron);
    const at = (more: Partial<HeatState>, iron: 'both' | 'away' = 'both') =>
      saying(
        speaker.t,
        statusWords(setup, { ...coldState(setup), ...more }, { iron, feed: 'none' }),
      );
    expect(at({ pad: 160, lead: 150 })).toBe('pad 160 °C, lead 150 °C: not yet');
    expect(at({ pad: 230, lead: 150 })).toBe('pad 230 °C, lead 150 °C: only one of them is hot');
    expect(at({ pad: 230, lead: 240 })).toContain('both are hot, feed');
    expect(at({ solderGrams: 0.01, solderJoules: 1 }, 'away')).toContain('hold still');
    expect(at({ solderGrams: 0.01, solderJoules: 0.1 }, 'away')).toBe('the solder is solid');
  });
});

describe('the meter', () => {
  it('gives each verdict on the smallest range that holds the part, and says so', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...measure.items(fullKit)), (seed, item) => {
        const task = measure.make(item, seeded(seed), fullKit);
        const { setting, verdict } = measure.answer(task);
        expect(item.endsWith(verdict)).toBe(true);
        const chosen = dial[setting];
        expect(chosen?.kind).toBe('range');
        if (chosen?.kind !== 'range') return;
        expect(verdictOf(task, setting)?.kind).toBe(verdict);
        const smaller = dial.some(
          (one) =>
            one.kind === 'range' &&
            one.range.unit === chosen.range.unit &&
            one.range.upTo < chosen.range.upTo &&
            task.part.value.kind === 'amount' &&
            one.range.upTo >= task.part.value.amount,
        );
        expect(smaller).toBe(false);
      }),
      { numRuns: 600 },
    );
  });

  // Worked readings (common practice): 46.4 kΩ on a 200 kΩ range is right for 47 kΩ 1 %; 55 nF is not 100 nF.
  it.each([
    ['resistor-axial', 'ohm', 47_000, 1, 46_400, 'right', '46.4 kΩ'],
    ['resistor-axial', 'ohm', 100, 1, 101, 'right', '101.0 Ω'],
    ['capacitor-electrolytic', 'farad', 4.7e-5, 20, 5.5e-5, 'right', '55.0 µF'],
    ['capacitor-ceramic', 'farad', 1e-7, 20, 5.6e-8, 'usable', '56.0 nF'],
  ] as const)('%s %s %d', (family, unit, nominal, tolerancePercent, amount, verdict, shown) => {
    const part = line(family, 'X1', { kind: 'amount', unit, amount: nominal, tolerancePercent });
    const task = { part, amount, others: [] };
    const answer = measure.answer(task);
    expect(answer.verdict).toBe(verdict);
    expect(shownAt(task, answer.setting)).toBe(shown);
  });

  // 4.7 kΩ, 0.4 % off, on 20 kΩ with steps of 10 Ω; 1 MΩ on 2 MΩ.
  it.each([
    [4700, '4.72 kΩ'],
    [1e6, '1.004 MΩ'],
  ])('shows %d Ω as %s', (ohm, shown) => {
    expect(meterShows(ohm)).toBe(shown);
  });

  it('shows nothing but a 1 where the range is too small', () => {
    const [first] = dial;
    expect(first?.kind === 'range' && displayOf(first.range, 4700)).toBe('1 .');
  });

  it('takes a diode for what the two readings say, and a supply for what the gate says', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...diodeTest.items(noKit)), (seed, item) => {
        const { shows, meaning } = diodeTest.make(item, seeded(seed), noKit);
        const conducts = shows.map((one) => one !== '1 .');
        expect(conducts).toEqual(
          {
            'anode-red': [true, false],
            'anode-black': [false, true],
            short: [true, true],
            open: [false, false],
          }[meaning],
        );
      }),
    );
    // About half an ohm is a short circuit (common practice).
    const short = supplyToGround.make('short', seeded(1), noKit);
    expect(short.meaning).toBe('short');
  });
});
