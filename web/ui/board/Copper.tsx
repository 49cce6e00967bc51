import { memo, useMemo } from 'react';
import type { Pad } from '#core/board/board';
import { copperOutlines } from '#core/board/outline';

interface CopperProps {
  readonly pads: readonly Pad[];
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
}

/** Pads with their holes, square for pin 1, in the coordinates of the component side. */
export const Copper = memo(function Copper({ pads, boardHeightMm }: CopperProps) {
  const { copper, holes } = useMemo(
    () => copperOutlines(pads, boardHeightMm),
    [pads, boardHeightMm],
  );
  return (
    <>
      <path d={copper.top} className="pad-copper on-top" />
      <path d={copper.bottom} className="pad-copper on-bottom" />
      <path d={copper.both} className="pad-copper" />
      <path d={holes} className="pad-hole" />
    </>
  );
});
