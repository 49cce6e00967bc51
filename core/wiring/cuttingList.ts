import type { Board } from '../board/board.ts';
import { footprintOf, signOfPin } from '../board/footprint.ts';
import { lengthsOf, wireLengthOf } from '../order/lengths.ts';
import { familyOf } from '../parts/families/index.ts';
import { roleOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import { coloursIn, type WireColour } from './wireColours.ts';

/** A piece of wire to be cut for one kit. */
export interface CutWire {
  readonly part: Part;
  readonly place: string;
  /** The lead of the part that it comes from: `+`, `−` or its number; absent where the piece is a part by itself. */
  readonly lead?: string;
  /** Its holes in the board, by the pins of its place: the far end of a lead, one end of a wire, both of a link. */
  readonly pins: readonly string[];
  /** One of the usual colours, another in somebody’s words, or unknown. */
  readonly colour: WireColour | { readonly written: string } | null;
  /** Null where nobody has said how long it is. */
  readonly mm: number | null;
  /** At each end; 0 for bare wire. */
  readonly stripMm: number;
  /** Strands are twisted and tinned before they go through a hole. */
  readonly isTinned: boolean;
  /** A sleeve over the joint at the part, which hangs free. */
  readonly hasSleeve: boolean;
}

/** Enough to go through the board and be soldered, without bare wire above it (common practice). */
const stripMm = 5;

/** The wires of a kit, in the order of its list: a first draft where the list does not say colours. */
export function cuttingListOf(parts: readonly Part[], board: Board | null): readonly CutWire[] {
  return parts.flatMap((part): CutWire[] => {
    if (part.supply === 'spare') return [];
    if (familyOf(part).role === 'link') return links(part, board);
    if (part.mounting?.kind === 'on-wires') return hanging(part);
    return roleOf(part) === 'off-board' ? wires(part) : [];
  });
}

/** Bare wire from hole to hole. */
function links(part: Part, board: Board | null): CutWire[] {
  const lengths = lengthsOf([part], board);
  return part.designators.map((place) => ({
    part,
    place,
    pins: footprintOf(part).pins.map(({ pin }) => pin),
    colour: null,
    mm:
      lengths.flatMap((one) =>
        one.kind === 'cut-link' && one.places.includes(place) ? [one.mm] : [],
      )[0] ?? null,
    stripMm: 0,
    isTinned: false,
    hasSleeve: false,
  }));
}

/** One wire for each lead of what hangs on them. */
function hanging(part: Part): CutWire[] {
  const given = part.mounting?.kind === 'on-wires' ? (part.mounting.colours ?? []) : [];
  const { pins } = footprintOf(part);
  return part.designators.flatMap((place) =>
    pins.map(({ pin }, index) => {
      const sign = signOfPin(part, pin);
      return {
        part,
        place,
        lead: sign ?? pin,
        pins: [pin],
        colour:
          // One colour for all, or one for each.
          colourOf(given.length === 1 ? given[0] : given[index]) ??
          (sign === '+' ? 'red' : sign === '−' ? 'black' : null),
        mm: wireLengthOf(part) ?? null,
        stripMm,
        isTinned: true,
        hasSleeve: true,
      };
    }),
  );
}

/** Wires that are lines of the list by themselves, with one end in the board; what comes with its own has nothing to cut. */
function wires(part: Part): CutWire[] {
  if (familyOf(part).joints(part) !== 1) return [];
  const listed = coloursIn(`${part.description} ${part.remarks ?? ''}`);
  return part.designators.map((place, index) => ({
    part,
    place,
    pins: footprintOf(part).pins.map(({ pin }) => pin),
    colour: (listed.length === 1 ? listed[0] : listed[index]) ?? null,
    mm: wireLengthOf(part) ?? null,
    stripMm,
    isTinned: true,
    hasSleeve: false,
  }));
}

const colourOf = (written: string | undefined): CutWire['colour'] | undefined =>
  written === undefined ? undefined : (coloursIn(written)[0] ?? { written });

/** How much wire of each colour a number of kits takes, in mm; unknown lengths are left out. */
export function wireNeeded(
  wires: readonly CutWire[],
  kits: number,
): readonly { readonly colour: CutWire['colour']; readonly pieces: number; readonly mm: number }[] {
  const sums = new Map<string, { colour: CutWire['colour']; pieces: number; mm: number }>();
  for (const { colour, mm, stripMm: strip } of wires) {
    if (mm === null) continue;
    const key = JSON.stringify([colour, strip === 0]);
    const sum = sums.get(key) ?? { colour, pieces: 0, mm: 0 };
    sums.set(key, { colour, pieces: sum.pieces + kits, mm: sum.mm + kits * mm });
  }
  return [...sums.values()];
}
