import type { Board } from '../board/board.ts';
import type { Step } from '../order/step.ts';
import type { Part } from '../parts/part.ts';
import { circuitOf } from './circuitOf.ts';
import { conditionsOf } from './conditionsOf.ts';
import { feedOf } from './feedOf.ts';
import { basisOf, type FiguresOfStage, type KitFigures } from './kitFigures.ts';
import { readStage } from './readings/readStage.ts';
import type { SpiceEngine } from './spice.ts';
import { stagesOf } from './stages.ts';
import { supplyOf } from './supplyOf.ts';

export interface KitToRead {
  readonly board: Board;
  readonly parts: readonly Part[];
  readonly supplyVolt: number | null;
  /** In the order in which it is built. */
  readonly steps: readonly Step[];
}

/** Why nothing can be worked out: the board tells no connections, nor where the supply comes in, nor its voltage. */
export type NotReadable = 'no-nets' | 'no-supply' | 'no-voltage';

export function whyNotReadable({
  board,
  parts,
  supplyVolt,
}: Omit<KitToRead, 'steps'>): NotReadable | null {
  const circuit = circuitOf(board, parts);
  if (circuit.nets.length === 0) return 'no-nets';
  if (!supplyOf(circuit, board.circuit)) return 'no-supply';
  return supplyVolt === null ? 'no-voltage' : null;
}

/**
 * What boards of a kit show at every stage of the build at which they have their supply.
 *
 * @param onProgress called with the part that is done, from 0 to 1; what it throws ends the work
 * @throws Error where the kit is not readable; see `whyNotReadable`
 */
export async function readKit(
  engine: SpiceEngine,
  { board, parts, supplyVolt, steps }: KitToRead,
  onProgress: (done: number) => void = () => {},
): Promise<KitFigures> {
  const circuit = circuitOf(board, parts);
  const at = supplyOf(circuit, board.circuit);
  if (!at || supplyVolt === null) throw new Error('nothing tells where the supply comes in');
  const conditions = conditionsOf(circuit, board.circuit ?? {});
  const feed = feedOf(circuit, at, supplyVolt, board.circuit?.feed);
  const measured = stagesOf(steps).filter(
    ({ places }) => at.place === undefined || places.includes(at.place),
  );
  const stages: FiguresOfStage[] = [];
  for (const [index, { places }] of measured.entries()) {
    const stage = { circuit, at, fitted: new Set(places), conditions, feed };
    const figures = await readStage(engine, stage, undefined, (done, of) =>
      onProgress((index + done / of) / measured.length),
    );
    stages.push({ places, figures });
  }
  return { basis: basisOf(board, parts, supplyVolt), stages };
}
