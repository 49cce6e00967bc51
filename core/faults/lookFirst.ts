import { padsOf, partsByPlace } from '../board/pads.ts';
import type { Circuit } from '../circuit/circuit.ts';
import { circuitOf } from '../circuit/circuitOf.ts';
import { supplyOf } from '../circuit/supplyOf.ts';
import type { WiredKit } from '../circuit/wiredKit.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { placesOf } from './benchTests.ts';
import type { Faultable } from './fault.ts';
import type { LookAt } from './kinds/ids.ts';
import { faultsOf } from './kinds/index.ts';
import { faultTraits } from './kinds/traits.ts';
import { asUsual, type Weights } from './rank.ts';

/** Something that eyes look at on a board before anything is measured. */
export interface LookFirst {
  readonly at: LookAt;
  readonly place: string;
}

export interface KitToLookAt extends WiredKit {
  readonly supplyVolt: number | null;
}

/** A learner does not look at more than these: from there on it is less likely than what a helper would find. */
const mostLooks = 60;

/**
 * Where eyes find what is wrong with a board, likeliest first: how often a beginner does it, times how surely it is
 * seen. What is joined with what need not be known.
 */
export function lookFirst(kit: KitToLookAt, weights: Weights = asUsual): LookFirst[] {
  const found = new Map<string, LookFirst & { readonly chance: number }>();
  const counted = new Set<string>();
  for (const fault of faultsOf(faultableOf(kit))) {
    const { look, onceIn, isOneMistake } = faultTraits[fault.kind];
    if (!look) continue;
    const entry = { fault };
    const chance = (look.sees * weights(entry)) / onceIn;
    for (const place of placesOf(entry)) {
      const mistake = `${fault.kind} ${place}`;
      if (isOneMistake && counted.has(mistake)) continue;
      counted.add(mistake);
      const key = `${look.at} ${place}`;
      found.set(key, { at: look.at, place, chance: chance + (found.get(key)?.chance ?? 0) });
    }
  }
  return [...found.values()]
    .sort((a, b) => b.chance - a.chance)
    .slice(0, mostLooks)
    .map(({ at, place }) => ({ at, place }));
}

function faultableOf(kit: KitToLookAt): Faultable {
  const { board, circuitNotes, parts, supplyVolt } = kit;
  const known = circuitOf(kit);
  const circuit = known.nets.length > 0 ? known : everyPinByItself(parts);
  const place =
    supplyOf(circuit, circuitNotes)?.place ??
    circuit.devices.find(({ part }) => familyOf(part).power !== 'none')?.place;
  return {
    ...{ board, circuitNotes, parts, circuit },
    pads: board ? padsOf(board, partsByPlace(parts)) : [],
    at: place === undefined ? {} : { place },
    feed: { volt: supplyVolt },
  };
}

/** What is joined is not known: every pin stands for itself. */
function everyPinByItself(parts: readonly Part[]): Circuit {
  const devices = [...partsByPlace(parts)].map(([place, part]) => {
    const pins = Array.from({ length: familyOf(part).joints(part) }, (_, at) => String(at + 1));
    return {
      place,
      part,
      netAt: Object.fromEntries(pins.map((pin) => [pin, `${place}.${pin}`])),
    };
  });
  const nets = devices.flatMap(({ netAt }) =>
    Object.values(netAt).map((id) => ({ id, name: id, pins: [id] })),
  );
  return { nets, devices };
}
