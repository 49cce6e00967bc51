import { addressOf } from '#contract/endpoint';
import { pictureFile } from '#contract/pictures';
import {
  type Board,
  type PictureSort,
  pictureOf,
  pictureSorts,
  type Side,
} from '#core/board/board';
import { inView } from '#core/board/transform';

interface BoardPicturesProps {
  readonly board: Board;
  readonly side: Side;
  readonly shown: readonly PictureSort[];
  /** Only the photo, as it was taken. */
  readonly alone: boolean;
}

/** Pictures of one side where they belong: a photo as one sees the side, layers through the board. */
export function BoardPictures({ board, side, shown, alone }: BoardPicturesProps) {
  return pictureSorts.map((what) => {
    const picture = pictureOf(board, side, what);
    if (!picture || !shown.includes(what) || (alone && what !== 'photo')) return null;
    const [width, height] = [picture.widthPx, picture.heightPx].map((px) => px * picture.mmPerPx);
    if (!width || !height) return null;
    const isSeenThrough = side === 'bottom' && what !== 'photo';
    const right = side === 'bottom' && what === 'photo' ? picture.xMm + width : picture.xMm;
    const at = isSeenThrough
      ? { x: picture.xMm, y: board.heightMm - picture.yMm - height }
      : inView(board, side, { x: right, y: picture.yMm + height });
    return (
      <image
        key={what}
        className={alone ? undefined : `picture-${what}`}
        href={addressOf(pictureFile, { hash: picture.hash })}
        {...at}
        width={width}
        height={height}
        preserveAspectRatio="none"
        {...(isSeenThrough ? { transform: `translate(${board.widthMm} 0) scale(-1 1)` } : {})}
      />
    );
  });
}

/** Fetches the photos of a board while there is a network: what has been fetched is kept by the page. */
export const fetchPhotos = ({ pictures = [] }: Pick<Board, 'pictures'>): Promise<unknown> =>
  Promise.allSettled(
    pictures
      .filter(({ what }) => what === 'photo')
      .map(({ hash }) => fetch(addressOf(pictureFile, { hash }))),
  );
