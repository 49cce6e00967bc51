import { fromStored, StoredProblem } from '#contract/stored';
import type { StoredKind } from '#contract/storedForm';

/** A text that was kept in today's form; undefined where no step understands it. */
export function decoded<Data>(kind: StoredKind<Data>, text: string): Data | undefined {
  try {
    return fromStored(kind, JSON.parse(text));
  } catch (error) {
    if (error instanceof StoredProblem || error instanceof SyntaxError) return undefined;
    throw error;
  }
}
