import { type KeyboardEvent, memo, type PointerEvent } from 'react';
import type { Placement } from '#core/board/board';
import { ringOf } from '#core/board/ring';
import type { Part } from '#core/parts/part';
import type { Shown } from './shown.ts';

/** What can be done with a part of the picture. */
export interface PartDeeds {
  readonly choose?: (place: string) => void;
  /** For parts that can be taken with the pointer. */
  readonly grab?: (place: string, event: PointerEvent) => void;
  readonly onKey?: (place: string, event: KeyboardEvent) => void;
}

interface SpotsProps extends PartDeeds {
  readonly shown: readonly Shown[];
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
  /** What each part is and where, in words. */
  readonly names: ReadonlyMap<string, string>;
}

/** The spots of all parts, in the coordinates of the component side. */
export const Spots = memo(function Spots({ shown, boardHeightMm, names, ...deeds }: SpotsProps) {
  return shown.map(({ placement, part, state }) => (
    <Spot
      key={placement.place}
      placement={placement}
      part={part}
      boardHeightMm={boardHeightMm}
      isNow={state === 'now'}
      name={names.get(placement.place) ?? placement.place}
      {...deeds}
    />
  ));
});

interface SpotProps extends PartDeeds {
  readonly placement: Placement;
  readonly part: Part;
  readonly boardHeightMm: number;
  readonly isNow: boolean;
  /** What it is and where, in words. */
  readonly name: string;
}

/** The spot of a part, by which it is named, pointed at and taken. */
const Spot = memo(function Spot({
  placement,
  part,
  boardHeightMm,
  isNow,
  name,
  choose,
  grab,
  onKey,
}: SpotProps) {
  const { place } = placement;
  const { xMm, yMm, widthMm, heightMm, rotation } = ringOf(placement, part);
  const acts = choose !== undefined || grab !== undefined;
  return (
    <rect
      className={isNow ? 'placed placed-now' : 'placed'}
      data-place={place}
      x={-widthMm / 2}
      y={-heightMm / 2}
      width={widthMm}
      height={heightMm}
      transform={`translate(${xMm} ${boardHeightMm - yMm}) rotate(${-rotation})`}
      aria-label={name}
      {...(acts
        ? {
            role: 'button',
            tabIndex: 0,
            'aria-pressed': isNow,
            onClick: () => choose?.(place),
            onPointerDown: (event: PointerEvent) => grab?.(place, event),
            onKeyDown: (event: KeyboardEvent) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                choose?.(place);
              } else onKey?.(place, event);
            },
          }
        : { role: 'img' })}
    />
  );
});
