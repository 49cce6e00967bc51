import { useMemo } from 'react';
import type { Pad } from '#core/board/board';
import { connectionsOf } from '#core/board/connections';
import type { PinName } from '#core/board/pinNames';

interface ConnectionsProps {
  readonly nets: readonly (readonly PinName[])[];
  readonly pads: readonly Pad[];
  /** Places whose nets are shown; all where there are none. */
  readonly at: ReadonlySet<string>;
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
}

/** What is joined, as straight lines in the coordinates of the component side. */
export function Connections({ nets, pads, at, boardHeightMm }: ConnectionsProps) {
  const lines = useMemo(() => connectionsOf(nets, pads, at), [nets, pads, at]);
  const down = (yMm: number) => boardHeightMm - yMm;
  return (
    <path
      className="connection"
      d={lines
        .map(({ from, to }) => `M${from.xMm} ${down(from.yMm)}L${to.xMm} ${down(to.yMm)}`)
        .join('')}
    />
  );
}
