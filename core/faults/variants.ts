import { placeOfPin } from '../board/pinNames.ts';
import { modelOf } from '../circuit/models/index.ts';
import type { State } from '../circuit/states.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Faulty, Subject } from './fault.ts';

/** Another way in which a board can stand while it is looked at: a button pressed, a sensor in the dark, two probes held together. */
export interface Variant {
  readonly place: string;
  readonly state: State | 'joined';
  /** What it is joined with; by itself where it has two leads. */
  readonly with?: string;
}

/** More are not tried: each is a run of its own for every fault. */
const mostVariants = 4;

/** Every part that hands, light or warmth move, in each way that it does not stand in already; and what can be held together. */
export function variantsOf(subject: Subject): Variant[] {
  const { circuit, conditions } = subject;
  const moved = circuit.devices.flatMap((device): Variant[] => {
    const model = modelOf(device);
    // Whatever the supply comes through is closed, or nothing is seen at all.
    if (!model || familyOf(device.part).passesSupply) return [];
    const { place } = device;
    const stands = conditions.states[place] ?? model.states?.[0];
    return (model.states ?? []).flatMap((state) => (state === stands ? [] : [{ place, state }]));
  });
  return [...joinedOutside(subject), ...moved].slice(0, mostVariants);
}

/** Wires and plugs that can touch: two leads of one, or the single leads of two neighbours. */
function joinedOutside({ circuit, conditions, at }: Subject): Variant[] {
  const mayTouch = (one: string | undefined, other: string | undefined) =>
    one !== undefined &&
    other !== undefined &&
    one !== other &&
    !([one, other].includes(at.plus) && [one, other].includes(at.minus)) &&
    !conditions.joined.some((pair) => pair.includes(one) && pair.includes(other));
  const found: Variant[] = [];
  let alone: { readonly place: string; readonly net: string } | undefined;
  for (const device of circuit.devices) {
    const nets = Object.values(device.netAt);
    if (!modelOf(device)?.joinsOutside || device.place === at.place) continue;
    const [first, second] = nets;
    const { place } = device;
    if (nets.length === 2 && mayTouch(first, second)) found.push({ place, state: 'joined' });
    if (nets.length !== 1 || first === undefined) continue;
    if (alone && mayTouch(alone.net, first)) {
      found.push({ place: alone.place, state: 'joined', with: place });
      alone = undefined;
    } else alone = { place, net: first };
  }
  return found;
}

/** A board that stands in another way. */
export function standing(
  { stage, extra }: Faulty,
  { place, state, with: other = place }: Variant,
): Faulty {
  const { conditions } = stage;
  if (state !== 'joined') {
    const states = { ...conditions.states, [place]: state };
    return { stage: { ...stage, conditions: { ...conditions, states } }, extra };
  }
  const netsOfPlace = (of: string) =>
    stage.circuit.nets.filter(({ pins }) => pins.some((pin) => placeOfPin(pin) === of));
  const [one, two] =
    other === place ? netsOfPlace(place) : [place, other].map((of) => netsOfPlace(of)[0]);
  if (!one || !two) return { stage, extra };
  const joined = [...conditions.joined, [one.id, two.id] as const];
  return { stage: { ...stage, conditions: { ...conditions, joined } }, extra };
}
