import { memo } from 'react';
import type { Pad } from '#core/board/board';

interface PadShapeProps {
  readonly pad: Pad;
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
}

/** Copper, with its hole where it has one; square for pin 1. In the coordinates of the component side. */
export const PadShape = memo(function PadShape({ pad, boardHeightMm }: PadShapeProps) {
  const { xMm, yMm, widthMm, heightMm, drillMm, square, plated, side } = pad;
  const boxed = square || drillMm === null;
  return (
    <g transform={`translate(${xMm} ${boardHeightMm - yMm})`} className={`pad-on-${side}`}>
      {plated || drillMm === null ? (
        <rect
          x={-widthMm / 2}
          y={-heightMm / 2}
          width={widthMm}
          height={heightMm}
          rx={boxed ? 0.15 : Math.min(widthMm, heightMm) / 2}
          transform={`rotate(${-pad.rotation})`}
          className="pad-copper"
        />
      ) : null}
      {drillMm !== null && <circle r={drillMm / 2} className="pad-hole" />}
    </g>
  );
});
