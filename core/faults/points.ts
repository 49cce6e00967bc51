import type { Pad } from '../board/board.ts';
import { pinName, placeOfPin } from '../board/pinNames.ts';
import { modelOf } from '../circuit/models/index.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Subject } from './fault.ts';
import type { Look, Points } from './signature.ts';
import { variantsOf } from './variants.ts';

/**
 * Where a probe is held for a net: at the pin that stands farthest from the copper of other nets, since a probe that
 * slips there does no harm; chips with their narrow rows come last.
 */
function probeOf(subject: Subject, pins: readonly string[]): string | undefined {
  const own = new Set(pins);
  const room = (pin: string): number => {
    const pad = subject.pads.find((one) => pinName(one) === pin);
    if (!pad) return 0;
    return Math.min(
      20,
      ...subject.pads.filter((one) => !own.has(pinName(one))).map((one) => gap(pad, one)),
    );
  };
  return pins
    .filter((pin) => subject.fitted.has(placeOfPin(pin)))
    .map((pin) => ({ pin, room: room(pin) }))
    .sort((a, b) => b.room - a.room)[0]?.pin;
}

const gap = (a: Pad, b: Pad) => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);

/** Where something can be seen, heard, felt or measured on a whole board. */
export function pointsOf(subject: Subject): Points {
  const { circuit, at } = subject;
  const probeFor = (id: string) =>
    probeOf(subject, circuit.nets.find((net) => net.id === id)?.pins ?? []);
  const nets = circuit.nets.flatMap(({ id }) => {
    const pin = id === at.minus ? undefined : probeFor(id);
    return pin === undefined ? [] : [{ id, pin }];
  });
  const senses = circuit.devices.flatMap((device) =>
    (modelOf(device)?.meters ?? []).map((of) => ({
      place: device.place,
      sense: of === 'led' ? ('light' as const) : ('sound' as const),
    })),
  );
  return {
    probes: nets.map(({ pin }) => pin),
    supply: nets.findIndex(({ id }) => id === at.plus),
    minus: probeFor(at.minus) ?? '',
    senses: [
      ...senses,
      ...variantsOf(subject).flatMap((when) => senses.map((one) => ({ ...one, when }))),
    ],
    warm: circuit.devices
      .filter(
        (device) => modelOf(device)?.watts !== undefined && familyOf(device.part).job !== 'light',
      )
      .map(({ place }) => place),
    across: circuit.devices
      .filter(
        ({ part, netAt }) =>
          familyOf(part).job === 'resistor' &&
          netAt['1'] !== undefined &&
          netAt['2'] !== undefined &&
          netAt['3'] === undefined &&
          netAt['1'] !== netAt['2'],
      )
      .map(({ place }) => place),
  };
}

/**
 * Only those other ways to stand in which a good board looks otherwise than usual, and something of it is to be seen.
 *
 * @param looks of the good board, by sense
 */
export function worthSeeing(points: Points, looks: readonly Look[]): Points {
  const usual = points.senses.filter(({ when }) => !when).length;
  const isWorth = points.senses.map(({ when }, index) => {
    if (!when) return true;
    const first = index - (index % usual);
    const others = looks.slice(first, first + usual);
    return others.some((look) => look !== 'off') && others.some((look, at) => look !== looks[at]);
  });
  return { ...points, senses: points.senses.filter((_, index) => isWorth[index]) };
}
