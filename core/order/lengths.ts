import type { Board } from '../board/board.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import { roleOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Length } from './step.ts';

/** What goes through the board and is bent over, at each end (common practice). */
const endMm = 5;

/** The lengths of a step’s leads and wires, from the board or a footprint of the list; unknown ones are not said. */
export function lengthsOf(parts: readonly Part[], board: Board | null): Length[] {
  return parts.flatMap((part): Length[] => {
    const { body, mount } = familyOf(part);
    const role = roleOf(part);
    const { designators: places, mounting } = part;
    if (mounting?.kind === 'raised') return [{ kind: 'raise', places, mm: mounting.mm }];
    if (mounting?.kind === 'bent-over') return [{ kind: 'lay', places }];
    if (role === 'off-board') {
      const mm = wireLengthOf(part);
      return mm === undefined ? [] : [{ kind: 'cut-wire', places, mm }];
    }
    if (role === 'link') {
      return bySpan(part, board).map(({ places, mm }) => ({
        kind: 'cut-link',
        places,
        mm: mm + 2 * endMm,
      }));
    }
    if (body.shape !== 'rod' || mount !== 'through') return [];
    return bySpan(part, board).map(({ places, mm }) => ({ kind: 'bend', places, mm }));
  });
}

/** The places of a part by the distance of their holes. */
function bySpan(part: Part, board: Board | null): { places: string[]; mm: number }[] {
  const groups = new Map<number, string[]>();
  for (const place of part.designators) {
    const placement = board?.placements.find((one) => one.place === place);
    const mm =
      holeDistance(place, board) ?? placement?.spanMm ?? usualSpan(part, placement !== undefined);
    if (mm === undefined) continue;
    const rounded = Math.round(mm * 10) / 10;
    groups.set(rounded, [...(groups.get(rounded) ?? []), place]);
  }
  return [...groups].map(([mm, places]) => ({ mm, places }));
}

/** Of a placed part that of its body; without a board only what a footprint of the list says. */
function usualSpan(part: Part, isPlaced: boolean): number | undefined {
  const listed = /(?:^|_|\s)P(\d{1,2}(?:\.\d{1,2})?)mm/.exec(part.package ?? part.description)?.[1];
  if (listed !== undefined) return Number(listed);
  return isPlaced ? bodyOf(familyOf(part), part).leadMm : undefined;
}

/** Between the two pads of a pad list. */
function holeDistance(place: string, board: Board | null): number | undefined {
  const [a, b, more] = board?.pads.filter((pad) => pad.place === place) ?? [];
  if (!a || !b || more) return undefined;
  return Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
}

/** How long the wires of a part are, as far as it is known. */
export function wireLengthOf(part: Part): number | undefined {
  const { mounting, description, remarks = '' } = part;
  const onWires = mounting?.kind === 'on-wires' ? mounting : undefined;
  const said = `${description} ${remarks}`;
  const mm = onWires?.mm ?? (onWires && writtenLength(ofItsWires.exec(said)?.[0] ?? ''));
  if (mm !== undefined) return mm;
  // Of anything else a length is its own: a disc of 27 mm is no wire of 27 mm.
  if (familyOf(part).job !== 'wire') return undefined;
  return writtenLength(description) ?? writtenLength(remarks);
}

/** What a line says from the word for its wires on, in the languages of lists. */
const ofItsWires =
  /\b(?:wires?|leads?|cables?|(?:anschluss)?kabeln?|dr[aä]hten?|litzen?|fils?|hilos|draden)\b.*$/i;

/** Below this a wire’s millimetres are how thick it is, or what it is wound on (common practice). */
const leastLengthMm = 10;

/** `20 cm`, `150 mm`, `1.5 m` in a description; “0.8 mm enamelled wire” says no length, nor does a hole to wind it on. */
function writtenLength(text: string): number | undefined {
  return [...text.matchAll(/(?<![\d.,])(\d+(?:[.,]\d+)?)\s*(mm|cm|m)\b(?!²)/gi)]
    .map(([, amount = '', unit = '']) => Number(amount.replace(',', '.')) * inMm(unit))
    .find((mm) => mm >= leastLengthMm);
}

const inMm = (unit: string): number => ({ mm: 1, cm: 10 })[unit.toLowerCase()] ?? 1000;
