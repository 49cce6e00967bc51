import type { Circuit, SupplyAt } from '../circuit.ts';
import { type DrawnDevice, type LayoutGraph, layoutGraph } from './layoutGraph.ts';
import type { SymbolStyle } from './symbol.ts';

/** A circuit as it is drawn, in the units of its symbols; y down. */
export interface CircuitDrawing {
  readonly width: number;
  readonly height: number;
  readonly devices: readonly PlacedDevice[];
  readonly wires: readonly Wire[];
}

export interface PlacedDevice extends DrawnDevice {
  readonly x: number;
  readonly y: number;
}

/** A net’s lines: corner after corner, and the points at which more than two of them meet. */
export interface Wire {
  readonly net: string;
  readonly name: string;
  readonly lines: readonly (readonly Point[])[];
  readonly dots: readonly Point[];
}

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What the layout library gives back. */
export interface LaidOut {
  readonly width?: number;
  readonly height?: number;
  readonly children?: readonly { readonly id: string; readonly x?: number; readonly y?: number }[];
  readonly edges?: readonly {
    readonly id: string;
    readonly junctionPoints?: readonly Point[];
    readonly sections?: readonly {
      readonly startPoint: Point;
      readonly endPoint: Point;
      readonly bendPoints?: readonly Point[];
    }[];
  }[];
}

/**
 * A circuit placed and routed.
 *
 * @param layOut the layout library; it runs where heavy work runs
 */
export async function circuitDrawing(
  circuit: Circuit,
  at: SupplyAt | null,
  style: SymbolStyle,
  layOut: (graph: LayoutGraph) => Promise<LaidOut>,
): Promise<CircuitDrawing> {
  const { graph, devices } = layoutGraph(circuit, at, style);
  const { width = 0, height = 0, children = [], edges = [] } = await layOut(graph);
  const spots = new Map(children.map((child) => [child.id, child]));
  const byNet = new Map<string, { lines: Point[][]; dots: Point[] }>();
  for (const { id, sections = [], junctionPoints = [] } of edges) {
    const net = id.slice(0, id.lastIndexOf('#'));
    const wire = byNet.get(net) ?? { lines: [], dots: [] };
    byNet.set(net, wire);
    for (const { startPoint, bendPoints = [], endPoint } of sections)
      wire.lines.push([startPoint, ...bendPoints, endPoint]);
    wire.dots.push(...junctionPoints);
  }
  return {
    width,
    height,
    devices: devices.map((device) => ({
      ...device,
      x: spots.get(device.place)?.x ?? 0,
      y: spots.get(device.place)?.y ?? 0,
    })),
    wires: circuit.nets.flatMap(({ id, name }) => {
      const wire = byNet.get(id);
      return wire ? [{ net: id, name, ...wire }] : [];
    }),
  };
}
