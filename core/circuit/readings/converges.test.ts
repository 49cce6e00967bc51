import { describe, expect, it } from 'vitest';
import { seeded } from '../../random.ts';
import { cases } from '../../testing/cases.ts';
import { anyCircuit } from '../testing/anyCircuit.ts';
import { limitedEngine, testEngine } from '../testing/engine.ts';
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

describe('what has no voltages at rest', () => {
  it('is told, and no state of just after switching on is given for it', async () => {
    // Nothing holds the node r; the capacitor at n charges for a millisecond.
    const cards = [
      'V1 s 0 2',
      'R1 s n 2000',
      'C1 n 0 100n',
      'B1 0 r I = 1e-9*(V(q)*(0-V(r)))',
      'C2 r 0 1e-16',
      'B2 q 0 V = 0*V(n)',
    ];
    const run = await testEngine.run(['* board', ...cards, '.save v(n)', '.op', '.end'].join('\n'));
    expect(run.ok ? run.vectors.get('v(n)')?.[0] : run.why).toBe('no-solution');
  });
});
