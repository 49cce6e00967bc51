import { memo } from 'react';
import type { Side } from '#core/board/board';
import { rectOutline } from '#core/board/outline';
import { ringOf } from '#core/board/ring';
import { mountOf } from '#core/parts/mounted';
import { PlacedBody } from './PlacedBody.tsx';
import type { Shown } from './shown.ts';

interface BodiesProps {
  readonly shown: readonly Shown[];
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
}

/**
 * Bodies of either side in a layer each, and their outlines for the eye that looks from the other side: turning the board
 * shows and hides layers and touches no body.
 */
export const Bodies = memo(function Bodies({ shown, boardHeightMm }: BodiesProps) {
  // What hangs off the board is not drawn on it: its holes are enough.
  const bodies = shown.filter(({ part }) => mountOf(part) !== 'off-board');
  const layer = (side: Side) => bodies.filter(({ placement }) => placement.side === side);
  return (
    <>
      <Outlines shown={layer('top')} boardHeightMm={boardHeightMm} className="on-bottom" />
      <Outlines shown={layer('bottom')} boardHeightMm={boardHeightMm} className="on-top" />
      {(['top', 'bottom'] as const).map((side) => (
        // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a group of a drawing takes no focus; its parts are named by their spots
        <g key={side} className={`on-${side}`} aria-hidden="true">
          {layer(side).map(({ placement, part, state }) => (
            <PlacedBody
              key={placement.place}
              placement={placement}
              part={part}
              boardHeightMm={boardHeightMm}
              state={state}
            />
          ))}
        </g>
      ))}
    </>
  );
});

/** What lies on the other side is an outline; what is pointed at has its ring. */
function Outlines({ shown, boardHeightMm, className }: BodiesProps & { className: string }) {
  const d = shown
    .filter(({ state }) => state !== 'now')
    .map(({ placement, part }) => rectOutline(ringOf(placement, part), boardHeightMm))
    .join('');
  return <path d={d} className={`far-outline ${className}`} />;
}
