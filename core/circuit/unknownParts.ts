import { pick, type Random } from '../random.ts';
import type { Circuit, SupplyAt } from './circuit.ts';
import { modelOf } from './models/index.ts';
import { named } from './models/model.ts';
import { nodeOf } from './netlist.ts';

/** Fitted parts that join nets in a way that nobody has said. */
export const unknownPlaces = ({ devices }: Circuit, fitted: ReadonlySet<string>): string[] =>
  devices
    .filter(({ place, part, netAt }) => {
      const nets = new Set(Object.values(netAt));
      return fitted.has(place) && nets.size > 1 && modelOf(part) === undefined;
    })
    .map(({ place }) => place);

/** What a pin of an unknown part may do: nothing, take a little, take more, drive to either end. */
const loads = ['none', 'little', 'more', 'to-plus', 'to-minus'] as const;

/**
 * A made-up behaviour for parts that nobody knows: each pin does nothing, loads, or drives. Over many boards this shows
 * which readings do not depend on them.
 */
export function madeUpLoads(
  { devices }: Circuit,
  places: readonly string[],
  at: SupplyAt,
  random: Random,
): string[] {
  const unknown = devices.filter(({ place }) => places.includes(place));
  return unknown.flatMap(({ place, netAt }) =>
    Object.entries(netAt).flatMap(([pin, net]) => {
      const node = nodeOf(net, at);
      const name = named('R', { place }, `unknown${pin}`);
      if (net === at.plus || net === at.minus) return [];
      switch (pick(random, loads)) {
        case 'none':
          return [];
        case 'little':
          return [`${name} ${node} 0 1e6`];
        case 'more':
          return [`${name} ${node} 0 1e4`];
        case 'to-plus':
          return [`${name} ${node} ${nodeOf(at.plus, at)} 50`];
        case 'to-minus':
          return [`${name} ${node} 0 50`];
      }
    }),
  );
}
