import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rankReadings } from '../../../bands/rank.ts';
import { readBands } from '../../../bands/read.ts';
import { seeded } from '../../../random.ts';
import { cases } from '../../../testing/cases.ts';
import { fullKit } from '../../testing/practiceKits.ts';
import { anySeed } from '../../testing/seeds.ts';
import { inEnglish } from '../../testing/spoken.ts';
import { noKit } from '../drill.ts';
import { alike } from './alike.ts';
import { place } from './place.ts';
import { type PrintTask, prints } from './prints.ts';
import { read } from './read.ts';
import { twoReadings } from './twoReadings.ts';
import { whichEnd } from './whichEnd.ts';

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
      { numRuns: cases(2000) },
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
    read.explain(task, { ohm: answer, by: 'eye' }).map((one) => inEnglish(one));

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
      { numRuns: cases(500) },
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
    const said = prints.explain(onChip, 100_000).map((one) => inEnglish(one));
    expect(said[1]).toContain('100 nF');
  });
});
