/** How many of the pieces of a line are measured before the bags are packed. */
export type Policy =
  | { readonly kind: 'none' }
  /** So many pieces of each line, chosen at random. */
  | { readonly kind: 'sample'; readonly pieces: number }
  | { readonly kind: 'every' };

export interface LotToCheck {
  /** Pieces of the line in all bags together. */
  readonly pieces: number;
}

export interface PolicyCost {
  readonly minutes: number;
  /** Pieces that are measured. */
  readonly measured: number;
  /**
   * Share of the wrong pieces that are found, 0 to 1. Where a sample holds a wrong piece, the whole line is measured,
   * so this is the chance that it holds one.
   */
  readonly caught: number;
}

/** Fetch, clip, read, lay aside: seconds for one piece, for somebody practised (prior from common practice). */
export const secondsPerPiece = 15;
/** Setting the meter and laying out a line. */
export const secondsPerLine = 30;

/**
 * What a policy costs and what it finds.
 *
 * @param lots the lines that a meter can check
 * @param wrongShare share of wrong pieces to be reckoned with in a bad line, above 0 and at most 1
 */
export function costOf(
  policy: Policy,
  lots: readonly LotToCheck[],
  wrongShare: number,
): PolicyCost {
  const samples = lots.map(({ pieces }) => ({ pieces, sample: sampleOf(policy, pieces) }));
  const measured = samples.reduce((sum, { sample }) => sum + sample, 0);
  const lines = samples.filter(({ sample }) => sample > 0).length;
  const caught = samples.map(({ pieces, sample }) =>
    chanceToFind(pieces, wrongPieces(pieces, wrongShare), sample),
  );
  return {
    minutes: (measured * secondsPerPiece + lines * secondsPerLine) / 60,
    measured,
    caught: caught.length === 0 ? 0 : caught.reduce((sum, share) => sum + share, 0) / caught.length,
  };
}

/** At least one, since a bad line has something wrong in it. */
export const wrongPieces = (pieces: number, share: number): number =>
  Math.min(pieces, Math.max(1, Math.round(pieces * share)));

function sampleOf(policy: Policy, pieces: number): number {
  switch (policy.kind) {
    case 'none':
      return 0;
    case 'sample':
      return Math.min(pieces, policy.pieces);
    case 'every':
      return pieces;
  }
}

/**
 * The chance that a sample drawn without putting back holds at least one wrong piece: one minus the hypergeometric
 * probability of none.
 */
export function chanceToFind(pieces: number, wrong: number, sample: number): number {
  let none = 1;
  for (let drawn = 0; drawn < sample; drawn += 1) {
    none *= Math.max(0, pieces - wrong - drawn) / (pieces - drawn);
  }
  return 1 - none;
}
