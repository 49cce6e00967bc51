import type { Thumbnail } from '#core/board/thumbnail';

/** The board of a kit on its card; what it shows is said by the card. */
export function BoardThumbnail({ board }: { readonly board: Thumbnail }) {
  const { widthMm, heightMm, outline, bodies } = board;
  return (
    <svg className="thumbnail" viewBox={`-1 -1 ${widthMm + 2} ${heightMm + 2}`} aria-hidden="true">
      <path d={outline} fillRule="evenodd" className="thumbnail-board" />
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
