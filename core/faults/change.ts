import { placeOfPin } from '../board/pinNames.ts';
import type { Circuit, Device } from '../circuit/circuit.ts';
import { nodeOf } from '../circuit/netlist.ts';
import type { Faulty, Subject } from './fault.ts';

/** The board as it is meant. */
export const asMeant = ({ circuit, at, fitted, conditions, feed }: Subject): Faulty => ({
  stage: { circuit, at, fitted, conditions, feed },
  extra: [],
});

/** With another device at each of these places; `null`: none. */
export function withDevices(
  subject: Subject,
  change: (device: Device) => Device | null,
  extra: readonly string[] = [],
): Faulty {
  const devices = subject.circuit.devices.flatMap((device) => change(device) ?? []);
  const circuit: Circuit = { ...subject.circuit, devices };
  return { stage: { ...asMeant(subject).stage, circuit }, extra };
}

/** With other nets at the pins of one place. */
export const rewired = (
  subject: Subject,
  place: string,
  netAt: (device: Device) => Device['netAt'],
  extra: readonly string[] = [],
): Faulty =>
  withDevices(
    subject,
    (device) => (device.place === place ? { ...device, netAt: netAt(device) } : device),
    extra,
  );

/** What stands between the cells and the board where a joint of theirs is open, in ohms. */
const openOhm = 1e9;

export function without(subject: Subject, place: string): Faulty {
  const { stage, extra } = withDevices(subject, (device) =>
    device.place === place ? null : device,
  );
  if (place !== subject.at.place) return { stage, extra };
  return { stage: { ...stage, feed: { ...stage.feed, ohm: openOhm } }, extra };
}

/** With one pin joined to nothing; a part with one pin left does nothing at all. */
export function pinOpen(subject: Subject, pin: string): Faulty {
  const place = placeOfPin(pin);
  const name = pin.slice(place.length + 1);
  const device = deviceAt(subject, place);
  if (!device || Object.keys(device.netAt).length <= 2) return without(subject, place);
  return rewired(subject, place, ({ netAt }) =>
    Object.fromEntries(Object.entries(netAt).filter(([of]) => of !== name)),
  );
}

export const deviceAt = (
  { circuit }: Pick<Subject, 'circuit'>,
  place: string,
): Device | undefined => circuit.devices.find((device) => device.place === place);

export const netOfPin = ({ circuit }: Pick<Subject, 'circuit'>, pin: string): string | undefined =>
  circuit.nets.find(({ pins }) => pins.includes(pin))?.id;

/** Solder from one net to another, in ohms. */
const bridgeOhm = 0.05;

export function netsJoined(subject: Subject, one: string, other: string): Faulty {
  const [a, b] = [nodeOf(one, subject.at), nodeOf(other, subject.at)].sort();
  const { stage } = asMeant(subject);
  return { stage, extra: [`Rsolder ${a} ${b} ${bridgeOhm}`] };
}

/** The devices of a subject that have pins on two nets or more. */
export const joinedDevices = ({ circuit }: Pick<Subject, 'circuit'>): Device[] =>
  circuit.devices.filter(({ netAt }) => new Set(Object.values(netAt)).size > 1);
