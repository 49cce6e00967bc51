import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../testing/cases.ts';
import { alloyOf, alloys, heatOfMelting, temperatureOf } from './alloys.ts';
import {
  coldState,
  type Hands,
  type HeatSetup,
  heldJoules,
  roomCelsius,
  solderCelsius,
  stepBy,
} from './model.ts';
import { outcomeOf } from './outcome.ts';
import { goodTry, secondsToReady } from './ready.ts';
import { HeatRun, replay, stepMs, type Try } from './run.ts';
import { targetOf, targets } from './targets.ts';
import { tipOf, tips } from './tips.ts';

const setup = (
  target = 'ordinary',
  tip = 'chisel-16',
  celsius = 340,
  alloy = 'sn60pb40',
): HeatSetup => ({
  tip: tipOf(tip),
  celsius,
  alloy: alloyOf(alloy),
  target: targetOf(target),
});

const both: Hands = { iron: 'both', feed: 'none' };
const away: Hands = { iron: 'away', feed: 'none' };

/** Goes so many seconds on in steps of so many seconds. */
function goOn(
  given: HeatSetup,
  hands: Hands,
  seconds: number,
  step = stepMs / 1000,
  from = coldState(given),
) {
  let state = from;
  for (let count = 0; count < Math.round(seconds / step); count += 1)
    state = stepBy(given, hands, state, step);
  return state;
}

describe('the heating model against closed forms', () => {
  // Two bodies that exchange heat: their difference falls as exp(−G (1/C₁ + 1/C₂) t), and what one loses the other
  // gains (Newton's law of cooling, any textbook of heat transfer).
  it('two bodies come together exponentially', () => {
    const target = {
      ...targetOf('ordinary'),
      padHeat: 0.5,
      sinkHeat: 0.3,
      padToSink: 0.08,
      padToLead: 0,
      sinkToAir: 0,
    };
    const given = { ...setup(), target };
    const hot = { ...coldState(given), pad: 225 };
    for (const seconds of [0.5, 2, 5]) {
      const { pad, sink } = goOn(given, away, seconds, 0.002, hot);
      const difference = 200 * Math.exp(-0.08 * (1 / 0.5 + 1 / 0.3) * seconds);
      expect(pad - sink).toBeCloseTo(difference, 6);
      expect(0.5 * pad + 0.3 * sink).toBeCloseTo(0.5 * 225 + 0.3 * roomCelsius, 6);
    }
  });

  // One body cooling to the air: exp(−G t / C).
  it('one body cools to the air exponentially', () => {
    const given = setup();
    const { bodyToAir, bodyHeat } = given.target;
    const alone = { ...given, target: { ...given.target, leadToBody: 0 } };
    const { body } = goOn(alone, away, 10, 0.002, { ...coldState(alone), body: 125 });
    expect(body - roomCelsius).toBeCloseTo(100 * Math.exp((-bodyToAir / bodyHeat) * 10), 6);
  });

  // Stefan’s balance: at the melting point all heat goes into melting, so a gram takes L / (G ΔT) seconds.
  it('solder stays at its melting point as long as its latent heat lasts', () => {
    const alloy = alloyOf('sn63pb37');
    const given: HeatSetup = {
      ...setup('ordinary', 'chisel-16', 340, 'sn63pb37'),
      // Bodies so large that they stay as hot as they are.
      target: { ...targetOf('ordinary'), padHeat: 1e9, leadHeat: 1e9 },
    };
    const { begin, end } = heatOfMelting(alloy, roomCelsius);
    const grams = 0.02;
    const start = {
      ...coldState(given),
      pad: 203,
      lead: 203,
      solderGrams: grams,
      solderJoules: begin * grams,
      flux: 0,
    };
    let state = start;
    let seconds = 0;
    while (state.solderJoules < end * grams) {
      state = stepBy(given, away, state, 0.001);
      seconds += 0.001;
    }
    // Two contacts of a dry surface at 203 °C against solder at 183 °C (half a kelvin more at the end).
    const perKelvin = ((0.2 * grams) / (grams + 0.002)) * 0.12 * 2;
    const mean = 203 - (alloy.solidus + 0.25);
    expect(seconds).toBeCloseTo(((end - begin) * grams) / (perKelvin * mean), 1);
    expect(solderCelsius(given, state)).toBeCloseTo(183.5, 0);
  });

  it('the temperature of solder and its heat are one and the same, and melting takes the latent heat', () => {
    for (const alloy of alloys) {
      const { begin, end, liquidus } = heatOfMelting(alloy, roomCelsius);
      expect(temperatureOf(alloy, begin, roomCelsius)).toBeCloseTo(alloy.solidus, 9);
      expect(temperatureOf(alloy, end, roomCelsius)).toBeCloseTo(liquidus, 9);
      expect(end - begin).toBeGreaterThanOrEqual(alloy.latentPerGram);
      fc.assert(
        fc.property(fc.double({ min: 0, max: 150, noNaN: true }), (joules) => {
          const more = temperatureOf(alloy, joules + 0.01, roomCelsius);
          expect(more).toBeGreaterThan(temperatureOf(alloy, joules, roomCelsius));
        }),
      );
    }
  });

  // Melting ranges from the alloys’ data sheets (from memory).
  it.each([
    ['sn63pb37', 183, 183],
    ['sn60pb40', 183, 190],
    ['sac305', 217, 220],
    ['sn99cu1', 227, 227],
    ['sn42bi58', 138, 138],
  ])('%s melts from %d to %d °C', (id, solidus, liquidus) => {
    expect(alloyOf(id)).toMatchObject({ solidus, liquidus });
  });
});

const anyHands = fc.record({
  iron: fc.constantFrom<Hands['iron']>('away', 'both', 'pad', 'lead'),
  feed: fc.constantFrom<Hands['feed']>('none', 'joint', 'iron'),
});
const anyTry: fc.Arbitrary<Try> = fc
  .array(fc.record({ hands: anyHands, forMs: fc.integer({ min: 50, max: 2500 }) }), {
    minLength: 1,
    maxLength: 6,
  })
  .map((parts) => {
    let atMs = 0;
    const strokes = parts.map(({ hands, forMs }) => {
      const stroke = { ...hands, atMs };
      atMs += forMs - (forMs % stepMs);
      return stroke;
    });
    return { strokes, lookedMs: atMs };
  });
const anySetup = fc.record({
  target: fc.constantFrom(...targets),
  tip: fc.constantFrom(...tips),
  alloy: fc.constantFrom(...alloys),
  celsius: fc.integer({ min: 250, max: 420 }),
});

describe('whatever the hands do', () => {
  it('no energy is lost or made, to a thousandth', () => {
    fc.assert(
      fc.property(anySetup, anyTry, (given, tried) => {
        const first = heldJoules(given, coldState(given));
        for (const { state } of replay(given, tried, 200)) {
          const balance = heldJoules(given, state) - first - state.heaterJoules + state.lostJoules;
          expect(Math.abs(balance)).toBeLessThan(0.001 * Math.max(1, state.heaterJoules));
        }
      }),
      { numRuns: cases(60, 0.17) },
    );
  });

  it('nothing gets hotter than the iron, and shares stay shares', () => {
    fc.assert(
      fc.property(anySetup, anyTry, (given, tried) => {
        for (const { state } of replay(given, tried, 100)) {
          for (const celsius of [state.pad, state.lead, state.body, state.sink]) {
            expect(celsius).toBeLessThanOrEqual(given.celsius + 1);
            expect(celsius).toBeGreaterThanOrEqual(roomCelsius - 1e-6);
          }
          for (const share of [state.padWetted, state.leadWetted, state.flux]) {
            expect(share).toBeGreaterThanOrEqual(-1e-9);
            expect(share).toBeLessThanOrEqual(1 + 1e-9);
          }
        }
      }),
      { numRuns: cases(60, 0.17) },
    );
  });

  it('half the step says the same within one per cent', () => {
    fc.assert(
      fc.property(anySetup, (given) => {
        const feed: Hands = { iron: 'both', feed: 'joint' };
        const coarse = goOn(given, feed, 1.5, stepMs / 1000, goOn(given, both, 2));
        const fine = goOn(given, feed, 1.5, stepMs / 2000, goOn(given, both, 2, stepMs / 2000));
        for (const key of ['tip', 'pad', 'lead', 'sink', 'body'] as const)
          expect(Math.abs(coarse[key] - fine[key])).toBeLessThan(
            0.01 * (fine[key] - roomCelsius) + 0.05,
          );
        expect(Math.abs(solderCelsius(given, coarse) - solderCelsius(given, fine))).toBeLessThan(3);
        const ready = secondsToReady(given);
        let state = coldState(given);
        let seconds = 0;
        while (ready !== null && Math.min(state.pad, state.lead) < given.alloy.liquidus + 10) {
          state = stepBy(given, both, state, 0.001);
          seconds += 0.001;
        }
        if (ready !== null) expect(Math.abs(ready - seconds)).toBeLessThan(0.01 * seconds + 0.006);
      }),
      { numRuns: cases(25, 0.17) },
    );
  });

  it('does not depend on how often a page draws', () => {
    const given = setup();
    const paced = (everyMs: number) => {
      const run = new HeatRun(given);
      run.use(both);
      for (let ms = 0; ms < 1500; ms += everyMs) run.advanceTo(ms);
      run.advanceTo(1500);
      run.use({ iron: 'both', feed: 'joint' });
      for (let ms = 1500; ms < 3000; ms += everyMs) run.advanceTo(ms);
      run.advanceTo(3000);
      return run.state;
    };
    expect(paced(16.7)).toEqual(paced(100));
    expect(paced(7)).toEqual(paced(100));
  });

  it('a try is worked out again as it was lived', () => {
    const given = setup();
    const run = new HeatRun(given);
    run.use(both);
    run.advanceTo(1400);
    run.use({ iron: 'both', feed: 'joint' });
    run.advanceTo(2600);
    run.use(away);
    run.advanceTo(5200);
    expect(replay(given, run.tried).at(-1)?.state).toEqual(run.state);
  });
});

/**
 * Seconds of heat before feeding, joint by joint, against what is usual with the hand (common practice: 1 to 3 s on an
 * ordinary pad at 325 to 350 °C, several times longer on a plane without spokes, 2 to 5 s in all for an ordinary joint;
 * a tip that is too small never gets there). 10 % below and above is left for what nobody measures with a watch.
 */
describe('the model against common practice', () => {
  it.each([
    ['ordinary', 'chisel-16', 325, 'sn60pb40', 1, 3],
    ['ordinary', 'chisel-16', 350, 'sn60pb40', 0.9, 3],
    ['ordinary', 'chisel-16', 360, 'sac305', 1, 3],
    ['plane-spokes', 'chisel-16', 350, 'sn60pb40', 1.3, 5],
    ['plane-solid', 'chisel-24', 350, 'sn60pb40', 2, 10],
    ['large-pad', 'chisel-16', 350, 'sn60pb40', 2, 6],
    ['lug', 'chisel-32', 350, 'sn60pb40', 1.4, 6],
    ['chip-end', 'chisel-16', 325, 'sn60pb40', 0.4, 2],
  ])('%s with %s at %d °C in %s: %d to %d s', (target, tip, celsius, alloy, from, to) => {
    const seconds = secondsToReady(setup(target, tip, celsius, alloy));
    expect(seconds).toBeGreaterThanOrEqual(from);
    expect(seconds).toBeLessThanOrEqual(to);
  });

  it.each([
    ['plane-solid', 'chisel-12'],
    ['plane-solid', 'needle-04'],
    ['lug', 'needle-04'],
    ['large-pad', 'needle-04'],
  ])('%s with %s: never', (target, tip) => {
    expect(secondsToReady(setup(target, tip, 340))).toBeNull();
  });

  it('takes several times longer on a plane without spokes than on an ordinary pad, and spokes lie between', () => {
    const of = (target: string) => secondsToReady(setup(target, 'chisel-24', 350)) ?? Number.NaN;
    expect(of('plane-solid') / of('ordinary')).toBeGreaterThan(2.5);
    expect(of('plane-spokes')).toBeGreaterThan(of('ordinary'));
    expect(of('plane-spokes')).toBeLessThan(of('plane-solid'));
  });

  it('an ordinary joint takes 2 to 5 s in all', () => {
    for (const celsius of [325, 340, 350]) {
      const given = setup('ordinary', 'chisel-16', celsius);
      const tried = goodTry(given);
      const outcome = tried && outcomeOf(given, tried);
      expect(outcome?.joint).toBe('good');
      expect(outcome?.faults).toEqual([]);
      expect(outcome?.facts.ironSeconds).toBeGreaterThan(2);
      expect(outcome?.facts.ironSeconds).toBeLessThan(5);
    }
  });

  it('lead-free takes longer at the same setting, and a hotter iron makes up for it', () => {
    const leaded = secondsToReady(setup('ordinary', 'chisel-16', 340)) ?? 0;
    const free = secondsToReady(setup('ordinary', 'chisel-16', 340, 'sac305')) ?? 0;
    const hotter = secondsToReady(setup('ordinary', 'chisel-16', 375, 'sac305')) ?? 99;
    expect(free).toBeGreaterThan(1.3 * leaded);
    expect(hotter).toBeLessThan(free);
  });
});

/** A pad that a dry tip does not get hot: a drop of solder between them carries the heat (common practice). */
describe('a bridge of solder', () => {
  it.each([
    ['plane-spokes', 'sac305', 370],
    ['plane-solid', 'sn60pb40', 340],
    ['plane-solid', 'sac305', 370],
  ])(
    'makes a good joint on %s in %s at %d °C, where touch alone does not',
    (target, alloy, celsius) => {
      const given = setup(target, 'chisel-16', celsius, alloy);
      expect(secondsToReady(given)).toBeNull();
      const at = (atMs: number, feed: Hands['feed']) => ({ atMs, iron: 'both', feed }) as const;
      const outcome = outcomeOf(given, {
        strokes: [
          at(0, 'none'),
          at(1900, 'joint'),
          at(2200, 'none'),
          at(3000, 'joint'),
          at(3900, 'none'),
          { atMs: 5000, iron: 'away', feed: 'none' },
        ],
        lookedMs: 12_000,
      });
      expect(outcome.joint).toBe('good');
    },
  );
});

describe('what comes of a try', () => {
  const given = setup();
  const on = (atMs: number, iron: Hands['iron'], feed: Hands['feed'] = 'none') => ({
    atMs,
    iron,
    feed,
  });
  const of = (lookedMs: number, ...strokes: Try['strokes']) =>
    outcomeOf(given, { strokes, lookedMs });

  it.each([
    [
      'fed too soon',
      [on(0, 'both'), on(100, 'both', 'joint'), on(500, 'away')],
      3000,
      null,
      'fed-too-soon',
    ],
    [
      'fed on the iron',
      [on(0, 'both', 'iron'), on(700, 'away')],
      4000,
      'pad-not-wetted',
      'fed-on-iron',
    ],
    [
      'the lead only',
      [on(0, 'lead'), on(1500, 'lead', 'joint'), on(2300, 'away')],
      6000,
      'pad-not-wetted',
      'only-lead',
    ],
    [
      'little',
      [on(0, 'both'), on(1500, 'both', 'joint'), on(1900, 'both'), on(2500, 'away')],
      6000,
      'too-little',
      'too-little',
    ],
    [
      'much',
      [on(0, 'both'), on(1500, 'both', 'joint'), on(4600, 'away')],
      9000,
      'too-much',
      'too-much',
    ],
    [
      'moved',
      [on(0, 'both'), on(1500, 'both', 'joint'), on(2700, 'both'), on(3200, 'away')],
      3300,
      'disturbed',
      'moved',
    ],
    [
      'for ever',
      [on(0, 'both'), on(1500, 'both', 'joint'), on(2700, 'both'), on(20_000, 'away')],
      24_000,
      'lifted-pad',
      'pad-burnt',
    ],
  ] as const)('%s', (_name, strokes, lookedMs, joint, fault) => {
    const outcome = of(lookedMs, ...strokes);
    expect(outcome.joint).toBe(joint);
    expect(outcome.faults).toContain(fault);
  });

  it('a part that must not get hot is spoiled by staying', () => {
    const hot = setup('hot-part');
    const outcome = outcomeOf(hot, {
      strokes: [on(0, 'both'), on(1500, 'both', 'joint'), on(2700, 'both'), on(8000, 'away')],
      lookedMs: 12_000,
    });
    expect(outcome.faults).toContain('part-burnt');
  });

  it('never crashes, and always says why where it is not good', () => {
    fc.assert(
      fc.property(anySetup, anyTry, (some, tried) => {
        const { joint, faults } = outcomeOf(some, tried);
        if (joint !== 'good') expect(faults.length + (joint === null ? 1 : 0)).toBeGreaterThan(0);
      }),
      { numRuns: cases(60, 0.17) },
    );
  });
});
