import { familyOf } from '../parts/families/index.ts';
import type { Circuit, Device, SupplyAt } from './circuit.ts';
import { amountOf } from './models/amounts.ts';

/** Where nothing tells, long enough for what whistles. */
const leastSeconds = 0.002;
const longestSeconds = 120;

/** What swings does so in a few of these, in seconds. */
export interface Timescale {
  readonly shortest: number;
  readonly longest: number;
}

/**
 * The times that resistors and capacitors of a board need to charge. Capacitors across the supply are left out: they
 * charge at once.
 */
export function timescaleOf(
  { devices }: Circuit,
  fitted: ReadonlySet<string>,
  at: SupplyAt,
): Timescale {
  const there = devices.filter(({ place }) => fitted.has(place));
  const stiff = stiffNets(there, at);
  const times = there.flatMap(({ part, netAt }) => {
    const farad = amountOf(part, 'farad');
    if (farad === undefined) return [];
    const ends = Object.values(netAt);
    if (ends.every((net) => stiff.has(net))) return [];
    const ohms = there.flatMap((other) => {
      const ohm = amountOf(other.part, 'ohm');
      if (ohm === undefined || familyOf(other.part).job !== 'resistor') return [];
      const near = Object.values(other.netAt).some((net) => ends.includes(net) && !stiff.has(net));
      return near ? [ohm] : [];
    });
    return ohms.length === 0 ? [] : [farad * Math.max(...ohms)];
  });
  const within = (seconds: number) => Math.min(longestSeconds, Math.max(leastSeconds, seconds));
  return {
    shortest: within(times.length > 0 ? Math.min(...times) : leastSeconds),
    longest: within(Math.max(leastSeconds, ...times)),
  };
}

/** Nets that follow the supply: through closed switches, fuses and diodes. */
function stiffNets(devices: readonly Device[], { plus, minus }: SupplyAt): ReadonlySet<string> {
  const stiff = new Set([plus, minus]);
  for (let grew = true; grew; ) {
    grew = false;
    for (const { part, netAt } of devices) {
      const { job, acts } = familyOf(part);
      if (job !== 'switch' && job !== 'diode' && acts !== 'fusible') continue;
      const ends = Object.values(netAt);
      if (ends.length !== 2 || !ends.some((net) => stiff.has(net))) continue;
      for (const net of ends) {
        if (stiff.has(net)) continue;
        stiff.add(net);
        grew = true;
      }
    }
  }
  return stiff;
}
