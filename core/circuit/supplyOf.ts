import { signOfPin } from '../board/footprint.ts';
import { isMinus } from '../board/minusNets.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Circuit, Device, Net, SupplyAt } from './circuit.ts';
import type { CircuitNotes } from './notes.ts';
import { perhapsPlus, plusNames } from './plusNames.ts';

/**
 * Where plus and minus come in: at the one part that feeds the board; else by the names of the nets at a connector, or
 * of any.
 *
 * @returns null where nothing tells; the instructor is asked
 */
export function supplyOf(circuit: Circuit, notes: CircuitNotes = {}): SupplyAt | null {
  const said = notes.supply && saidSupply(circuit, notes.supply);
  if (said) return said;
  const feeds = circuit.devices.filter(
    ({ part, netAt }) => familyOf(part).power === 'feeds-board' && Object.keys(netAt).length > 0,
  );
  const [feed] = feeds;
  if (feed && feeds.length === 1) {
    const at = (sign: '+' | '−') =>
      Object.entries(feed.netAt).find(([pin]) => signOfPin(feed.part, pin) === sign)?.[1];
    const [plus, minus] = [at('+'), at('−')];
    if (plus !== undefined && minus !== undefined && plus !== minus) {
      return { place: feed.place, plus, minus };
    }
  }
  return byNames(circuit);
}

function saidSupply(
  { nets, devices }: Circuit,
  { plus, minus }: NonNullable<CircuitNotes['supply']>,
): SupplyAt | null {
  const at = (pin: string) => nets.find(({ pins }) => pins.includes(pin))?.id;
  const [up, down] = [at(plus), at(minus)];
  if (up === undefined || down === undefined || up === down) return null;
  const place = plus.slice(0, plus.lastIndexOf('.'));
  // Clips may go to a lead of any part: that part need not be there for the supply to come in.
  const isFeed = devices.some((device) => device.place === place && isWayIn(device.part));
  return { ...(isFeed ? { place } : {}), plus: up, minus: down };
}

function byNames({ nets, devices }: Circuit): SupplyAt | null {
  const minus = nets.find(({ name }) => isMinus(name));
  if (!minus) return null;
  const named = plusNames.flatMap((names) => nets.filter(({ name }) => names.test(name)));
  const connector = (net: string) =>
    devices.find(
      ({ part, netAt }) => isWayIn(part) && Object.values(netAt).some((at) => at === net),
    );
  // A connector at which both come in says more than a name does.
  const besideMinus = (one: Net) => touches(connector(one.id), minus.id);
  const called = named.length > 0 ? named : nets.filter(({ name }) => perhapsPlus.test(name));
  const both = called.find(besideMinus);
  const plus = both ?? named[0];
  if (!plus) return null;
  const place = both && connector(both.id)?.place;
  return { ...(place === undefined ? {} : { place }), plus: plus.id, minus: minus.id };
}

const isWayIn = (part: Device['part']) => {
  const { job } = familyOf(part);
  return job === 'connector' || job === 'supply';
};

const touches = (device: Device | undefined, net: string) =>
  device !== undefined && Object.values(device.netAt).includes(net);
