import type { Drawing, Shape } from '#core/parts/drawing/drawing';
import { monoFace } from '../app/tokens.ts';

interface DrawingSvgProps {
  readonly drawing: Drawing;
  /** What the picture shows, in words; leave out where words beside it say it. */
  readonly name?: string;
  /** Screen pixels for a millimetre; leave out to fill the width of the box around it. */
  readonly pixelsPerMm?: number;
}

/** Draws a core drawing as SVG. It adds nothing: what a part looks like is said in core/parts. */
export function DrawingSvg({ drawing, name, pixelsPerMm }: DrawingSvgProps) {
  const { widthMm, heightMm, shapes } = drawing;
  const size = pixelsPerMm ? { width: widthMm * pixelsPerMm, height: heightMm * pixelsPerMm } : {};
  return (
    <svg
      role="img"
      aria-label={name}
      aria-hidden={name === undefined || undefined}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      className="drawing"
      {...size}
    >
      {shapes.map((shape, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: shapes have no identity but their order
        <ShapeSvg key={index} shape={shape} />
      ))}
    </svg>
  );
}

function ShapeSvg({ shape }: { readonly shape: Shape }) {
  if (shape.kind === 'text') {
    const { x, y, text, size, fill, bold } = shape;
    return (
      <text
        x={x}
        y={y}
        fontSize={size}
        fill={fill}
        fontFamily={monoFace}
        fontWeight={bold ? 700 : 500}
        textAnchor="middle"
      >
        {text}
      </text>
    );
  }
  const paint = {
    fill: shape.fill ?? 'none',
    stroke: shape.stroke,
    strokeWidth: shape.strokeWidth,
    strokeLinejoin: 'round' as const,
  };
  switch (shape.kind) {
    case 'rect':
      return (
        <rect
          x={shape.x}
          y={shape.y}
          width={shape.width}
          height={shape.height}
          rx={shape.radius}
          {...paint}
        />
      );
    case 'circle':
      return <circle cx={shape.cx} cy={shape.cy} r={shape.r} {...paint} />;
    case 'path':
      return <path d={shape.d} {...paint} />;
  }
}
