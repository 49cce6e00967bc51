import type { Step } from '../order/step.ts';
import { circuitOf } from './circuitOf.ts';
import { conditionsOf } from './conditionsOf.ts';
import { feedOf } from './feedOf.ts';
import { basisOf, type FiguresOfStage, type KitFigures } from './kitFigures.ts';
import { readStage } from './readings/readStage.ts';
import type { SpiceEngine } from './spice.ts';
import { stagesOf } from './stages.ts';
import { supplyOf } from './supplyOf.ts';
import type { WiredKit } from './wiredKit.ts';

export interface KitToRead extends WiredKit {
  readonly supplyVolt: number | null;
  /** In the order in which it is built. */
  readonly steps: readonly Step[];
}

/** Why nothing can be worked out: nothing tells the connections, nor where the supply comes in, nor its voltage. */
export type NotReadable = 'no-nets' | 'no-supply' | 'no-voltage';

export function whyNotReadable(kit: Omit<KitToRead, 'steps'>): NotReadable | null {
  const circuit = circuitOf(kit);
  if (circuit.nets.length === 0) return 'no-nets';
  if (!supplyOf(circuit, kit.circuitNotes)) return 'no-supply';
  return kit.supplyVolt === null ? 'no-voltage' : null;
}

/**
 * What boards of a kit show at every stage of the build at which they have their supply.
 *
 * @param onProgress called with the part that is done, from 0 to 1; what it throws ends the work
 * @throws Error where the kit is not readable; see `whyNotReadable`
 */
export async function readKit(
  engine: SpiceEngine,
  kit: KitToRead,
  onProgress: (done: number) => void = () => {},
): Promise<KitFigures> {
  const { circuitNotes, supplyVolt, steps } = kit;
  const circuit = circuitOf(kit);
  const at = supplyOf(circuit, circuitNotes);
  if (!at || supplyVolt === null) throw new Error('nothing tells where the supply comes in');
  const conditions = conditionsOf(circuit, circuitNotes);
  const feed = feedOf(circuit, at, supplyVolt, circuitNotes.feed);
  const measured = stagesOf(steps).filter(
    ({ places }) => at.place === undefined || places.includes(at.place),
  );
  const stages: FiguresOfStage[] = [];
  for (const [index, { places }] of measured.entries()) {
    const stage = { circuit, at, fitted: new Set(places), conditions, feed };
    const figures = await readStage(engine, stage, undefined, (done) =>
      onProgress((index + done) / measured.length),
    );
    stages.push({ places, figures });
  }
  return { basis: basisOf(kit), stages };
}
