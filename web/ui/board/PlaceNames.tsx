import { memo } from 'react';
import type { Board, Side } from '#core/board/board';
import { nameSpotOf } from '#core/board/ring';
import { inView } from '#core/board/transform';
import type { Shown } from './shown.ts';

interface PlaceNamesProps {
  readonly board: Pick<Board, 'widthMm' | 'heightMm'>;
  readonly shown: readonly Shown[];
  readonly side: Side;
}

/** Place names over everything, to be read from either side. */
export const PlaceNames = memo(function PlaceNames({ board, shown, side }: PlaceNamesProps) {
  return (
    // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a group of a drawing takes no focus; its parts are named by their spots
    <g aria-hidden="true">
      {shown.map(({ placement, part }) => {
        const { rightMm, belowMm, sizeMm } = nameSpotOf(placement, part);
        const { x, y } = inView(board, side, { x: placement.xMm, y: placement.yMm });
        return (
          <text
            key={placement.place}
            x={x + rightMm}
            y={y + belowMm}
            fontSize={sizeMm}
            className="place-name"
          >
            {placement.place}
          </text>
        );
      })}
    </g>
  );
});
