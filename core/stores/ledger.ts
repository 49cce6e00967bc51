import { type Said, said } from '../learning/said.ts';
export const moveKinds = ['in', 'out', 'count', 'spoiled'] as const;
export type MoveKind = (typeof moveKinds)[number];

/** Something that changed a level, or found it out. The moves of an item are its only record. */
export interface Move {
  readonly id: string;
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly kind: MoveKind;
  /** Pieces that came, went or were spoiled; for a count, the pieces that were there. */
  readonly pieces: number;
  /** In words: from whom, for which evening. */
  readonly note: string;
}

export interface LedgerRow {
  readonly move: Move;
  /** By how much the move changed the level. */
  readonly change: number;
  /** The level after it. */
  readonly level: number;
}

/**
 * The ledger of one item: every move with the level after it.
 *
 * @param moves in the order in which they were booked
 */
export function ledgerOf(moves: readonly Move[]): LedgerRow[] {
  let level = 0;
  return moves.map((move) => {
    const change = changeBy(move, level);
    level += change;
    return { move, change, level };
  });
}

export function changeBy({ kind, pieces }: Pick<Move, 'kind' | 'pieces'>, level: number): number {
  switch (kind) {
    case 'in':
      return pieces;
    case 'out':
    case 'spoiled':
      return -pieces;
    case 'count':
      return pieces - level;
  }
}

/** The level after the last move. */
export const levelOf = (moves: readonly Move[]): number => ledgerOf(moves).at(-1)?.level ?? 0;

/** Why a move cannot be booked at this level, and the way out; undefined where it can. */
export function refusalOf(
  { kind, pieces }: Pick<Move, 'kind' | 'pieces'>,
  level: number,
): Said | undefined {
  if ((kind === 'out' || kind === 'spoiled') && pieces > level) {
    return said('refusals.stores.thereArePiecesByTheLedgerSo', { level, pieces });
  }
  return undefined;
}
