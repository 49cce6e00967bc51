import { useTranslation } from 'react-i18next';
import { seenAs, type Vision } from '#core/bands/vision';
import type { Drawing, Shape } from '#core/parts/drawing/drawing';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { pictureName } from '#core/words/partWords';
import { DrawingSvg } from '../ui/DrawingSvg.tsx';

const matColour = '#dfe6da';

interface SeenPartProps {
  readonly part: Part;
  readonly vision: Vision;
  readonly pixelsPerMm: number;
}

/** A part as it is seen, mat and all. */
export function SeenPart({ part, vision, pixelsPerMm }: SeenPartProps) {
  const { t } = useTranslation();
  const drawing = familyOf(part).draw(part);
  return (
    <span className="mat" style={{ background: seenAs(matColour, vision), padding: '14px 18px' }}>
      <DrawingSvg
        drawing={vision === 'normal' ? drawing : seen(drawing, vision)}
        name={pictureName(t, part)}
        pixelsPerMm={pixelsPerMm}
      />
    </span>
  );
}

const seen = (drawing: Drawing, vision: Vision): Drawing => ({
  ...drawing,
  shapes: drawing.shapes.map((shape): Shape => {
    if (shape.kind === 'text') return { ...shape, fill: seenPaint(shape.fill, vision) };
    return {
      ...shape,
      ...(shape.fill ? { fill: seenPaint(shape.fill, vision) } : {}),
      ...(shape.stroke ? { stroke: seenPaint(shape.stroke, vision) } : {}),
    };
  }),
});

/** Paint with an opacity behind it (`#00000055`) is a shadow or a shine and stays as it is. */
const seenPaint = (paint: string, vision: Vision): string =>
  /^#[0-9a-f]{6}$/i.test(paint) ? seenAs(paint, vision) : paint;
