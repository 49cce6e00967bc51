import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { event } from '../../build/testing/log.ts';
import { exerciseOf, itemsOf, partsOfItem } from '../drills/exercise.ts';
import { drills } from '../drills/index.ts';
import { quarters } from '../drills/wayRound/turn.ts';
import { countPairs, kendallTau } from '../rankCorrelation.ts';
import { fullKit } from '../testing/practiceKits.ts';
import { answersOf, type PracticeAnswer } from './answers.ts';
import { cardsOf, chanceKept } from './cards.ts';
import { chanceByItem, difficultiesOf, talliesOf } from './difficulty.ts';
import { judgedAgain } from './judgeAgain.ts';
import { answerIn, commonestWrong, currentRoundOf, roundsOf, tallyOf } from './rounds.ts';
import { secondsOf, sessionOf } from './session.ts';
import { weaknessesOf } from './weaknesses.ts';

const day = 24 * 60 * 60_000;
const start = Date.UTC(2026, 2, 1, 18);
const answer = (
  item: string,
  days: number,
  isRight: boolean | null,
  credit = isRight ? 1 : 0,
): PracticeAnswer => ({
  eventId: `${item} ${days}`,
  item,
  seed: 1,
  answer: null,
  isRight,
  credit,
  at: new Date(start + days * day).toISOString(),
});
const at = (days: number) => new Date(start + days * day);

describe('Kendall’s tau', () => {
  // Worked by hand: of the order 1 2 4 3 5 against 1 2 3 4 5 one pair of ten is turned: (9 − 1) / 10.
  it.each([
    ['a b c d e', 'a b c d e', 1],
    ['a b d c e', 'a b c d e', 0.8],
    ['e d c b a', 'a b c d e', -1],
    // 3 1 4 2 against 1 2 3 4: 3–1, 3–2 and 4–2 are turned, three are not.
    ['c a d b', 'a b c d', 0],
  ])('%s against %s is %d', (given, wanted, tau) => {
    const keys = wanted.split(' ');
    const pairs = keys.flatMap((before, index) =>
      keys.slice(index + 1).map((after) => ({ before, after })),
    );
    expect(kendallTau(countPairs(given.split(' '), pairs))).toBeCloseTo(tau, 12);
  });
});

describe('what is remembered', () => {
  it('comes back soon after a mistake, and later and later when it was right', () => {
    const item = 'bands.read.orange';
    const card = (answers: PracticeAnswer[]) => cardsOf(answers).get(item);
    const wrong = card([answer(item, 0, false)]);
    expect((wrong?.due.getTime() ?? 0) - start).toBeLessThan(0.02 * day);
    const rights: PracticeAnswer[] = [];
    let last = 0;
    let days = 0;
    for (let count = 0; count < 6; count += 1) {
      rights.push(answer(item, days, true));
      const due = card(rights)?.due.getTime() ?? 0;
      const interval = due - (start + days * day);
      if (count > 1) expect(interval).toBeGreaterThan(last);
      last = interval;
      days = (due - start) / day;
    }
    expect(last).toBeGreaterThan(14 * day);
  });

  it('fades with time: nine in ten at the day it is due, less later', () => {
    const item = 'bands.read.red';
    const answers = [0, 0.01, 2].map((days) => answer(item, days, true));
    const card = cardsOf(answers).get(item);
    if (!card) throw new Error('no card');
    // The forgetting curve of FSRS is 0.9 where the time since equals the stability (its published definition).
    // The package counts whole days.
    const days = Math.round(card.stability);
    const then = new Date(Date.parse(answers[2]?.at ?? '') + days * day);
    expect(Math.abs(chanceKept(card, then) - 0.9)).toBeLessThan(0.01);
    expect(chanceKept(card, at(200))).toBeLessThan(0.9);
  });

  it('leaves out what was not counted, and takes a mistake at the board like a wrong answer', () => {
    expect(cardsOf([answer('bands.alike.brown-red', 0, null)]).size).toBe(0);
    const weak = weaknessesOf([
      {
        mistake: 'backwards',
        parts: fullKit.parts.filter(({ family }) => family === 'led-5mm'),
        at: at(0).toISOString(),
      },
    ]);
    const items = weak.map(({ item }) => item);
    expect(items).toContain('wayRound.turn.led-5mm');
    expect(items).toContain('wayRound.turn.lot');
    expect(cardsOf([], weak).get('wayRound.turn.led-5mm')?.lapses).toBe(0);
    expect(cardsOf([], weak).get('wayRound.turn.led-5mm')?.due.getTime()).toBeLessThan(
      at(1).getTime(),
    );
  });

  it('does not depend on the order in which answers arrived', () => {
    const answers = [0, 1, 3, 7].map((days, index) =>
      answer('joints.what.bridge', days, index !== 1),
    );
    expect(cardsOf([...answers].reverse())).toEqual(cardsOf(answers));
  });
});

describe('a session', () => {
  const cards = cardsOf([
    answer('bands.read.orange', 0, false),
    answer('joints.what.bridge', 0, true),
    answer('joints.what.bridge', 3, true),
  ]);

  it('fits eight minutes and fourteen exercises, asks nothing twice, and is the same for the same seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 32 - 1 }), (seed) => {
        const wish = { kit: fullKit, cards, now: at(4), seed };
        const session = sessionOf(wish);
        expect(session).toEqual(sessionOf(wish));
        expect(session.length).toBeLessThanOrEqual(14);
        expect(secondsOf(session)).toBeLessThanOrEqual(8 * 60);
        expect(new Set(session.map(({ item }) => item)).size).toBe(session.length);
        // What is due comes before anything new.
        expect(session.map(({ item }) => item)).toContain('bands.read.orange');
        expect(new Set(session.map(({ item }) => item.split('.')[0])).size).toBeGreaterThan(2);
      }),
    );
  });

  it('keeps to one drill where one is asked for', () => {
    const session = sessionOf({ kit: fullKit, cards, now: at(4), seed: 1, drillId: 'joints' });
    expect(new Set(session.map(({ item }) => item.split('.')[0]))).toEqual(new Set(['joints']));
  });

  it('goes on when everything was asked: with what is forgotten first', () => {
    const all = drills.flatMap((drill) => itemsOf(drill, fullKit));
    const known = cardsOf(all.map((item) => answer(item, 0, true)));
    const session = sessionOf({ kit: fullKit, cards: known, now: at(0.0001), seed: 3 });
    expect(session.length).toBeGreaterThan(5);
    expect(new Set(session.map(({ why }) => why))).toEqual(new Set(['ahead']));
  });
});

describe('a round of the whole class', () => {
  const round = '0198c1de-0000-7000-8000-000000000001';
  const begun = event(
    1,
    { kind: 'round-started', round, item: 'bands.read.red', seed: 9 },
    'instructor',
  );
  const mine = (minute: number, ohm: number, isRight: boolean) =>
    event(minute, {
      kind: 'practised',
      item: 'bands.read.red',
      seed: 9,
      answer: { ohm, by: ohm > 200 ? 'eye' : 'meter' },
      isRight,
      credit: isRight ? 1 : 0,
      round,
    });

  it('is open until it ends, and the first answer of a seat counts', () => {
    const first = mine(2, 220, true);
    const log = [begun, first, mine(3, 2200, false)];
    const soon = new Date(Date.parse(begun.at) + 60_000);
    expect(currentRoundOf(log, soon)).toMatchObject({ id: round, endedAt: null });
    // What was left open is forgotten by the next day.
    expect(currentRoundOf(log, new Date(soon.getTime() + 24 * 60 * 60_000))).toBeUndefined();
    expect(answerIn({ id: round }, log)?.eventId).toBe(first.id);
    const ended = event(4, { kind: 'round-ended', round }, 'instructor');
    expect(roundsOf([...log, ended])[0]?.endedAt).toBe(ended.at);
  });

  it('counts equal answers, however they were found, and names the commonest wrong one', () => {
    const tallies = tallyOf(
      answersOf([
        mine(2, 220, true),
        mine(3, 2200, false),
        mine(4, 2200, false),
        mine(5, 22, false),
      ]),
    );
    expect(tallies.map(({ count }) => count)).toEqual([2, 1, 1]);
    expect(commonestWrong(tallies)?.answer).toEqual({ ohm: 2200, by: 'eye' });
  });
});

describe('judging again', () => {
  const claim = (item: string, seed: number, given: unknown) => ({
    kind: 'practised' as const,
    item,
    seed,
    answer: given,
    isRight: true,
    credit: 1,
  });

  it('finds right what is right, for every exercise of a kit', () => {
    for (const item of drills.flatMap((drill) => itemsOf(drill, fullKit))) {
      const exercise = exerciseOf(item, 5, fullKit);
      if (!exercise || exercise.kind.isHandsOn) continue;
      const given: unknown = exercise.kind.answer(exercise.task);
      expect(judgedAgain(claim(item, 5, given), [fullKit])).toEqual({ isRight: true, credit: 1 });
    }
  });

  it('takes any nonsense, and never for right', () => {
    const items = drills.flatMap((drill) => itemsOf(drill, fullKit));
    fc.assert(
      fc.property(fc.constantFrom(...items), fc.nat(99), fc.anything(), (item, seed, given) => {
        // A quarter of a turn is no nonsense: more than one may be right.
        fc.pre(!quarters.some((one) => one === given));
        const exercise = exerciseOf(item, seed, fullKit);
        const right: unknown = exercise?.kind.answer(exercise.task);
        const told = judgedAgain(claim(item, seed, given), [fullKit]);
        if (told.isRight) expect(given).toEqual(right);
        expect(told.credit).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('how hard an exercise is', () => {
  it('follows from everybody’s answers, worked by hand', () => {
    const tallies = talliesOf([
      ...Array.from({ length: 14 }, (_, index) => answer('joints.what.bridge', index, index < 4)),
      ...Array.from({ length: 10 }, (_, index) => answer('joints.what.dry', index, index < 9)),
      answer('joints.what.dry', 11, null),
    ]);
    expect(tallies).toEqual([
      { item: 'joints.what.bridge', right: 4, of: 14 },
      { item: 'joints.what.dry', right: 9, of: 10 },
    ]);
    const found = difficultiesOf(tallies);
    // The kind: (13 + 7.5) / (24 + 10) = 0.6029; bridge: (4 + 6 · 0.6029) / 20 = 0.3809; ln 3 − ln(0.3809 / 0.6191).
    expect(found.get('joints.what.bridge')).toBeCloseTo(Math.log(3) + 0.4858, 3);
    // Dry: (9 + 3.6176) / 16 = 0.7886; ln 3 − 1.3162.
    expect(found.get('joints.what.dry')).toBeCloseTo(Math.log(3) - 1.3162, 3);
  });

  it('is weighed against what the learner can do', () => {
    const hard = new Map([['joints.what.bridge', 3]]);
    const good = Array.from({ length: 20 }, (_, index) => answer('joints.what.dry', index, true));
    const bad = good.map((one) => ({ ...one, isRight: false, credit: 0 }));
    const [able, not] = [good, bad].map((answers) => chanceByItem(answers, hard));
    expect(able?.('joints.what.bridge')).toBeGreaterThan(not?.('joints.what.bridge') ?? 1);
    expect(able?.('joints.what.bridge')).toBeLessThan(able?.('joints.what.dry') ?? 0);
    // Nobody is worse than guessing.
    expect(not?.('joints.what.bridge')).toBeGreaterThanOrEqual(
      partsOfItem('joints.what.bridge')?.kind.guess ?? 0,
    );
  });

  it('gives a sensible mix: few that are too hard, and what fits before what is too easy', () => {
    const chanceOf = (item: string) =>
      item.startsWith('joints.') ? 0.2 : item.startsWith('bands.') ? 0.97 : 0.7;
    for (const seed of [1, 2, 3, 4, 5]) {
      const session = sessionOf({ kit: fullKit, cards: new Map(), now: at(0), seed, chanceOf });
      const of = (drill: string) => session.filter(({ item }) => item.startsWith(drill)).length;
      expect(of('joints.')).toBeLessThanOrEqual(3);
      expect(of('joints.') + of('bands.')).toBeLessThan(session.length / 2);
    }
  });
});
