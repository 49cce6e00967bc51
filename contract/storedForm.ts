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

/** What is written down: the data with the version of its form, `v`. A list stands under `list`. */
export const toStored = <T>(
  kind: Pick<StoredKind<T>, 'upgrades'>,
  data: T,
): Readonly<Record<string, unknown>> =>
  Array.isArray(data)
    ? { v: kind.upgrades.length + 1, list: data }
    : { ...data, v: kind.upgrades.length + 1 };

/** The same as text. */
export const storedText = <T>(kind: Pick<StoredKind<T>, 'upgrades'>, data: T): string =>
  JSON.stringify(toStored(kind, data));

/** A kept text with its version told apart; one that names none that can be is of a newer one than all. */
export function unwrapped(stored: unknown): { readonly version: number; readonly data: unknown } {
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
