import type { Revision } from '#contract/kits';
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

/** The circuit of a revision, placed and routed in a thread of its own; null where its board does not tell one. */
export async function drawingOf(
  { board, lines, supplyVolt }: Pick<Revision, 'board' | 'lines' | 'supplyVolt'>,
  style: SymbolStyle,
): Promise<CircuitDrawing | null> {
  if (!board) return null;
  const parts = lines.map(({ part }) => part);
  const key = `${style} ${basisOf(board, parts, supplyVolt)}`;
  const known = drawings.get(key);
  if (known) return known;
  const circuit = circuitOf(board, parts);
  if (circuit.nets.length === 0) return null;
  const drawing = await circuitDrawing(circuit, supplyOf(circuit, board.circuit), style, (graph) =>
    converted<LaidOut>('circuitLayout', graph, { milliseconds: 60_000, megabytes: 512 }),
  );
  return drawings.set(key, drawing);
}
