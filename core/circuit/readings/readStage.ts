import { between, type Random, seeded } from '../../random.ts';
import type { StageFigures } from '../figures.ts';
import type { Across } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { madeUpLoads, unknownPlaces } from '../unknownParts.ts';
import { leftByMeters, netFigures } from './atNets.ts';
import { currentOf } from './current.ts';
import { readOhm } from './ohms.ts';
import { Pieces, type Shown, supplyItself } from './pieces.ts';
import { planRun } from './planRun.ts';
import { seenOf } from './seen.ts';
import { coursesOf, solve } from './solve.ts';
import { boardsFor, type Effort, type Feed, type Stage, usualEffort } from './stage.ts';
import { warmOf } from './warm.ts';

/**
 * What boards show that are built as far as this, by making up many of them: each part somewhere within its spread,
 * the supply from fresh to tired, the meter within its accuracy.
 *
 * @param onProgress called with the part that is done, from 0 to 1
 * @returns null where not even the board as printed has a solution; the reason is the engine’s
 */
export async function readStage(
  engine: SpiceEngine,
  stage: Stage,
  effort: Effort = usualEffort,
  onProgress: (done: number) => void = () => {},
): Promise<StageFigures | null> {
  const { circuit, fitted, at } = stage;
  const random = seeded(effort.seed);
  const unknown = unknownPlaces(circuit, fitted);
  const planned = await planRun(engine, stage, (done) => onProgress(done * shareOfPlan));
  if (!planned) return null;
  const { analysis: plan, tooFast, cost } = planned;
  const boards = plan.kind === 'time' ? boardsFor(cost, effort) : effort.boardsAtRest;
  const shown: Shown[] = [];
  // What an unknown part may drive is as stiff as it likes.
  const leftOf =
    plan.kind === 'point' && unknown.length === 0 ? await leftByMeters(engine, stage) : new Map();
  for (let index = 0; index < boards; index += 1) {
    const pieces = new Pieces(random);
    const across = supplyFrom(stage.feed, random);
    pieces.made.set(supplyItself, [across.volt]);
    const extra = madeUpLoads(circuit, unknown, at, random);
    const run = await solve(engine, stage, { across, drawOf: pieces.of, analysis: plan, extra });
    if (run) shown.push({ course: coursesOf(run, plan), pieces });
    onProgress(shareOfPlan + ((index + 1) / boards) * (1 - shareOfPlan));
  }
  if (shown.length < boards * 0.5) return null;
  const isUnsure = unknown.length > 0;
  return {
    ohm: isUnsure ? null : await readOhm(engine, stage, effort, random),
    ...currentOf(shown, random, isUnsure),
    nets: circuit.nets
      .filter(({ id, pins }) => id !== at.minus && pins.some((pin) => isFitted(pin, fitted)))
      .map(({ id }) => netFigures(id, stage, shown, random, leftOf.get(id), isUnsure)),
    seen: seenOf(stage, shown, isUnsure, tooFast),
    warm: isUnsure ? [] : warmOf(stage, shown),
    unknown,
    ...(tooFast ? { tooFast: true } : {}),
    solved: shown.length,
    boards,
  };
}

/** How long to watch the board is found out by runs that may take as long as a tenth of the rest. */
const shareOfPlan = 0.1;

const isFitted = (pin: string, fitted: ReadonlySet<string>) =>
  fitted.has(pin.slice(0, pin.lastIndexOf('.')));

function supplyFrom({ freshVolt, tiredVolt, ohm }: Feed, random: Random): Across {
  return { kind: 'supply', volt: between(random, tiredVolt, freshVolt), ohm };
}
