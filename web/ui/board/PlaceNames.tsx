import { memo } from 'react';
import type { Board, Side } from '#core/board/board';
import type { Label } from '#core/board/labels';

interface PlaceNamesProps {
  readonly board: Pick<Board, 'widthMm'>;
  readonly labels: readonly Label[];
  /** Places whose names are read first; the others step back. */
  readonly now: ReadonlySet<string>;
  readonly side: Side;
}

/** Place names over everything, to be read from either side. */
export const PlaceNames = memo(function PlaceNames({ board, labels, now, side }: PlaceNamesProps) {
  return (
    // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a group of a drawing takes no focus; its parts are named by their spots
    <g aria-hidden="true">
      {labels.map(({ places, text, middle, sizeMm }) => (
        <text
          key={text}
          x={side === 'bottom' ? board.widthMm - middle.x : middle.x}
          y={middle.y + 0.35 * sizeMm}
          fontSize={sizeMm}
          className={
            places.some((place) => now.has(place)) ? 'place-name place-name-now' : 'place-name'
          }
        >
          {text}
        </text>
      ))}
    </g>
  );
});
