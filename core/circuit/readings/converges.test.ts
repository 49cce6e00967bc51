import { describe, expect, it } from 'vitest';
import { seeded } from '../../random.ts';
import { cases } from '../../testing/cases.ts';
import { anyCircuit } from '../testing/anyCircuit.ts';
import { limitedEngine } from '../testing/engine.ts';
import { stageOf, wired } from '../testing/wired.ts';
import { readStage } from './readStage.ts';

describe('generated circuits of up to 40 parts', () => {
  it('nearly all of them have a solution, and all that have none say so', async () => {
    const all = cases(200, 0.12);
    let solved = 0;
    const engine = limitedEngine(30);
    for (let seed = 1; seed <= all; seed += 1) {
      const figures = await readStage(engine, stageOf(wired(anyCircuit(seeded(seed))), 9), {
        boardsAtRest: 2,
        boardsOverTime: 2,
        seed,
      });
      if (!figures) continue;
      solved += 1;
      for (const { volt } of figures.nets) expect(Number.isFinite(volt.usual)).toBe(true);
      // A board of resistors and small parts at 9 V never has a net far beyond its supply.
      for (const { volt } of figures.nets) expect(Math.abs(volt.usual)).toBeLessThan(40);
    }
    expect(solved / all).toBeGreaterThanOrEqual(0.99);
  }, 3_600_000);
});
