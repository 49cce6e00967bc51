import { footprintOf, signOfPin } from '../board/footprint.ts';
import type { Part } from '../parts/part.ts';
import type { Cable, Core } from './cable.ts';
import { coloursIn, type WireColour } from './wireColours.ts';

/** The end of a core as a lead of a part. */
export interface CableEnd {
  readonly place: string;
  /** Empty where only the part is named. */
  readonly lead: string;
}

/** The lead that an end names; undefined where it names no place on a board. */
export function endOf(text: string): CableEnd | undefined {
  const found = /^([A-Za-z]{1,4}\d{1,4})(?:\s*[.:/]\s*|\s*(?=[+−-]$)|\s+(?=\S)|$)((?:\S.*)?)$/.exec(
    text.trim(),
  );
  return found?.[1]
    ? { place: found[1].toUpperCase(), lead: (found[2] ?? '').trim().replace('-', '−') }
    : undefined;
}

/** The usual colour that is meant, where it is one. */
export const coreColour = ({ colour }: Core): WireColour | undefined => coloursIn(colour)[0];

/** Something about a cable that cannot be, as far as the list of parts tells. */
export interface CableProblem {
  readonly kind: 'no-such-place' | 'no-such-lead';
  readonly end: string;
  readonly place: string;
}

/**
 * Ends that the list of parts does not know. What is no place name is taken as it is written.
 *
 * @param parts by place name
 */
export function cableProblems(
  { cores }: Pick<Cable, 'cores'>,
  parts: ReadonlyMap<string, Part>,
): readonly CableProblem[] {
  return cores
    .flatMap(({ from, to }) => [from, to])
    .flatMap((end): CableProblem[] => {
      const named = endOf(end);
      if (!named) return [];
      const { place, lead } = named;
      const part = parts.get(place);
      if (!part) return [{ kind: 'no-such-place', end, place }];
      const leads = footprintOf(part).pins.flatMap(({ pin }) => [pin, signOfPin(part, pin)]);
      // Only a number or a sign can be wrong; `long lead` is somebody’s way to say it.
      const isKnown = !/^(\d+|[+−])$/.test(lead) || leads.length === 0 || leads.includes(lead);
      return isKnown ? [] : [{ kind: 'no-such-lead', end, place }];
    });
}

/** The cables that one of the places is joined by. */
export const cablesAt = (cables: readonly Cable[], places: ReadonlySet<string>): readonly Cable[] =>
  cables.filter(({ cores }) =>
    cores.some(({ from, to }) => [from, to].some((end) => places.has(endOf(end)?.place ?? ''))),
  );
