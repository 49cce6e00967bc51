import { type WiredRevision, wiredKitOf } from '#contract/kits';
import { circuitOf } from '#core/circuit/circuitOf';
import {
  type CircuitDrawing,
  circuitDrawing,
  type LaidOut,
} from '#core/circuit/drawing/circuitDrawing';
import type { SymbolStyle } from '#core/circuit/drawing/symbol';
import { basisOf } from '#core/circuit/kitFigures';
import { supplyOf } from '#core/circuit/supplyOf';
import { memo } from '#core/memo';
import { converted } from '../isolated/isolated.ts';

/** By style and by what they were drawn from. */
const drawings = memo<string, CircuitDrawing>({ name: 'drawings of circuits', most: 50 });

/** The circuit of a revision, placed and routed in a thread of its own; null where nothing tells one. */
export async function drawingOf(
  revision: WiredRevision,
  style: SymbolStyle,
): Promise<CircuitDrawing | null> {
  const kit = wiredKitOf(revision);
  const key = `${style} ${basisOf(kit)}`;
  const known = drawings.get(key);
  if (known) return known;
  const circuit = circuitOf(kit);
  if (circuit.nets.length === 0) return null;
  const drawing = await circuitDrawing(
    circuit,
    supplyOf(circuit, kit.circuitNotes),
    style,
    (graph) => converted<LaidOut>('circuitLayout', graph, { milliseconds: 60_000, megabytes: 512 }),
  );
  return drawings.set(key, drawing);
}
