import type { FamilyId } from './ids.ts';

/**
 * What lists call the parts of some families: words in several languages, lower case, without accents. They stand apart
 * from the families, since only whoever reads a list needs them: a learner's phone does not load them.
 */
export type CalledBy = Readonly<Partial<Record<FamilyId, readonly string[]>>>;
