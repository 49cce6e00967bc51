import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  LineReader,
  readCommand,
  readMessage,
  type ScaleMessage,
  writeCommand,
  writeMessage,
} from './scaleProtocol.ts';
import {
  countByWeight,
  countDeviation,
  largestCertainCount,
  sampleProblem,
  type WeighingSetup,
} from './weighing.ts';

/** The same numbers on every run: a linear congruential generator (Numerical Recipes, ranqd1). */
function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(1664525, state) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}
const gauss = (next: () => number) =>
  Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());

describe('counting by weight', () => {
  const setup: WeighingSetup = { resolutionGrams: 0.01, pieceSpread: 0.02 };

  // Worked by hand: 10 pieces of 0.25 g, a rounding of 0.01/√12 = 0.002887 g; for 50 pieces
  // 50·0.0004 + 2500·(0.0004/10 + (0.002887/2.5)²) + (0.002887/0.25)² = 0.02 + 0.1 + 0.003333 + 0.000133 = 0.123467.
  it('adds its three doubts as variances', () => {
    expect(countDeviation(50, { pieces: 10, grams: 2.5 }, setup) ** 2).toBeCloseTo(0.123467, 5);
  });

  it('says how many are certain, and no more', () => {
    const sample = { pieces: 10, grams: 2.5 };
    const most = largestCertainCount(sample, setup);
    expect(2.5758 * countDeviation(most, sample, setup)).toBeLessThan(0.5);
    expect(2.5758 * countDeviation(most + 1, sample, setup)).toBeGreaterThanOrEqual(0.5);
    expect(countByWeight(most * 0.25, sample, setup)).toMatchObject({
      pieces: most,
      certain: true,
    });
    expect(countByWeight(10 * most * 0.25, sample, setup).certain).toBe(false);
  });

  it('a larger sample makes more certain', () => {
    const most = (pieces: number) => largestCertainCount({ pieces, grams: pieces * 0.25 }, setup);
    expect(most(50)).toBeGreaterThan(most(10));
    expect(largestCertainCount({ pieces: 1, grams: 0.01 }, setup)).toBe(0);
  });

  it('is right 99 times of 100 at the largest certain count (simulated, twenty thousand weighings)', () => {
    const next = random(7);
    const pieceGrams = 0.25;
    const lot = (pieces: number) => {
      const spread = setup.pieceSpread * pieceGrams * Math.sqrt(pieces);
      const weight = pieces * pieceGrams + spread * gauss(next);
      return Math.round(weight / setup.resolutionGrams) * setup.resolutionGrams;
    };
    let right = 0;
    const rounds = 20_000;
    for (let round = 0; round < rounds; round += 1) {
      const sample = { pieces: 20, grams: lot(20) };
      const most = largestCertainCount({ pieces: 20, grams: 20 * pieceGrams }, setup);
      if (countByWeight(lot(most), sample, setup).pieces === most) right += 1;
    }
    // Three standard deviations of such a count around 99 %.
    expect(right / rounds).toBeGreaterThan(0.99 - 3 * Math.sqrt((0.99 * 0.01) / rounds));
  });

  it('refuses a sample that the scale cannot weigh', () => {
    expect(sampleProblem({ pieces: 10, grams: 0.05 }, setup)?.says).toMatch(/TooLight/);
    expect(sampleProblem({ pieces: 0, grams: 5 }, setup)?.says).toMatch(/countThePieces/);
    expect(sampleProblem({ pieces: 10, grams: 2.5 }, setup)).toBeUndefined();
  });
});

describe('the scale’s lines', () => {
  const message: fc.Arbitrary<ScaleMessage> = fc.oneof(
    fc.record({
      kind: fc.constant('weight' as const),
      grams: fc.integer({ min: -5000, max: 200_000 }).map((cents) => cents / 100),
      steady: fc.boolean(),
    }),
    fc.constant({ kind: 'tared' as const }),
    fc.record({
      kind: fc.constant('error' as const),
      text: fc.stringMatching(/^[a-z ]{0,20}[a-z]$/),
    }),
  );

  it('are read as they were written, in whatever pieces they arrive', () => {
    fc.assert(
      fc.property(
        fc.array(message, { maxLength: 12 }),
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1 }),
        (messages, sizes) => {
          const wire = messages.map(writeMessage).join('');
          const reader = new LineReader();
          const read: ScaleMessage[] = [];
          for (let at = 0, turn = 0; at < wire.length; turn += 1) {
            const size = sizes[turn % sizes.length] ?? 1;
            read.push(...reader.push(wire.slice(at, at + size)).map(readMessage));
            at += size;
          }
          expect(read).toEqual(
            messages.map((m) => ('grams' in m ? { ...m, grams: m.grams + 0 } : m)),
          );
        },
      ),
    );
  });

  it('noise is kept as noise and never crashes', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (noise) => {
        const lines = new LineReader().push(`${noise}\n`);
        for (const line of lines)
          expect(readMessage(line).kind).toMatch(/^(weight|tared|error|unknown)$/);
      }),
    );
  });

  it('commands go over the same wire', () => {
    expect(
      new LineReader().push(writeCommand('weigh') + writeCommand('tare')).map(readCommand),
    ).toEqual(['weigh', 'tare']);
    expect(readCommand('jump')).toBeUndefined();
  });
});
