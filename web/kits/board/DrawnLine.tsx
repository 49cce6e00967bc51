import type { Point } from '#core/board/transform';

/** An outline as far as it is drawn. */
export function DrawnLine({ points }: { readonly points: readonly Point[] }) {
  return (
    <g className="drawn-line">
      <polyline points={points.map(({ x, y }) => `${x},${y}`).join(' ')} />
      {points.map(({ x, y }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={0.7} />
      ))}
    </g>
  );
}
