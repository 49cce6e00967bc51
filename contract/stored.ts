import { checkStrictly } from './check.ts';
import { type StoredKind, unwrapped } from './storedForm.ts';

/** A kept text that no step understands: it is told, never half-read. */
export class StoredProblem extends Error {
  readonly what: string;

  constructor(what: string, why: string) {
    super(`${what}: ${why}`);
    this.what = what;
  }
}

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
