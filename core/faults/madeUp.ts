import type { Analysis } from '../circuit/netlist.ts';
import { nodeOf, supplyCurrent } from '../circuit/netlist.ts';
import { Pieces } from '../circuit/readings/pieces.ts';
import { planRun } from '../circuit/readings/planRun.ts';
import { coursesOf, solve } from '../circuit/readings/solve.ts';
import type { SpiceEngine } from '../circuit/spice.ts';
import { nominalDraw } from '../circuit/spread.ts';
import { madeUpLoads, unknownPlaces } from '../circuit/unknownParts.ts';
import { between, seeded } from '../random.ts';
import { netOfPin } from './change.ts';
import type { Faulty } from './fault.ts';
import { sensedOf, shownOf } from './shown.ts';
import type { Points, SensePoint, Shown, UnpoweredShown } from './signature.ts';
import { standing } from './variants.ts';

/** Rounds of the slowest swing that are enough to tell it, of those that a plan has. */
const shareOfPlan = 0.75;

/** At rest, or for how long boards of a kit are watched; null where not even the good one has a solution. */
export async function watchedFor(engine: SpiceEngine, { stage }: Faulty): Promise<Analysis | null> {
  const planned = await planRun(engine, stage);
  if (!planned) return null;
  const { analysis } = planned;
  return analysis.kind === 'point'
    ? analysis
    : { ...analysis, stopSeconds: analysis.stopSeconds * shareOfPlan };
}

/**
 * What so many boards show, each made of other pieces; fewer where no solution is found.
 *
 * @param first whether the first of them is as printed, with the usual supply
 */
export async function madeUp(
  engine: SpiceEngine,
  points: Points,
  faulty: Faulty,
  analysis: Analysis,
  count: number,
  seed: number,
  first: 'as printed' | 'made up' = 'as printed',
): Promise<Shown[]> {
  const { stage, extra } = faulty;
  const random = seeded(seed);
  const unknown = unknownPlaces(stage.circuit, stage.fitted);
  const shown: Shown[] = [];
  for (let board = 0; board < count; board += 1) {
    const isNominal = board === 0 && first === 'as printed';
    const pieces = new Pieces(random);
    const { volt, tiredVolt, freshVolt, ohm } = stage.feed;
    const fed = isNominal ? volt : between(random, tiredVolt, freshVolt);
    const how = {
      across: { kind: 'supply' as const, volt: fed, ohm },
      drawOf: isNominal ? () => nominalDraw : pieces.of,
      analysis,
      extra: [...extra, ...madeUpLoads(stage.circuit, unknown, stage.at, random)],
    };
    const run = await solve(engine, stage, how);
    if (!run) return shown;
    const usual = shownOf(points, faulty, run, analysis);
    const otherwise: Shown['senses'][number][] = [];
    for (const senses of byVariant(points)) {
      const [{ when } = {}] = senses;
      const other =
        when &&
        (await solve(engine, standing(faulty, when).stage, {
          ...how,
          drawOf: isNominal ? how.drawOf : pieces.except(when.place).of,
        }));
      if (!other) return shown;
      otherwise.push(...sensedOf(senses, stage.circuit, coursesOf(other, analysis)));
    }
    shown.push({ ...usual, senses: [...usual.senses, ...otherwise] });
  }
  return shown;
}

/** The senses of each other way to stand, together. */
function byVariant({ senses }: Points): SensePoint[][] {
  const found = new Map<string, SensePoint[]>();
  for (const sense of senses) {
    if (!sense.when) continue;
    const key = JSON.stringify(sense.when);
    found.set(key, [...(found.get(key) ?? []), sense]);
  }
  return [...found.values()];
}

/** Meters on ohms differ in what they put across the board, in volts behind ohms (common practice). */
const ohmmeters = [
  { volt: 0.5, ohm: 10_000 },
  { volt: 2.5, ohm: 2000 },
] as const;

/** What meters on ohms show between plus and minus with nothing connected; none where unknown parts are about. */
async function ohmsOf(engine: SpiceEngine, { stage, extra }: Faulty): Promise<number[]> {
  if (unknownPlaces(stage.circuit, stage.fitted).length > 0) return [];
  const read: number[] = [];
  for (const meter of ohmmeters) {
    const run = await solve(engine, stage, {
      across: { kind: 'ohmmeter', ...meter, turned: false },
      drawOf: () => nominalDraw,
      analysis: { kind: 'point' },
      extra,
    });
    const ampere = Math.abs(run?.get(supplyCurrent)?.[0] ?? Number.NaN);
    if (Number.isNaN(ampere)) return [];
    read.push(Math.min(1e7, Math.max(0.1, meter.volt / ampere - meter.ohm)));
  }
  return read;
}

/** What a meter puts across a part on ohms, behind so many ohms: too little for most junctions (common practice). */
const acrossMeter = { volt: 0.3, ohm: 10_000 } as const;

/** What a meter on ohms shows across each resistor while it is on the board. */
async function acrossOf(
  engine: SpiceEngine,
  { across }: Points,
  { stage, extra }: Faulty,
): Promise<(number | null)[]> {
  const read: (number | null)[] = [];
  for (const place of across) {
    // The probes are at its pads, whatever is soldered there.
    const [one, other] = ['1', '2'].map((pin) => {
      const net = netOfPin(stage, `${place}.${pin}`);
      return net === undefined ? undefined : nodeOf(net, stage.at);
    });
    if (one === undefined || other === undefined) {
      read.push(null);
      continue;
    }
    const { volt, ohm } = acrossMeter;
    const run = await solve(engine, stage, {
      across: { kind: 'supply', volt: 0, ohm: 1e9 },
      drawOf: () => nominalDraw,
      analysis: { kind: 'point' },
      extra: [...extra, `Vacross om ${other} ${volt}`, `Racross om ${one} ${ohm}`],
    });
    const at = (node: string) => (node === '0' ? 0 : (run?.get(`v(${node})`)?.[0] ?? Number.NaN));
    const fallen = Math.abs(at(one) - at(other));
    read.push(
      Number.isNaN(fallen)
        ? null
        : Math.min(1e7, Math.max(0.1, (fallen * ohm) / Math.max(1e-9, volt - fallen))),
    );
  }
  return read;
}

/** What a board shows without its supply. */
export const unpoweredOf = async (
  engine: SpiceEngine,
  points: Points,
  faulty: Faulty,
): Promise<UnpoweredShown> => ({
  ohms: await ohmsOf(engine, faulty),
  across: await acrossOf(engine, points, faulty),
});
