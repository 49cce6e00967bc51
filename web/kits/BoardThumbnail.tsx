import type { Thumbnail } from '#core/board/thumbnail';

/** The board of a kit on its card; what it shows is said by the card. */
export function BoardThumbnail({ board }: { readonly board: Thumbnail }) {
  const { widthMm, heightMm, bodies } = board;
  return (
    <svg className="thumbnail" viewBox={`-1 -1 ${widthMm + 2} ${heightMm + 2}`} aria-hidden="true">
      <rect width={widthMm} height={heightMm} rx={1.5} className="thumbnail-board" />
      {bodies.map(({ colour, corners }) => (
        <polygon
          key={corners.join(' ')}
          points={corners.map(([x, y]) => `${x},${y}`).join(' ')}
          fill={colour}
          className="thumbnail-body"
        />
      ))}
    </svg>
  );
}
