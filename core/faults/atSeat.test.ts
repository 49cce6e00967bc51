import { beforeAll, describe, expect, it } from 'vitest';
import type { SeatState } from '../build/foldSeat.ts';
import { testEngine } from '../circuit/testing/engine.ts';
import type { MistakeId } from '../learning/mistakes/ids.ts';
import { planKit } from '../order/planKit.ts';
import type { Step } from '../order/step.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { answersOfReadings, type BoardAtSeat, notFitted } from './atSeat.ts';
import { needsPower, testsOf } from './benchTests.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import { faultKey } from './fault.ts';
import { makeDictionary } from './makeDictionary.ts';
import { nextTests } from './nextTest.ts';
import { together, weightsOfDamage, weightsOfHabit } from './ofThisBoard.ts';
import { ranked } from './rank.ts';
import { subjectWith } from './testing/subjectWith.ts';
import { whileMissing } from './whileMissing.ts';

/** An LED with its resistor, and a diode against reversal. */
const rows = [
  [line('diode-axial', 'D2', { kind: 'type', print: '1N4001' }), 'in plus'],
  [line('resistor-axial', 'R1', ohm(470)), 'in a'],
  [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'a minus'],
] as const;
const { steps } = planKit({ parts: rows.map(([part]) => part), supplyVolt: 6 });
const stepOf = (what: string) => {
  const found = steps.find((step) =>
    step.kind === 'check'
      ? step.check === what
      : step.parts.some(({ designators }) => designators.includes(what)),
  );
  if (!found) throw new Error(`no step of ${what}`);
  return found.id;
};

let dictionary: FaultDictionary;
beforeAll(async () => {
  const made = await makeDictionary(testEngine, subjectWith(rows, 6), 'test');
  if (!made) throw new Error('no solution');
  dictionary = made;
}, 120_000);
const entryOf = (key: string): DictionaryEntry => {
  const found = dictionary.entries.find(({ fault }) => faultKey(fault) === key);
  if (!found) throw new Error(`no ${key}`);
  return found;
};

const at = (minute: number) => new Date(Date.UTC(2030, 0, 1, 19, minute)).toISOString();
const seat = (state: Partial<BoardAtSeat['state']>): BoardAtSeat => ({
  steps,
  state: { doneAt: {}, mistakes: [], readings: [], replaced: [], ...state },
});
const logged = (minute: number, stepId = '') =>
  ({ eventId: `e${minute}`, stepId, at: at(minute), by: 'learner' }) as const;
const mistake = (
  minute: number,
  id: MistakeId,
  designator?: string,
): SeatState['mistakes'][number] => ({
  eventId: `m${minute}`,
  mistake: id,
  madeAtStepId: '',
  foundAtStepId: null,
  foundAt: at(minute),
  by: 'learner',
  noticedBy: 'learner',
  designator,
});

describe('what a seat has read', () => {
  it('comes to the bench, the last of each meter', () => {
    const answers = answersOfReadings(
      dictionary,
      seat({
        readings: [
          { ...logged(1, stepOf('supply-resistance')), amount: 900 },
          { ...logged(2, stepOf('first-power')), amount: 80 },
          { ...logged(3, stepOf('first-power')), amount: 0.02 },
        ],
      }),
    );
    expect(answers).toContainEqual({ test: { kind: 'current' }, outcome: 0.02 });
    expect(answers.filter(({ test }) => test.kind === 'current')).toHaveLength(1);
    // Nothing flows: something is open, and no short is left among the likely ones.
    const [first] = ranked(dictionary, answers).filter(
      ({ candidate }) => typeof candidate !== 'string',
    );
    expect(JSON.stringify(first?.candidate)).not.toMatch(/bridge|broken-short/);
  });

  it('tells nothing of the whole board where it was read before all of it was there', () => {
    const early = [...steps].sort(
      (a, b) => Number(b.kind === 'check') - Number(a.kind === 'check'),
    );
    const read = {
      ...seat({ readings: [{ ...logged(1, stepOf('first-power')), amount: 0 }] }),
      steps: early,
    };
    expect(answersOfReadings(dictionary, read)).toEqual([]);
  });

  it('tells nothing at a step where the instructor says what is measured, or that is not in the plan', () => {
    const measure = { unit: 'milliampere', most: 5, at: { en: 'at R1' } } as const;
    const own = steps.map(
      (step): Step =>
        step.id === stepOf('first-power') ? { ...step, own: { words: { measure } } } : step,
    );
    const readings = [
      { ...logged(1, stepOf('first-power')), amount: 3 },
      { ...logged(2, 'gone'), amount: 3 },
    ];
    expect(answersOfReadings(dictionary, { ...seat({ readings }), steps: own })).toEqual([]);
  });
});

describe('a board that is not finished', () => {
  it('lacks what no finished step has brought', () => {
    expect(notFitted(seat({})).sort()).toEqual(['D1', 'D2', 'R1']);
    expect(notFitted(seat({ doneAt: { [stepOf('R1')]: at(1) } })).sort()).toEqual(['D1', 'D2']);
    expect(
      notFitted(seat({ doneAt: Object.fromEntries(steps.map(({ id }) => [id, at(1)])) })),
    ).toEqual([]);
  });

  it('is looked at and beeped through where something is, and never powered', () => {
    const now = whileMissing(dictionary, ['D1']);
    expect(now.entries.length).toBeGreaterThan(0);
    expect(JSON.stringify(now.entries)).not.toContain('D1');
    const tests = testsOf(now);
    expect(tests.length).toBeGreaterThan(0);
    expect(tests.filter((test) => needsPower(test) || test.kind === 'ohm')).toEqual([]);
    const [look] = nextTests(now, ranked(now, []), []);
    if (!look) throw new Error('nothing to do');
    expect(needsPower(look.test)).toBe(false);
    // A turned diode that is seen is first, as it would be on a whole board.
    const seen = { test: { kind: 'look', place: 'D2', sees: ['way-round'] }, outcome: 'way-round' };
    const [first] = ranked(now, [seen as Parameters<typeof ranked>[1][number]]);
    expect(first?.candidate).toMatchObject({ fault: { kind: 'backwards', at: ['D2'] } });
  });

  it('is the whole one where nothing is missing', () => {
    expect(whileMissing(dictionary, [])).toBe(dictionary);
  });
});

describe('who built a board', () => {
  const backwards = () => entryOf('backwards D1');
  const dry = () =>
    dictionary.entries.find(({ fault }) => fault.kind === 'open-joint') ?? backwards();

  it('makes what they often do likelier, and what they never do less likely', () => {
    const often = weightsOfHabit(dictionary, {
      builds: 1,
      mistakes: ['backwards', 'backwards'],
    });
    expect(often(backwards())).toBeGreaterThan(1.5);
    expect(often(dry())).toBeLessThan(1);
    // Of somebody nobody knows, as usual.
    const unknown = weightsOfHabit(dictionary, { builds: 0, mistakes: [] });
    for (const entry of dictionary.entries) expect(unknown(entry)).toBe(1);
  });

  it('counts one mistake as usual where it is as many as usual', () => {
    // The mean of a gamma-distributed rate stays where it was when it sees what it expects.
    const { entries } = dictionary;
    const turned = entries.filter(({ fault }) => fault.kind === 'backwards');
    const one = { entries: turned };
    const expected = turned.length / 12;
    const builds = Math.round(1 / expected);
    const weights = weightsOfHabit(one, { builds, mistakes: ['backwards'] });
    expect(weights(backwards())).toBeCloseTo((3 * expected + 1) / ((3 + builds) * expected), 10);
    expect(weights(backwards())).toBeCloseTo(1, 1);
  });
});

describe('what happened to a board', () => {
  const broken = () => entryOf('broken-open D1');
  const supply = new Set(['J1']);

  it('makes a part that was fitted backwards likelier to be broken, until it is replaced', () => {
    const { state } = seat({ mistakes: [mistake(5, 'backwards', 'D1')] });
    expect(weightsOfDamage(state, supply)(broken())).toBe(15);
    expect(weightsOfDamage(state, supply)(entryOf('backwards D1'))).toBe(1);
    const renewed = { ...state, replaced: [{ ...logged(6), designator: 'D1' }] };
    expect(weightsOfDamage(renewed, supply)(broken())).toBe(1);
    const turnedAgain = { ...renewed, mistakes: [mistake(7, 'backwards', 'D1')] };
    expect(weightsOfDamage(turnedAgain, supply)(broken())).toBe(15);
  });

  it('makes any part likelier to be broken where the supply came in the wrong way round', () => {
    const { state } = seat({ mistakes: [mistake(5, 'backwards', 'J1')] });
    expect(weightsOfDamage(state, supply)(broken())).toBe(10);
    expect(weightsOfDamage(seat({}).state, supply)(broken())).toBe(1);
  });

  it('takes several reasons together', () => {
    expect(
      together(
        () => 2,
        () => 3,
      )(broken()),
    ).toBe(6);
    expect(together()(broken())).toBe(1);
  });
});
