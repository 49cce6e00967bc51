import { createHash } from 'node:crypto';
import { fromStored } from '#contract/stored';
import { type StoredKind, storedText } from '#contract/storedForm';
import { memo } from '#core/memo';

/** A JSON column as it is written: text that the statement casts to jsonb. */
export const json = <T>(kind: StoredKind<T>, data: T): string => storedText(kind, data);

export const jsonOrNull = <T>(kind: StoredKind<T>, data: T | null | undefined): string | null =>
  data === null || data === undefined ? null : storedText(kind, data);

/** @throws StoredProblem */
export const read = <T>(kind: StoredKind<T>, stored: unknown): T => fromStored(kind, stored);

export const readOrNull = <T>(kind: StoredKind<T>, stored: unknown): T | null =>
  stored === null || stored === undefined ? null : fromStored(kind, stored);

/** Plans and boards are large, and asked for by every seat: what was read stays, by a hash of its text. */
const readBefore = memo<string, unknown>({ name: 'stored plans and boards', most: 300 });

/** The same as `read`, for what is large and read often; nobody may change what comes back. */
export function readOnce<T>(kind: StoredKind<T>, stored: unknown): T {
  const key = createHash('sha1').update(kind.what).update(JSON.stringify(stored)).digest('base64');
  return readBefore.of(key, () => fromStored(kind, stored)) as T;
}

export const readOnceOrNull = <T>(kind: StoredKind<T>, stored: unknown): T | null =>
  stored === null || stored === undefined ? null : readOnce(kind, stored);
