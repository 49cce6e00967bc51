import { useMemo } from 'react';
import type { Board, Pad } from '#core/board/board';
import { connectionsOf } from '#core/board/connections';

interface ConnectionsProps {
  readonly board: Board;
  readonly pads: readonly Pad[];
  /** Places whose nets are shown; all where there are none. */
  readonly at: ReadonlySet<string>;
}

/** What is joined, as straight lines in the coordinates of the component side. */
export function Connections({ board, pads, at }: ConnectionsProps) {
  const lines = useMemo(() => connectionsOf(board, pads, at), [board, pads, at]);
  const down = (yMm: number) => board.heightMm - yMm;
  return (
    <path
      className="connection"
      d={lines
        .map(({ from, to }) => `M${from.xMm} ${down(from.yMm)}L${to.xMm} ${down(to.yMm)}`)
        .join('')}
    />
  );
}
