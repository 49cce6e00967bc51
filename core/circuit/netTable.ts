import type { SaidNet } from './notes.ts';

/** The net that each pin is on, as it is called. */
export const netNames = (nets: readonly SaidNet[]): ReadonlyMap<string, string> =>
  new Map(nets.flatMap(({ name, pins }) => pins.map((pin) => [pin, name] as const)));

/**
 * The nets after a pin was put on one of them by its name, in capitals or not; a name that none has makes a net, an
 * empty one takes the pin off. A colon ends the name of a net where nets are typed as text, so that names have none.
 */
export function withPinOn(nets: readonly SaidNet[], pin: string, typed: string): SaidNet[] {
  const name = typed.replaceAll(':', ' ').trim();
  const left = nets.map((net) => ({ ...net, pins: net.pins.filter((one) => one !== pin) }));
  const isIt = (net: SaidNet) => net.name.toLowerCase() === name.toLowerCase();
  const joined = left.some(isIt)
    ? left.map((net) => (isIt(net) ? { ...net, pins: [...net.pins, pin] } : net))
    : [...left, ...(name === '' ? [] : [{ name, pins: [pin] }])];
  return joined.filter(({ pins }) => pins.length > 0);
}
