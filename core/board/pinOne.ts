import { familyOf } from '../parts/families/index.ts';
import { jointsOfPiece } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Board, DiodePinOne, Pad } from './board.ts';
import { isMinus } from './minusNets.ts';
import { turned } from './transform.ts';

type Placed = Pick<Board, 'placements' | 'pads'>;

/** Whether a part is one of those whose pin 1 files do not agree about. */
export const hasAnode = (part: Part): boolean => {
  const { polarity, signs } = familyOf(part);
  return (
    polarity === 'polarised' &&
    jointsOfPiece(part) === 2 &&
    signs.some(({ means }) => means === 'anode' || means === 'cathode')
  );
};

/** Places of a file whose pin 1 somebody has to tell, in the order of the kit. */
export function askedPlaces(places: Iterable<string>, parts: ReadonlyMap<string, Part>): string[] {
  const named = new Set(places);
  return [...parts].flatMap(([place, part]) => (named.has(place) && hasAnode(part) ? [place] : []));
}

/**
 * Diodes and LEDs counted from their other end, and turned round with it. Done twice it is as it was: so files come in
 * and go out, and a wrong answer is put right.
 */
export function fromOtherEnd<Of extends Partial<Placed>>(
  board: Of,
  parts: ReadonlyMap<string, Part>,
): Of {
  const is = (place: string) => {
    const part = parts.get(place);
    return part !== undefined && hasAnode(part);
  };
  return {
    ...board,
    ...(board.placements && {
      placements: board.placements.map((one) =>
        is(one.place) ? { ...one, rotation: turned(one.rotation, 180) } : one,
      ),
    }),
    ...(board.pads && {
      pads: board.pads.map((pad) =>
        is(pad.place) ? { ...pad, pin: otherEnd[pad.pin] ?? pad.pin } : pad,
      ),
    }),
  };
}

const otherEnd: Readonly<Record<string, string>> = { 1: '2', 2: '1' };

/** What a pad list itself says about pin 1. */
export interface PinOneHint {
  readonly pinOne: DiodePinOne;
  /** LEDs with one end at minus: that end is their cathode, since a lit one is the other way round nowhere. */
  readonly places: readonly string[];
}

/** What the LEDs at minus say; undefined where there are none, or where they do not agree. */
export function pinOneHint(
  pads: readonly Pad[],
  parts: ReadonlyMap<string, Part>,
): PinOneHint | undefined {
  const atMinus = pads.filter(({ place, pin, net }) => {
    const part = parts.get(place);
    const isLed = part !== undefined && hasAnode(part) && familyOf(part).job === 'light';
    return isLed && pin in otherEnd && net !== null && isMinus(net);
  });
  const [first] = atMinus;
  if (!first || atMinus.some(({ pin }) => pin !== first.pin)) return undefined;
  return {
    pinOne: first.pin === '1' ? 'cathode' : 'anode',
    places: [...new Set(atMinus.map(({ place }) => place))],
  };
}

/** Pads whose pins are called by what they are, `A`, `K`, `+`: then nobody has to be asked. */
const poles: Readonly<Record<string, string>> = { A: '1', K: '2', C: '2', '+': '1', '-': '2' };

/** A pad list with the ends of diodes and LEDs numbered as here, where it names them. */
export function withNamedPoles(pads: readonly Pad[], parts: ReadonlyMap<string, Part>): Pad[] {
  return pads.map((pad) => {
    const part = parts.get(pad.place);
    const pin = part && hasAnode(part) ? poles[pad.pin.toUpperCase()] : undefined;
    return pin === undefined ? pad : { ...pad, pin };
  });
}

/** Whether a pad list leaves it open which end is which. */
export const isNumbered = (pads: readonly Pad[], place: string): boolean =>
  pads.some((pad) => pad.place === place && pad.pin in otherEnd);
