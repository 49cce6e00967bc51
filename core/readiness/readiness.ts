/** What has to be ready before an evening, in the order in which it is prepared (common practice). */
export const readyItems = [
  'list',
  'board',
  'steps',
  'papers',
  'parts',
  'bags',
  'bring',
  'phones',
  'checklist',
] as const;
export type ReadyItem = (typeof readyItems)[number];

/** Somebody has said that it is done, whatever is counted. */
export interface ReadyMark {
  readonly item: ReadyItem;
  readonly by: string;
  /** ISO 8601, UTC. */
  readonly at: string;
}

/** What is known of an evening without asking anybody. */
export interface ReadyFacts {
  /** Lines of the parts list that were not recognised for sure, and that nobody has looked at. */
  readonly unsureLines: number;
  /** Parts without a place on the board; null where the kit has no board yet. */
  readonly unplaced: number | null;
  /** When papers were printed last, and who did it; null where nobody did. */
  readonly printed: { readonly by: string | null; readonly at: string } | null;
  /** Kinds of parts that the drawers have too few of; 0 once the bags are booked out of them. */
  readonly shortParts: number;
  readonly bagsClosed: number;
  readonly seats: number;
  /** Lines of the list that the room or the learner brings. */
  readonly toBring: number;
  readonly signed: number;
  readonly toSign: number;
}

export interface Readiness {
  readonly item: ReadyItem;
  readonly isDone: boolean;
  /** Somebody has said so, and can take it back. */
  readonly isSaid: boolean;
  /** How many are still open, where they can be counted. */
  readonly open: number;
  /** By whom and when; where nobody has said it, it is counted. */
  readonly by: string | null;
  readonly at: string | null;
}

interface Counted {
  /** How many are still open; null where only a person can tell. */
  readonly open: (facts: ReadyFacts) => number | null;
  /** Whether an evening needs it at all. */
  readonly applies?: (facts: ReadyFacts) => boolean;
  readonly since?: (facts: ReadyFacts) => ReadyFacts['printed'];
}

const counted: Readonly<Record<ReadyItem, Counted>> = {
  list: { open: ({ unsureLines }) => unsureLines },
  // A kit without a board is built all the same: somebody says so.
  board: { open: ({ unplaced }) => unplaced },
  steps: { open: () => null },
  papers: {
    open: ({ printed }) => (printed ? 0 : null),
    since: ({ printed }) => printed,
  },
  parts: { open: ({ shortParts }) => shortParts },
  bags: { open: ({ bagsClosed, seats }) => seats - bagsClosed },
  bring: { open: () => null, applies: ({ toBring }) => toBring > 0 },
  // That phones may come in is not that one was tried.
  phones: { open: () => null },
  checklist: { open: ({ signed, toSign }) => toSign - signed },
};

/**
 * What is ready for an evening and what is not. What somebody has said counts before what is counted.
 *
 * @param marks one for each item at most
 * @returns the items that this evening needs, in the order of `readyItems`
 */
export function readinessOf(facts: ReadyFacts, marks: readonly ReadyMark[]): Readiness[] {
  return readyItems
    .filter((item) => counted[item].applies?.(facts) ?? true)
    .map((item) => {
      const mark = marks.find((one) => one.item === item);
      const open = counted[item].open(facts);
      const since = mark ?? counted[item].since?.(facts);
      return {
        item,
        isDone: mark !== undefined || open === 0,
        isSaid: mark !== undefined,
        open: open ?? 0,
        by: since?.by ?? null,
        at: since?.at ?? null,
      };
    });
}
