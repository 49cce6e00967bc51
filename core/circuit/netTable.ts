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

/**
 * The nets after two pins were joined: whatever is on the net of either is on one, called as that of the first, or of
 * the second where the first has none, or else by a name that is free.
 */
export function withJoined(nets: readonly SaidNet[], one: string, other: string): SaidNet[] {
  const netOf = (pin: string) => nets.find(({ pins }) => pins.includes(pin));
  const [first, second] = [netOf(one), netOf(other)];
  const name = first?.name ?? second?.name ?? freeName(nets);
  const at = first ?? second;
  const pins = [...new Set([...(at?.pins ?? []), one, ...(second?.pins ?? [other])])];
  const joined = { name, pins };
  return at
    ? nets.flatMap((net) => (net === at ? [joined] : net === second ? [] : [net]))
    : [...nets, joined];
}

function freeName(nets: readonly SaidNet[]): string {
  const taken = new Set(nets.map(({ name }) => name.toLowerCase()));
  let number = 1;
  while (taken.has(`n${number}`)) number += 1;
  return `N${number}`;
}
