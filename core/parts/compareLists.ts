import type { Board } from '../board/board.ts';
import type { CircuitNotes } from '../circuit/notes.ts';
import type { OrderSettings } from '../order/settings.ts';
import type { Erratum } from './erratum.ts';
import type { Part } from './part.ts';

/** What a revision of a kit holds, as far as it can be compared. */
export interface ComparedList {
  readonly parts: readonly Part[];
  readonly supplyVolt: number | null;
  readonly errata: readonly Erratum[];
  readonly board?: Board | null;
  readonly circuitNotes?: CircuitNotes;
  readonly order?: OrderSettings;
}

export type Change =
  | { readonly kind: 'added'; readonly part: Part }
  | { readonly kind: 'removed'; readonly part: Part }
  /** The same place, or the same words without one. */
  | {
      readonly kind: 'changed';
      readonly from: Part;
      readonly to: Part;
      readonly fields: readonly ChangedField[];
    }
  | { readonly kind: 'supply'; readonly from: number | null; readonly to: number | null }
  /** Outline, places or pads. */
  | { readonly kind: 'board'; readonly places: readonly string[] }
  /** What is said of the circuit. */
  | { readonly kind: 'circuit' }
  /** Another soldering order is wanted. */
  | { readonly kind: 'order' }
  | { readonly kind: 'erratum-added'; readonly erratum: Erratum }
  | { readonly kind: 'erratum-removed'; readonly erratum: Erratum };

const comparedFields = [
  'designators',
  'quantity',
  'family',
  'value',
  'pins',
  'package',
  'mounting',
  'supply',
  'lotNote',
] as const satisfies readonly (keyof Part)[];
export type ChangedField = (typeof comparedFields)[number];

/**
 * What has changed from one list to another. Lines are matched by the places they name; lines without a place by
 * their words. The words themselves do not count as a change.
 */
export function compareLists(from: ComparedList, to: ComparedList): Change[] {
  const left = new Set(from.parts);
  const changes: Change[] = [];
  for (const part of to.parts) {
    const before = bestMatch(part, [...left]);
    if (!before) {
      changes.push({ kind: 'added', part });
      continue;
    }
    left.delete(before);
    const fields = comparedFields.filter((field) => !same(before[field], part[field]));
    if (fields.length > 0) changes.push({ kind: 'changed', from: before, to: part, fields });
  }
  for (const part of left) changes.push({ kind: 'removed', part });
  if (from.supplyVolt !== to.supplyVolt) {
    changes.push({ kind: 'supply', from: from.supplyVolt, to: to.supplyVolt });
  }
  if (!same(from.board ?? null, to.board ?? null)) {
    changes.push({ kind: 'board', places: movedPlaces(from.board, to.board) });
  }
  if (!same(from.circuitNotes ?? {}, to.circuitNotes ?? {})) changes.push({ kind: 'circuit' });
  if (!same(from.order ?? null, to.order ?? null)) changes.push({ kind: 'order' });
  for (const erratum of without(to.errata, from.errata)) {
    changes.push({ kind: 'erratum-added', erratum });
  }
  for (const erratum of without(from.errata, to.errata)) {
    changes.push({ kind: 'erratum-removed', erratum });
  }
  return changes;
}

/** The line that shares most places; a line without places matches one without that has the same words. */
function bestMatch(part: Part, candidates: readonly Part[]): Part | undefined {
  if (part.designators.length === 0) {
    const placeless = candidates.filter(({ designators }) => designators.length === 0);
    return placeless.find(({ description }) => description === part.description);
  }
  const shared = (other: Part) =>
    other.designators.filter((name) => part.designators.includes(name)).length;
  const best = candidates.reduce<Part | undefined>(
    (found, other) => (shared(other) > (found ? shared(found) : 0) ? other : found),
    undefined,
  );
  return best;
}

const same = (a: unknown, b: unknown) => canonical(a) === canonical(b);

/** JSON whose keys are in order, so that what a database gives back compares equal. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    inner !== null && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => a.localeCompare(b)))
      : inner,
  );
}

const without = (errata: readonly Erratum[], others: readonly Erratum[]) =>
  errata.filter((erratum) => !others.some((other) => same(erratum, other)));

/** Places that lie elsewhere, or on one board only. */
function movedPlaces(from: Board | null | undefined, to: Board | null | undefined): string[] {
  const spots = (board: Board | null | undefined) =>
    new Map((board?.placements ?? []).map((placement) => [placement.place, placement]));
  const [before, after] = [spots(from), spots(to)];
  return [...new Set([...before.keys(), ...after.keys()])].filter(
    (place) => !same(before.get(place), after.get(place)),
  );
}
