import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { circuitOf } from '#core/circuit/circuitOf';
import { conditionsOf } from '#core/circuit/conditionsOf';
import { feedOf } from '#core/circuit/feedOf';
import type { StageFigures } from '#core/circuit/figures';
import { modelOf } from '#core/circuit/models/index';
import { blocksOf } from '#core/circuit/patterns/index';
import { readStage } from '#core/circuit/readings/readStage';
import { coursesOf, solve } from '#core/circuit/readings/solve';
import { whyNotReadable } from '#core/circuit/readKit';
import { nominalDraw } from '#core/circuit/spread';
import { supplyOf } from '#core/circuit/supplyOf';
import { testEngine } from '#core/circuit/testing/engine';
import { documentOf } from './examples.ts';
import { type DemoKitName, demoKits } from './scenario.ts';

async function circuitOfDemo(name: DemoKitName) {
  const demo = demoKits.find((one) => one.name === name);
  if (!demo) throw new Error(`no kit ${name}`);
  const document = await documentOf(demo, readFileSync(`demo/kits/${demo.file}`, 'utf8'));
  const { board, supplyVolt, lines } = document;
  if (!board || supplyVolt === null) throw new Error(`${name} has no board or no supply`);
  const parts = lines.map(({ part }) => part);
  const kit = { board, circuitNotes: document.circuitNotes ?? {}, parts, supplyVolt };
  const circuit = circuitOf(kit);
  const at = supplyOf(circuit, kit.circuitNotes);
  if (!at) throw new Error(`${name}: nothing tells where the supply comes in`);
  return { ...kit, circuit, at };
}

/** The whole board, or without some of its parts. */
async function figuresOf(
  name: DemoKitName,
  without: readonly string[] = [],
  joined: readonly (readonly [string, string])[] = [],
): Promise<StageFigures> {
  const { circuit, at, supplyVolt } = await circuitOfDemo(name);
  const figures = await readStage(
    testEngine,
    {
      circuit,
      at,
      fitted: new Set(
        circuit.devices.map(({ place }) => place).filter((place) => !without.includes(place)),
      ),
      conditions: conditionsOf(circuit, {
        joined: joined.map(([one, other]) => ({ one, other })),
      }),
      feed: feedOf(circuit, at, supplyVolt),
    },
    { boardsAtRest: 60, boardsOverTime: 6, seed: 1 },
  );
  if (!figures) throw new Error(`${name}: no solution`);
  return figures;
}
const looks = ({ seen }: StageFigures) =>
  Object.fromEntries(seen.map((one) => [one.place, one.looks]));

describe('the circuits of the examples', () => {
  it.each(demoKits.map(({ name }) => name))(
    '%s: every part is known, and so is its supply',
    async (name) => {
      const { circuit, ...kit } = await circuitOfDemo(name);
      expect(whyNotReadable(kit)).toBeNull();
      expect(
        circuit.devices.filter(({ part }) => !modelOf({ part })).map(({ place }) => place),
      ).toEqual([]);
    },
  );

  it('Twin Lamp: both lamps take turns, and the supply is not short', async () => {
    const figures = await figuresOf('Twin Lamp');
    expect(looks(figures)).toEqual({ D1: 'on-and-off', D2: 'on-and-off' });
    expect(figures.ohm?.redAtPlus.least).toBeGreaterThan(1000);
    // One LED at a time: (6 V − 1.9 V) over 470 Ω.
    expect(figures.milliampere?.usual).toBeGreaterThan(7);
    expect(figures.milliampere?.usual).toBeLessThan(11);
  }, 120_000);

  it('Twin Lamp: with one transistor missing the other lamp stays lit', async () => {
    const figures = await figuresOf('Twin Lamp', ['Q1']);
    expect(looks(figures)).toEqual({ D1: 'off', D2: 'on' });
  }, 120_000);

  it('Fern Minder: dry, it sounds; its probes in wet soil, it does not', async () => {
    expect(looks(await figuresOf('Fern Minder')).BZ1).toBe('on');
    const wet = await figuresOf('Fern Minder', [], [['W1.1', 'W2.1']]);
    expect(looks(wet).BZ1).toBe('off');
    expect(looks(wet).D4).toBe('off');
  }, 120_000);

  it('Tide Badge: its two lamps take turns some times a second', async () => {
    const figures = await figuresOf('Tide Badge');
    expect(looks(figures)).toEqual({ D2: 'on-and-off', D3: 'on-and-off' });
    expect(figures.seen[0]?.hertz?.usual).toBeGreaterThan(1);
    expect(figures.seen[0]?.hertz?.usual).toBeLessThan(6);
  }, 120_000);

  it('Wire Finder: nothing with its probes apart; at 1.44 / ((RA + 2 RB) C) with them together', async () => {
    expect(looks(await figuresOf('Wire Finder'))).toEqual({ BZ1: 'off' });
    const { seen } = await figuresOf('Wire Finder', [], [['W1.1', 'W2.1']]);
    // Any data sheet of the 555; 5 % for its spread and that of the parts more.
    const hertz = seen[0]?.hertz?.usual ?? 0;
    expect(Math.abs(hertz / (1.44 / (67_000 * 1e-8)) - 1)).toBeLessThan(0.12);
  }, 120_000);

  it('Pier Chaser: six lamps take turns, each a sixth of the beat of 1.44 / ((RA + 2 RB) C)', async () => {
    const { circuit, at, supplyVolt } = await circuitOfDemo('Pier Chaser');
    const fitted = new Set(circuit.devices.map(({ place }) => place));
    const feed = feedOf(circuit, at, supplyVolt);
    const analysis = { kind: 'time', stopSeconds: 11, stepSeconds: 11 / 400 } as const;
    const run = await solve(
      testEngine,
      { circuit, at, fitted, conditions: conditionsOf(circuit, {}), feed },
      {
        across: { kind: 'supply', volt: feed.volt, ohm: feed.ohm },
        drawOf: () => nominalDraw,
        analysis,
        extra: [],
      },
    );
    const course = coursesOf(run ?? new Map(), analysis);
    const beat = course(`v(${circuit.nets.find(({ name }) => name === 'CLOCK')?.id})`).hertz ?? 0;
    // R1 10 kΩ, R2 10 kΩ and half of RV1, 4.7 µF (any data sheet of the 555).
    expect(Math.abs(beat / (1.44 / ((10_000 + 2 * 60_000) * 4.7e-6)) - 1)).toBeLessThan(0.08);
    for (const lamp of [1, 2, 3, 4, 5, 6]) {
      const { hertz = 0, duty = 0, most } = course(`i(vd${lamp}_led)`);
      expect((6 * hertz) / beat, `D${lamp}`).toBeCloseTo(1, 1);
      expect(duty, `D${lamp}`).toBeCloseTo(1 / 6, 1);
      // (9 V − 2 V) over 470 Ω and the 400 Ω of the output.
      expect(most * 1000).toBeCloseTo(8, 0);
    }
  }, 120_000);
});

describe('what the examples are recognised to do', () => {
  it.each([
    ['Twin Lamp', ['two-transistor-astable', 'led', 'led']],
    [
      'Fern Minder',
      ['reverse-diode', 'decoupling', 'decoupling', 'comparator', 'led', 'led', 'led'],
    ],
    ['Tide Badge', ['reverse-diode', 'decoupling', 'schmitt-oscillator', 'led', 'led']],
    ['Pier Chaser', ['decoupling', 'timer-astable', 'counter', 'led']],
  ] as const)('%s', async (name, patterns) => {
    const { circuit, at, supplyVolt } = await circuitOfDemo(name);
    expect(blocksOf(circuit, at, supplyVolt).map(({ pattern }) => pattern)).toEqual(patterns);
  });
});
