import { memo } from 'react';
import type { Board, Side } from '#core/board/board';
import { pitchMm } from '#core/board/board';
import { columnLetters, gridOf, holeAt, holeName } from '#core/board/holes';
import { inView } from '#core/board/transform';

interface HoleGridProps {
  readonly board: Board;
  readonly side: Side;
}

/** Holes, strips with their cuts, bare links, and the letters and numbers by which a hole is named. */
export const HoleGrid = memo(function HoleGrid({ board, side }: HoleGridProps) {
  const { columns, rows } = gridOf(board);
  const at = (column: number, row: number) => inView(board, side, holeAt(board, { column, row }));
  const numbers = (count: number) => Array.from({ length: count }, (_, index) => index + 1);
  return (
    <g>
      {board.kind === 'strip' &&
        numbers(rows).map((row) => {
          const [a, b] = [at(1, row), at(columns, row)];
          return (
            <line
              key={row}
              x1={Math.min(a.x, b.x) - pitchMm / 2}
              x2={Math.max(a.x, b.x) + pitchMm / 2}
              y1={a.y}
              y2={a.y}
              className={side === 'bottom' ? 'strip' : 'strip strip-behind'}
            />
          );
        })}
      {board.cuts.map((hole) => {
        const { x, y } = at(hole.column, hole.row);
        return (
          <circle
            key={holeName(hole)}
            cx={x}
            cy={y}
            r={1.2}
            className={side === 'bottom' ? 'cut' : 'cut cut-behind'}
          />
        );
      })}
      {numbers(rows).flatMap((row) =>
        numbers(columns).map((column) => {
          const { x, y } = at(column, row);
          return <circle key={`${column}.${row}`} cx={x} cy={y} r={0.5} className="grid-hole" />;
        }),
      )}
      {numbers(columns).map((column) => (
        <text key={column} x={at(column, 1).x} y={-0.6} textAnchor="middle" className="grid-name">
          {columnLetters(column)}
        </text>
      ))}
      {numbers(rows).map((row) => (
        <text key={row} x={-1.2} y={at(1, row).y + 0.6} textAnchor="middle" className="grid-name">
          {row}
        </text>
      ))}
      {board.links.map(({ from, to }) => {
        const [a, b] = [at(from.column, from.row), at(to.column, to.row)];
        return (
          <line
            key={`${holeName(from)}-${holeName(to)}`}
            x1={a.x}
            y1={a.y}
            x2={b.x}
            y2={b.y}
            className={side === 'top' ? 'hole-link' : 'hole-link link-behind'}
          />
        );
      })}
    </g>
  );
});
