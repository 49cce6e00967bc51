import { checkStrictly } from './check.ts';
import type { Schema } from './schema.ts';

/** One kind of text that is kept, on the server or on a device: what it must be, and how older ones become that. */
export interface StoredKind<T> {
  /** What it is called where it cannot be read. */
  readonly what: string;
  readonly schema: Schema<T>;
  /**
   * The step at index n makes version n + 2 of version n + 1. A text without a number is version 1, or one of the time
   * before numbers: so a step leaves alone what is as it wants it already.
   */
  readonly upgrades: readonly Upgrade[];
}

export type Upgrade = (older: unknown) => unknown;

/** A kept text that no step understands: it is told, never half-read. */
export class StoredProblem extends Error {
  readonly what: string;

  constructor(what: string, why: string) {
    super(`${what}: ${why}`);
    this.what = what;
  }
}

/** What is written down: the data with the version of its form, `v`. A list stands under `list`. */
export const toStored = <T>(kind: StoredKind<T>, data: T): Readonly<Record<string, unknown>> =>
  Array.isArray(data)
    ? { v: kind.upgrades.length + 1, list: data }
    : { ...data, v: kind.upgrades.length + 1 };

/** The same as text. */
export const storedText = <T>(kind: StoredKind<T>, data: T): string =>
  JSON.stringify(toStored(kind, data));

/**
 * What was kept, in today's form.
 *
 * @throws StoredProblem where it is of a newer version, or not what it should be
 */
export function fromStored<T>(kind: StoredKind<T>, stored: unknown): T {
  const { what, schema, upgrades } = kind;
  const { version, data } = unwrapped(stored);
  if (version > upgrades.length + 1) {
    throw new StoredProblem(what, `written by a newer version of Ozzet (form ${version})`);
  }
  const now = upgrades.slice(version - 1).reduce((older, step) => step(older), data);
  const found = checkStrictly(schema, now);
  if (found.ok) return found.value;
  const [first] = found.errors;
  throw new StoredProblem(what, `${first?.field || 'the whole'}: ${first?.says.says}`);
}

function unwrapped(stored: unknown): { readonly version: number; readonly data: unknown } {
  if (typeof stored !== 'object' || stored === null || Array.isArray(stored) || !('v' in stored)) {
    return { version: 1, data: stored };
  }
  const { v, ...data } = stored;
  const version = typeof v === 'number' && Number.isInteger(v) && v > 0 ? v : Infinity;
  return { version, data: 'list' in data ? data.list : data };
}

/** A copy of an object, changed; anything else as it is. */
export const changed = (
  value: unknown,
  change: (fields: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>,
): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? change(value as Readonly<Record<string, unknown>>)
    : value;

/** Every element of a list changed; anything else as it is. */
export const eachOf = (value: unknown, change: (element: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : value;
