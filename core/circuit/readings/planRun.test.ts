import { describe, expect, it } from 'vitest';
import { seeded } from '../../random.ts';
import { nominalDraw } from '../spread.ts';
import { dip, film, pins, resistor } from '../testing/chips.ts';
import { testEngine } from '../testing/engine.ts';
import { stageOf, type Wired, wired } from '../testing/wired.ts';
import { netFigures } from './atNets.ts';
import { Pieces, type Shown } from './pieces.ts';
import { planRun } from './planRun.ts';
import { coursesOf, solve } from './solve.ts';

interface Parts {
  readonly ra: number;
  readonly rb: number;
  readonly farad: number;
}

/** A 555 that swings by itself, at the net `clk`. */
const timer = ({ ra, rb, farad }: Parts): Wired[] => [
  [
    dip('U1', 'NE555', 8),
    pins(8, { 1: 'minus', 2: 'cap', 3: 'clk', 4: 'plus', 6: 'cap', 7: 'dis', 8: 'plus' }),
  ],
  [resistor('R1', ra), 'plus dis'],
  [resistor('R2', rb), 'dis cap'],
  [film('C1', farad), 'cap minus'],
];
/** f = 1.44 / ((RA + 2 RB) C), as data sheets of the 555 have it. */
const hertzOf = ({ ra, rb, farad }: Parts) => 1.44 / ((ra + 2 * rb) * farad);

const slow: Parts = { ra: 1000, rb: 22_000, farad: 4.7e-6 };
/** Its pulses are divided by sixteen: the slowest output decides how long a run is. */
const divided: Wired[] = [
  ...timer(slow),
  [dip('U2', '4024', 14), pins(14, { 1: 'clk', 2: 'minus', 7: 'minus', 14: 'plus', 6: 'slow' })],
  [resistor('R3', 10_000), 'slow minus'],
];

describe('how long and how closely a board is followed', () => {
  it('what swings fast keeps its frequency while what it drives is followed', async () => {
    const stage = stageOf(wired(divided), 9);
    const plan = await planRun(testEngine, stage);
    const analysis = plan?.analysis ?? { kind: 'point' };
    const across = { kind: 'supply', volt: 9, ohm: 0.001 } as const;
    const run = await solve(testEngine, stage, {
      ...{ across, analysis, drawOf: () => nominalDraw, extra: [] },
    });
    const course = coursesOf(run ?? new Map(), analysis);
    const expected = hertzOf(slow);
    expect((course('v(clk)').hertz ?? 0) / expected).toBeGreaterThan(0.97);
    expect((course('v(clk)').hertz ?? 0) / expected).toBeLessThan(1.03);
    expect((course('v(slow)').hertz ?? 0) / (expected / 16)).toBeGreaterThan(0.97);
    expect((course('v(slow)').hertz ?? 0) / (expected / 16)).toBeLessThan(1.03);
  });

  it('what moves and has not come round is not told as a mean', () => {
    const stage = stageOf(wired([[resistor('R1', 1000), 'plus a']]), 5);
    const figures = (mean: number, most: number) => {
      const shown = Array.from(
        { length: 10 },
        (): Shown => ({
          course: () => ({ mean, least: 0, most }),
          pieces: new Pieces(seeded(1)),
        }),
      );
      return netFigures('a', stage, shown, seeded(1), undefined, false);
    };
    expect(figures(1.7, 5).unsure).toBe(true);
    expect(figures(0.1, 0.2).unsure).toBeUndefined();
    // Steady, but for needles where something flips.
    expect(figures(4.9, 5).unsure).toBeUndefined();
  });

  it('a counter that is halved and fivefolded is followed until its slowest output has come round', async () => {
    // As long to charge as to discharge: the slowest that such a clock is beside its parts.
    const parts: Parts = { ra: 10_000, rb: 12_000, farad: 1e-6 };
    const rows: Wired[] = [
      ...timer(parts),
      [
        dip('U2', '74LS90', 14),
        pins(14, {
          ...{ 14: 'clk', 12: 'one', 1: 'one', 9: 'two', 8: 'four', 11: 'eight' },
          ...{ 5: 'plus', 10: 'minus', 2: 'minus', 3: 'minus', 6: 'minus', 7: 'minus' },
        }),
      ],
    ];
    const plan = await planRun(testEngine, stageOf(wired(rows), 5));
    const stop = plan?.analysis.kind === 'time' ? plan.analysis.stopSeconds : 0;
    // Eight rounds of ten.
    expect((stop * hertzOf(parts)) / 10).toBeGreaterThan(6.5);
    expect((stop * hertzOf(parts)) / 10).toBeLessThan(9.5);
  });
});
