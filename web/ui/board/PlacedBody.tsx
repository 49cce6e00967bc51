import { memo } from 'react';
import type { Placement } from '#core/board/board';
import { memo as keeper, type Memo, memoOfObject } from '#core/memo';
import { drawFromAbove } from '#core/parts/drawing/seated/above';
import { shapesText } from '#core/parts/drawing/svgText';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { monoFace } from '../../app/tokens.ts';
import type { Shown } from './shown.ts';

interface PlacedBodyProps {
  readonly placement: Placement;
  readonly part: Part;
  /** Height of the board: the picture's y runs down. */
  readonly boardHeightMm: number;
  /** Still to come, or on the board already: drawn fainter beside what is fitted now. */
  readonly state: Shown['state'];
}

/** A body from above as markup, made once a part. */
const bodies = memoOfObject<Part, Memo<number | undefined, DrawnBody>>('bodies from above');
interface DrawnBody {
  readonly markup: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

function drawnBodyOf(part: Part, spanMm: number | undefined): DrawnBody {
  return bodies
    .of(part, () => keeper({ name: 'a body by the distance of its leads', most: 20 }))
    .of(spanMm, () => {
      const { shapes, widthMm, heightMm } = drawFromAbove(familyOf(part), part, spanMm);
      return { markup: shapesText(shapes, monoFace), widthMm, heightMm };
    });
}

/** The body of a part over its footprint, in the coordinates of the component side. */
export const PlacedBody = memo(function PlacedBody({
  placement: { xMm, yMm, rotation, side, spanMm },
  part,
  boardHeightMm,
  state,
}: PlacedBodyProps) {
  const { markup, widthMm, heightMm } = drawnBodyOf(part, spanMm);
  const flipped = side === 'bottom' ? ' scale(-1 1)' : '';
  return (
    <g
      className={state === 'now' ? undefined : `body-${state}`}
      transform={`translate(${xMm} ${boardHeightMm - yMm}) rotate(${-rotation})${flipped} translate(${-widthMm / 2} ${-heightMm / 2})`}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: made by core, escaped there; a hundred parts draw at once
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
});
