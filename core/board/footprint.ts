import { type BodyShape, bodyLengthMm } from '../parts/body.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import { jointsOfPiece, mountOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';

export interface FootprintPin {
  readonly pin: string;
  /** From the middle of the part, y up, at rotation 0. */
  readonly x: number;
  readonly y: number;
  readonly square: boolean;
}

export interface Footprint {
  readonly pins: readonly FootprintPin[];
  readonly mount: 'through' | 'surface' | 'off-board' | 'none';
  readonly padWidthMm: number;
  readonly padHeightMm: number;
  /** Null for pads on the surface. */
  readonly drillMm: number | null;
  /** Seen from above, body and leads. */
  readonly widthMm: number;
  readonly heightMm: number;
}

// Usual pads for hand soldering (common practice): 1.9 mm round with a 0.8 mm hole.
const throughPadMm = 1.9;
const throughDrillMm = 0.8;

/**
 * Where the joints of a part are, from its family: two leads lie along x with pin 1 (plus, anode) on the left; chips
 * have the notch on the left, pin 1 at the lower left and count round against the clock, as in the data sheets.
 *
 * @param spanMm distance of the outer leads where they are bent to another one than usual
 */
export function footprintOf(part: Part, spanMm?: number): Footprint {
  const family = familyOf(part);
  const body = bodyOf(family, part);
  const length = bodyLengthMm(body, part);
  const pins = pinsOf(part, spanMm);
  const mount = mountOf(part);
  const surface = mount === 'surface';
  // What hangs off the board has only its holes on it.
  const [half, halfWidth] = mount === 'off-board' ? [1.5, 1.5] : [length / 2, body.widthMm / 2];
  const reachX = Math.max(half, ...pins.map(({ x }) => Math.abs(x)));
  const reachY = Math.max(halfWidth, ...pins.map(({ y }) => Math.abs(y)));
  return {
    pins,
    mount,
    padWidthMm: surface ? surfacePad(part).width : throughPadMm,
    padHeightMm: surface ? surfacePad(part).height : throughPadMm,
    drillMm: surface ? null : throughDrillMm,
    widthMm: 2 * reachX,
    heightMm: 2 * reachY,
  };
}

function pinsOf(part: Part, spanMm: number | undefined): FootprintPin[] {
  const family = familyOf(part);
  const body = bodyOf(family, part);
  const length = bodyLengthMm(body, part);
  const count = jointsOfPiece(part);
  // A wire has one end in the board; what hangs off it, or is only screwed on, has holes for its wires all the same.
  if (mountOf(part) === 'none' || count === 0) return [];
  // Wires have their holes side by side, whatever hangs on them.
  if (part.mounting?.kind === 'on-wires') {
    return Array.from({ length: count }, (_, index) =>
      pin(index + 1, (index - (count - 1) / 2) * 2.54, 0),
    );
  }
  if (family.pads === 'two-rows') return twoRows(part, count, length);
  if (family.pads === 'triangle') {
    return [pin(1, -0.95, -1.1), pin(2, 0.95, -1.1), pin(3, 0, 1.1)].slice(0, count);
  }
  if (family.pads === 'corners') {
    const x = (body.leadMm ?? length) / 2;
    return [pin(1, -x, -2.25), pin(2, x, -2.25), pin(3, -x, 2.25), pin(4, x, 2.25)];
  }
  if (family.mount === 'surface') {
    const x = length / 2 - 0.1;
    return [pin(1, -x, 0), pin(2, x, 0)].slice(0, count);
  }
  if (body.rows === 2 && count % 2 === 0) {
    const columns = count / 2;
    return Array.from({ length: count }, (_, index) =>
      pin(
        index + 1,
        (Math.floor(index / 2) - (columns - 1) / 2) * 2.54,
        index % 2 === 0 ? -1.27 : 1.27,
      ),
    );
  }
  const pitch = 'pinMm' in body ? body.pinMm : undefined;
  const usual =
    pitch !== undefined ? pitch * (count - 1) : (body.leadMm ?? Math.min(length, 10.16));
  const span = spanMm ?? usual;
  if (count === 1) return [pin(1, 0, 0)];
  return Array.from({ length: count }, (_, index) =>
    pin(index + 1, -span / 2 + (index * span) / (count - 1), 0),
  );
}

const pin = (number: number, x: number, y: number): FootprintPin => ({
  pin: String(number),
  // To a tenth of a micrometre, so that sums of pitches compare equal.
  x: Math.round(x * 1e4) / 1e4,
  y: Math.round(y * 1e4) / 1e4,
  square: number === 1,
});

function twoRows(part: Part, count: number, length: number): FootprintPin[] {
  const family = familyOf(part);
  const body = bodyOf(family, part);
  const columns = count / 2;
  const pitch = pitchOf(length, columns, body.shape);
  const y = family.mount === 'surface' ? body.widthMm / 2 + 0.75 : (body.leadMm ?? 7.62) / 2;
  return Array.from({ length: count }, (_, index) => {
    const below = index < columns;
    const column = below ? index : count - 1 - index;
    return pin(index + 1, -length / 2 + (column + 0.5) * pitch, below ? -y : y);
  });
}

/** Usual distances of legs on the surface, in mm (JEDEC; from memory). */
const surfacePitches = [1.27, 0.95, 0.8, 0.65, 0.5];

/** Legs stand in the pitch of their outline, which is seldom the length of the body over their number. */
function pitchOf(lengthMm: number, columns: number, shape: BodyShape): number {
  if (shape === 'dip') return 2.54;
  if (shape !== 'so') return lengthMm / columns;
  return surfacePitches.find((pitch) => pitch * (columns - 1) < lengthMm) ?? lengthMm / columns;
}

function surfacePad(part: Part): { width: number; height: number } {
  const body = bodyOf(familyOf(part), part);
  if (body.shape === 'so') return { width: 0.6, height: 1.5 };
  if (body.shape === 'sot') return { width: 0.9, height: 0.9 };
  return { width: 1.2, height: Math.max(1, body.widthMm) };
}

/** What stands beside a hole of a part with two ends that must not be exchanged: pin 1 is plus or anode. */
export function signOfPin(part: Part, pinName: string): '+' | '−' | undefined {
  const family = familyOf(part);
  if (family.polarity !== 'polarised' || jointsOfPiece(part) !== 2) return undefined;
  const hasPoles = family.signs.some(({ means }) =>
    ['plus', 'minus', 'anode', 'cathode'].includes(means),
  );
  if (!hasPoles) return undefined;
  return pinName === '1' ? '+' : '−';
}
