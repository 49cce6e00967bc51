import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../random.ts';
import { isLong } from '../../testing/cases.ts';
import { netlistOf } from '../netlist.ts';
import { nominalDraw } from '../spread.ts';
import { anyCircuit } from '../testing/anyCircuit.ts';
import { limitedEngine } from '../testing/engine.ts';
import { stageOf, wired } from '../testing/wired.ts';

/** What Debian’s ngspice (package `ngspice`) says of a netlist, by vector; null where it finds no solution. */
function elsewhere(netlist: string): Map<string, number> | null {
  const folder = mkdtempSync(join(tmpdir(), 'netlist-'));
  try {
    const [file, raw] = [join(folder, 'board.cir'), join(folder, 'board.raw')];
    writeFileSync(file, netlist);
    execFileSync('ngspice', ['-b', '-r', raw, file], {
      env: { ...process.env, SPICE_ASCIIRAWFILE: '1' },
      stdio: 'ignore',
      timeout: 30_000,
    });
    const text = readFileSync(raw, 'utf8');
    const names = [...text.matchAll(/^\t\d+\t(\S+)\t/gm)].map(([, name = '']) => name);
    const values = text.slice(text.indexOf('Values:')).split(/\s+/).slice(2).map(Number);
    return new Map(names.map((name, index) => [name.toLowerCase(), values[index] ?? Number.NaN]));
  } catch {
    return null;
  } finally {
    rmSync(folder, { recursive: true });
  }
}

const circuits = Array.from({ length: 60 }, (_, index) => index + 1);

describe.runIf(isLong)('the same netlists on Debian’s ngspice', () => {
  it('every net has the same voltage within 0.1 %', async () => {
    let compared = 0;
    for (const seed of circuits) {
      const { circuit, fitted, at, conditions } = stageOf(wired(anyCircuit(seeded(seed))), 9);
      const netlist = netlistOf({
        circuit,
        fitted,
        at,
        conditions,
        across: { kind: 'supply', volt: 9, ohm: 0.5 },
        drawOf: () => nominalDraw,
        analysis: { kind: 'point' },
        attempt: 0,
        // Two ways to a solution end at one place only where both go all the way.
      }).replace('reltol=1e-3', 'reltol=1e-6');
      const here = await limitedEngine(30).run(netlist);
      const there = elsewhere(netlist);
      if (!here.ok || !there) continue;
      // The two versions of the simulator differ by up to 10 mV where a field-effect transistor is about.
      const hasField = circuit.devices.some(({ part }) => part.family === 'mosfet-to92');
      for (const [vector, [value = 0]] of here.vectors) {
        const other = there.get(vector);
        if (other === undefined || !vector.startsWith('v(')) continue;
        compared += 1;
        expect(Math.abs(value - other), `${vector} of ${seed}`).toBeLessThan(
          Math.max(0.001 * Math.abs(value), 1e-4, hasField ? 0.012 : 0),
        );
      }
    }
    expect(compared).toBeGreaterThan(300);
  }, 900_000);
});
