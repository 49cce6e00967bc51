import { type KeyboardEvent, memo, type PointerEvent } from 'react';
import type { Placement } from '#core/board/board';
import { footprintOf } from '#core/board/footprint';
import { drawFromAbove } from '#core/parts/drawing/seated/above';
import { shapesText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { monoFace } from '../../app/tokens.ts';

interface PlacedPartProps {
  readonly placement: Placement;
  readonly part: Part;
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
  /** Pointed at, fitted, or still to come. */
  readonly state: 'now' | 'done' | 'ahead';
  /** What it is and where, in words. */
  readonly name: string;
  readonly choose?: (place: string) => void;
  readonly grab?: (place: string, event: PointerEvent) => void;
  readonly onKey?: (place: string, event: KeyboardEvent) => void;
}

/** A body from above as markup, made once a part. */
const bodies = new WeakMap<Part, Map<number | undefined, Body>>();
interface Body {
  readonly markup: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

function bodyOf(part: Part, spanMm: number | undefined): Body {
  const ofPart = bodies.get(part) ?? new Map<number | undefined, Body>();
  bodies.set(part, ofPart);
  const known = ofPart.get(spanMm);
  if (known) return known;
  const { shapes, widthMm, heightMm } = drawFromAbove(familyOf(part), part, spanMm);
  const body = { markup: shapesText(shapes, monoFace), widthMm, heightMm };
  ofPart.set(spanMm, body);
  return body;
}

/**
 * A part over its footprint, in the coordinates of the component side; what is seen of it from which side, and that the
 * names stay readable when the board is turned over, is said in board.css.
 */
export const PlacedPart = memo(function PlacedPart({
  placement,
  part,
  boardHeightMm,
  state,
  name,
  choose,
  grab,
  onKey,
}: PlacedPartProps) {
  const { place, rotation, spanMm, side, xMm, yMm } = placement;
  const footprint = footprintOf(part, spanMm);
  // What hangs off the board is not drawn on it: its holes are enough.
  const hangs = familyOf(part).mount === 'off-board';
  const body = bodyOf(part, spanMm);
  const flipped = side === 'bottom' ? ' scale(-1 1)' : '';
  const [w, h] = [Math.max(footprint.widthMm, 3) + 1, Math.max(footprint.heightMm, 3) + 1];
  // Beside a small part, so that its pads and marks can be seen.
  const size = Math.max(footprint.widthMm, footprint.heightMm);
  const tiny = size < 4.5 && !hangs;
  const beside = size < 7.5 && !hangs;
  const acts = choose !== undefined || grab !== undefined;
  return (
    <g
      transform={`translate(${xMm} ${boardHeightMm - yMm})`}
      className={`placed placed-${state} placed-on-${hangs ? 'no-side' : side}`}
      data-place={place}
      {...(acts
        ? {
            role: 'button',
            tabIndex: 0,
            'aria-label': name,
            'aria-pressed': state === 'now',
            onClick: () => choose?.(place),
            onPointerDown: (event: PointerEvent) => grab?.(place, event),
            onKeyDown: (event: KeyboardEvent) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                choose?.(place);
              } else onKey?.(place, event);
            },
          }
        : { role: 'img', 'aria-label': name })}
    >
      <g transform={`rotate(${-rotation})${flipped}`}>
        {!hangs && (
          <g
            className="placed-body"
            transform={`translate(${-body.widthMm / 2} ${-body.heightMm / 2})`}
            // biome-ignore lint/security/noDangerouslySetInnerHtml: made by core, escaped there; a hundred parts draw at once
            dangerouslySetInnerHTML={{ __html: body.markup }}
          />
        )}
        <rect x={-w / 2} y={-h / 2} width={w} height={h} className="placed-ring" />
      </g>
      <text
        className="placed-name"
        textAnchor="middle"
        y={beside ? Math.max(footprint.heightMm / 2, 1.4) + (tiny ? 1.6 : 2.3) : 0.75}
        fontSize={tiny ? 1.4 : 2.1}
        strokeWidth={tiny ? 0.35 : 0.55}
      >
        {place}
      </text>
    </g>
  );
});
