import { familyOf } from '../../parts/families/index.ts';
import type { Job } from '../../parts/family.ts';
import { pinoutOf } from '../../parts/pinouts.ts';
import type { Circuit, Device, SupplyAt } from '../circuit.ts';
import { amountOf } from '../models/amounts.ts';
import { modelOf } from '../models/index.ts';

/** A circuit as patterns look at it. */
export interface Seeing {
  readonly devices: readonly Device[];
  readonly at: SupplyAt;
  readonly volt: number;
  /** Nets that follow plus: through closed switches, fuses, and diodes in its way. */
  readonly plus: ReadonlySet<string>;
}

export const seeing = ({ devices }: Circuit, at: SupplyAt, volt: number): Seeing => ({
  devices: devices.filter(({ netAt }) => new Set(Object.values(netAt)).size > 1),
  at,
  volt,
  plus: followPlus(devices, at),
});

function followPlus(devices: readonly Device[], { plus, minus }: SupplyAt): Set<string> {
  const follows = new Set([plus]);
  for (let grew = true; grew; ) {
    grew = false;
    for (const device of devices) {
      const nets = Object.values(device.netAt);
      const [anode] = endsOf(device) ?? [];
      const isForward = isA(device, 'diode') && anode !== undefined && follows.has(anode);
      const isFree = familyOf(device.part).passesSupply === 'freely';
      if (!isForward && !(isFree && nets.some((net) => follows.has(net)))) continue;
      for (const net of nets) {
        if (net === minus || follows.has(net)) continue;
        follows.add(net);
        grew = true;
      }
    }
  }
  return follows;
}

/** What a device is, by what its model takes it for. */
export const isA = (device: Device, ...ids: readonly string[]): boolean =>
  ids.includes(modelOf(device)?.id ?? '');

export const doesJob = ({ part }: Device, job: Job): boolean => familyOf(part).job === job;

/** Both nets of a part with two leads; null where it has others. */
export function endsOf({ netAt }: Device): readonly [string, string] | null {
  const [one, other] = [netAt[1], netAt[2]];
  return one !== undefined && other !== undefined && Object.keys(netAt).length === 2
    ? [one, other]
    : null;
}

/** The other end of a part of two leads. */
export function across(device: Device, net: string): string | undefined {
  const ends = endsOf(device);
  if (!ends) return undefined;
  return ends[0] === net ? ends[1] : ends[1] === net ? ends[0] : undefined;
}

export const ohmOf = ({ part }: Device): number | undefined => amountOf(part, 'ohm');
export const faradOf = ({ part }: Device): number | undefined => amountOf(part, 'farad');

/** The net at a lead, by its name. */
export function netAtLead({ part, netAt }: Device, lead: string): string | undefined {
  const index = pinoutOf(part)?.pins.indexOf(lead) ?? -1;
  return index < 0 ? undefined : netAt[index + 1];
}

/** Parts with a lead on a net, but for those named. */
export const onNet = (
  { devices }: Seeing,
  net: string | undefined,
  ...but: readonly Device[]
): Device[] =>
  net === undefined
    ? []
    : devices.filter(
        (device) => !but.includes(device) && Object.values(device.netAt).includes(net),
      );
