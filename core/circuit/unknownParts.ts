import { pick, type Random } from '../random.ts';
import type { Circuit, SupplyAt } from './circuit.ts';
import { modelOf } from './models/index.ts';
import { named } from './models/model.ts';
import { nodeOf } from './netlist.ts';

/** Fitted parts that join nets in a way that nobody has said. */
export const unknownPlaces = ({ devices }: Circuit, fitted: ReadonlySet<string>): string[] =>
  devices
    .filter((device) => {
      const nets = new Set(Object.values(device.netAt));
      return fitted.has(device.place) && nets.size > 1 && modelOf(device) === undefined;
    })
    .map(({ place }) => place);

/** What a pin of an unknown part may do: nothing, take a little, take more, drive to either end. In ohms, to which node. */
const loads = [
  null,
  { ohm: 1e6, to: 'minus' },
  { ohm: 1e4, to: 'minus' },
  { ohm: 50, to: 'plus' },
  { ohm: 50, to: 'minus' },
] as const;

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
      if (net === at.plus || net === at.minus) return [];
      const load = pick(random, loads);
      if (!load) return [];
      const name = named('R', { place }, `unknown${pin}`);
      return [`${name} ${nodeOf(net, at)} ${nodeOf(at[load.to], at)} ${load.ohm}`];
    }),
  );
}
