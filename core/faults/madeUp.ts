import type { Analysis } from '../circuit/netlist.ts';
import { nodeOf, supplyCurrent } from '../circuit/netlist.ts';
import { Pieces } from '../circuit/readings/pieces.ts';
import { planRun } from '../circuit/readings/planRun.ts';
import { coursesOf, solve, type Vectors } from '../circuit/readings/solve.ts';
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
 * @param settles whether boards of this kit come to rest in one way only: then all but two of them are looked for near
 *   the second, several times as fast, as long as those two agree
 */
export async function madeUp(
  engine: SpiceEngine,
  points: Points,
  faulty: Faulty,
  analysis: Analysis,
  count: number,
  seed: number,
  first: 'as printed' | 'made up' = 'as printed',
  settles = false,
): Promise<Shown[]> {
  const { stage, extra } = faulty;
  const random = seeded(seed);
  const unknown = unknownPlaces(stage.circuit, stage.fitted);
  const shown: Shown[] = [];
  /** By how it stands. */
  const last = new Map<string, Vectors>();
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
    const isNear = settles && shown.length >= 2 && restAlike(shown, volt);
    const solved = async (stands: string, of: Faulty['stage'], drawOf: typeof how.drawOf) => {
      const near = isNear ? last.get(stands) : undefined;
      const run = await solve(engine, of, { ...how, drawOf, near });
      if (run) last.set(stands, run);
      return run;
    };
    const run = await solved('', stage, how.drawOf);
    if (!run) return shown;
    const usual = shownOf(points, faulty, run, analysis);
    const otherwise: Shown['senses'][number][] = [];
    for (const senses of byVariant(points)) {
      const [{ when } = {}] = senses;
      const other =
        when &&
        (await solved(
          JSON.stringify(when),
          standing(faulty, when).stage,
          isNominal ? how.drawOf : pieces.except(when.place).of,
        ));
      if (!other) return shown;
      otherwise.push(...sensedOf(senses, stage.circuit, coursesOf(other, analysis)));
    }
    shown.push({ ...usual, senses: [...usual.senses, ...otherwise] });
  }
  return shown;
}

/** Of what rests in one way all boards are about as high everywhere, as a part of the supply. */
const alikeShare = 0.2;

/** Whether boards came to rest in the same way: what can rest in two has each of them now and then. */
export const restAlike = (shown: readonly Shown[], volt: number): boolean =>
  shown.every(({ volts }) =>
    volts.every(
      (one, probe) => Math.abs(one - (shown[0]?.volts[probe] ?? one)) <= alikeShare * volt,
    ),
  );

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

/**
 * What a meter on ohms shows across each resistor while it is on the board: the probes go from one to the next, and the
 * board is solved again with each.
 */
async function acrossOf(
  engine: SpiceEngine,
  { across }: Points,
  { stage, extra }: Faulty,
): Promise<(number | null)[]> {
  // The probes are at its pads, whatever is soldered there.
  const probed = across.flatMap((place) => {
    const [one, other] = ['1', '2'].map((pin) => {
      const net = netOfPin(stage, `${place}.${pin}`);
      return net === undefined ? undefined : nodeOf(net, stage.at);
    });
    return one === undefined || other === undefined ? [] : [{ place, one, other }];
  });
  if (probed.length === 0) return across.map(() => null);
  const { volt, ohm } = acrossMeter;
  const run = await solve(engine, stage, {
    across: { kind: 'supply', volt: 0, ohm: 1e9 },
    drawOf: () => nominalDraw,
    analysis: { kind: 'steps', count: probed.length },
    extra: [
      ...extra,
      ...probed.map(
        ({ one, other }, index) =>
          `Bacross${index} ${other} ${one} I = u(0.5-abs(V(step)-${index + 1}))*(${volt}-V(${one},${other}))/${ohm}`,
      ),
    ],
  });
  const read = new Map(
    probed.map(({ place, one, other }, step) => {
      const at = (node: string) =>
        node === '0' ? 0 : (run?.get(`v(${node})`)?.[step] ?? Number.NaN);
      const fallen = Math.abs(at(one) - at(other));
      const measured = (fallen * ohm) / Math.max(1e-9, volt - fallen);
      return [place, Number.isNaN(fallen) ? null : Math.min(1e7, Math.max(0.1, measured))];
    }),
  );
  return across.map((place) => read.get(place) ?? null);
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
