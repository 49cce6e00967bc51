import { valueLabel } from '../../parts/label.ts';
import type { Circuit, Device, SupplyAt } from '../circuit.ts';
import type { PartSymbol, PortSide, SymbolStyle } from './symbol.ts';
import { symbolOf } from './symbolOf.ts';

/** A part in the drawing, before it has a place. */
export interface DrawnDevice {
  readonly place: string;
  readonly value: string;
  readonly symbol: PartSymbol;
  /** A box with pins; its name stands above. */
  readonly isBox: boolean;
  /** Its name stands at its left. */
  readonly isNamedLeft: boolean;
  /** Where the symbol stands within the room that is kept for it. */
  readonly offsetX: number;
  readonly offsetY: number;
  /** Room for symbol, marks and words. */
  readonly width: number;
  readonly height: number;
  /** Pins that end in a mark instead of a line: plus, minus, or the name of a net with many pins. */
  readonly marks: readonly Mark[];
}

export interface Mark {
  readonly pin: string;
  readonly x: number;
  readonly y: number;
  readonly side: PortSide;
  readonly kind: 'plus' | 'minus' | 'named';
  readonly net: string;
  readonly name: string;
  /** What stands there: its name, or its pole where nobody has named it. */
  readonly shown: string;
}

/** What the layout library places and routes: parts as boxes with ports, nets as edges. */
export interface LayoutGraph {
  readonly id: string;
  readonly layoutOptions: Readonly<Record<string, string>>;
  readonly children: readonly {
    readonly id: string;
    readonly width: number;
    readonly height: number;
    readonly layoutOptions: Readonly<Record<string, string>>;
    readonly ports: readonly {
      readonly id: string;
      readonly x: number;
      readonly y: number;
      readonly width: 0;
      readonly height: 0;
      readonly layoutOptions: Readonly<Record<string, string>>;
    }[];
  }[];
  readonly edges: readonly {
    readonly id: string;
    readonly sources: readonly string[];
    readonly targets: readonly string[];
  }[];
}

/** A net with more pins than this is told by its name at each of them: lines would only cross. */
const mostLined = 6;
const letterWidth = 6.6;
const markRoom = 18;

/** Plus above, minus below, every other net a line; parts stand as the current flows. */
export function layoutGraph(
  circuit: Circuit,
  at: SupplyAt | null,
  style: SymbolStyle,
): { readonly graph: LayoutGraph; readonly devices: readonly DrawnDevice[] } {
  const shown = circuit.devices.filter(({ netAt }) => Object.keys(netAt).length > 0);
  const ranks = ranksOf(shown, at);
  const lined = new Set(
    circuit.nets
      .filter(({ id, pins }) => id !== at?.plus && id !== at?.minus && pins.length <= mostLined)
      .map(({ id }) => id),
  );
  const nameOf = new Map(circuit.nets.map(({ id, name }) => [id, name]));
  const devices = shown.map((device) => drawn(device, at, lined, nameOf, ranks, style));
  const edges = [...lined].flatMap((net) => {
    const ends = devices.flatMap(({ place, symbol }, index) =>
      symbol.ports
        .filter(({ pin }) => shown[index]?.netAt[pin] === net)
        .map(({ pin, side }) => ({ id: `${place}.${pin}`, side })),
    );
    // Lines go down: from whatever ends below.
    const [first, ...rest] = [...ends].sort((a, b) => downwards[a.side] - downwards[b.side]);
    return rest.map(({ id }, index) => ({
      id: `${net}#${index}`,
      sources: [first?.id ?? ''],
      targets: [id],
    }));
  });
  return {
    devices,
    graph: {
      id: 'circuit',
      layoutOptions: {
        'elk.algorithm': 'layered',
        'elk.direction': 'DOWN',
        'elk.edgeRouting': 'ORTHOGONAL',
        'elk.layered.spacing.nodeNodeBetweenLayers': '26',
        'elk.spacing.nodeNode': '24',
        'elk.spacing.edgeNode': '12',
        'elk.spacing.edgeEdge': '10',
        'elk.layered.spacing.edgeNodeBetweenLayers': '12',
        'elk.layered.nodePlacement.strategy': 'NETWORK_SIMPLEX',
        'elk.layered.mergeEdges': 'true',
        'elk.separateConnectedComponents': 'true',
        'elk.spacing.componentComponent': '30',
        'elk.aspectRatio': '1.6',
      },
      children: devices.map(({ place, width, height, offsetX, offsetY, symbol, marks }) => ({
        id: place,
        width,
        height,
        layoutOptions: { 'elk.portConstraints': 'FIXED_POS' },
        ports: symbol.ports
          .filter(({ pin }) => !marks.some((mark) => mark.pin === pin))
          .map(({ pin, x, y, side }) => ({
            id: `${place}.${pin}`,
            // At the edge of its room, in line with where the symbol has it.
            x: side === 'WEST' ? 0 : side === 'EAST' ? width : offsetX + x,
            y: side === 'NORTH' ? 0 : side === 'SOUTH' ? height : offsetY + y,
            width: 0,
            height: 0,
            layoutOptions: { 'elk.port.side': side },
          })),
      })),
      edges,
    },
  };
}

const downwards: Readonly<Record<PortSide, number>> = { SOUTH: 0, EAST: 1, WEST: 2, NORTH: 3 };

function drawn(
  device: Device,
  at: SupplyAt | null,
  lined: ReadonlySet<string>,
  nameOf: ReadonlyMap<string, string>,
  ranks: ReadonlyMap<string, number>,
  style: SymbolStyle,
): DrawnDevice {
  const { place, part, netAt } = device;
  const pins = Object.keys(netAt).sort((a, b) => Number(a) - Number(b));
  const ends =
    pins.length > 2 ? [pins[0] ?? '1', pins.at(-1) ?? '2'] : [pins[0] ?? '1', pins[1] ?? '2'];
  const rank = (pin: string | undefined) => ranks.get(netAt[pin ?? ''] ?? '') ?? 50;
  const [one = '1', other = '2'] = ends;
  const symbol = symbolOf(device, {
    pins,
    style,
    isMiddleAbove: rank('2') < Math.min(rank('1'), rank('3')),
    upright: rank(one) <= rank(other) ? [one, other] : [other, one],
  });
  const marks = symbol.ports.flatMap(({ pin, x, y, side }): Mark[] => {
    const net = netAt[pin];
    if (net === undefined || lined.has(net)) return [];
    const kind = net === at?.plus ? 'plus' : net === at?.minus ? 'minus' : 'named';
    const name = nameOf.get(net) ?? net;
    // A net that is called by one of its pins has no name of its own.
    const isNamed = !name.includes('.');
    const shown = isNamed || kind === 'named' ? name : kind === 'plus' ? '+' : '−';
    return [{ pin, x, y, side, kind, net, name, shown }];
  });
  // Colours are words of a language; a drawing has none.
  const value = part.value.kind === 'colour' ? '' : valueLabel(part.value);
  const words = Math.max(place.length, value.length) * letterWidth + 6;
  const isBox = symbol.ports.some(({ side }) => side === 'EAST') && symbol.width > 40;
  const markWidth = (side: PortSide) =>
    Math.max(
      0,
      ...marks
        .filter((mark) => mark.side === side)
        .map(({ shown }) => shown.length * letterWidth + 12),
    );
  // Names stand at the right; at the left where something ends at the right.
  const isNamedLeft = !isBox && symbol.ports.some(({ side }) => side === 'EAST');
  const left = markWidth('WEST') + (isNamedLeft ? words : 0);
  const top = (marks.some(({ side }) => side === 'NORTH') ? markRoom : 0) + (isBox ? 26 : 0);
  const right =
    isBox || symbol.ports.some(({ side }) => side === 'EAST') ? markWidth('EAST') : words;
  const bottom = marks.some(({ side }) => side === 'SOUTH') ? markRoom : 0;
  return {
    place,
    value,
    symbol,
    isBox,
    isNamedLeft,
    offsetX: left,
    offsetY: top,
    width: left + symbol.width + right,
    height: top + symbol.height + bottom,
    marks,
  };
}

/** How many parts lie between a net and plus. */
function ranksOf(devices: readonly Device[], at: SupplyAt | null): Map<string, number> {
  const ranks = new Map<string, number>(at ? [[at.plus, 0]] : []);
  for (let round = 1; round < 40; round += 1) {
    for (const { netAt } of devices) {
      const nets = Object.values(netAt).filter((net) => net !== at?.minus);
      if (!nets.some((net) => ranks.get(net) === round - 1)) continue;
      for (const net of nets) if (!ranks.has(net)) ranks.set(net, round);
    }
  }
  if (at) ranks.set(at.minus, 99);
  return ranks;
}
