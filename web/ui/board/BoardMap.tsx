import { lazy, type ReactNode, Suspense, useDeferredValue, useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board, PictureSort, Side } from '#core/board/board';
import { extentOf, shapePath, shapesOf } from '#core/board/boardShape';
import { letteringOf, signSizeMm } from '#core/board/labels';
import { padsOf } from '#core/board/pads';
import type { PinName } from '#core/board/pinNames';
import { inView } from '#core/board/transform';
import type { View } from '#core/board/view';
import type { Part } from '#core/parts/part';
import { allWhereWords, sideWords } from '#core/words/boardWords';
import { partName } from '#core/words/partWords';
import { Bodies } from './Bodies.tsx';
import { Copper } from './Copper.tsx';
import { HoleGrid } from './HoleGrid.tsx';
import { PlaceNames } from './PlaceNames.tsx';
import { type PartDeeds, Spots } from './Spots.tsx';
import { shownParts } from './shown.ts';
import './board.css';

// Shown on demand.
const Connections = lazy(async () => ({
  default: (await import('./Connections.tsx')).Connections,
}));

const BoardPictures = lazy(async () => ({
  default: (await import('./BoardPictures.tsx')).BoardPictures,
}));

interface BoardMapProps extends PartDeeds {
  readonly board: Board;
  readonly parts: ReadonlyMap<string, Part>;
  readonly side: Side;
  /** What is shown, in mm of the picture; the whole board where left out. */
  readonly view?: View;
  /** Places that are pointed at. */
  readonly now?: ReadonlySet<string>;
  /** Places that are on the board already; where left out, all are. */
  readonly done?: ReadonlySet<string>;
  /** Which of its pictures are shown. */
  readonly pictures?: readonly PictureSort[];
  /** The photo in place of the drawing: what is pointed at is ringed on it. */
  readonly photoAlone?: boolean;
  /** Drawn over everything, in mm of the picture. */
  readonly children?: ReactNode;
  /** What is joined, shown as straight lines: of what is pointed at, or all. */
  readonly nets?: readonly (readonly PinName[])[] | undefined;
}

const edgeMm = 3;

/** The whole board with a little room around it. */
export const wholeBoard = ({ widthMm, heightMm }: Pick<Board, 'widthMm' | 'heightMm'>): View => ({
  x: -edgeMm,
  y: -edgeMm,
  width: widthMm + 2 * edgeMm,
  height: heightMm + 2 * edgeMm,
});

const none: ReadonlySet<string> = new Set();
const noPictures: readonly PictureSort[] = [];

/**
 * A board from one side: component side, or solder side as it is seen when the board is turned over, and says so. Bodies
 * stand over their pads to scale; what is pointed at is ringed, what is not yet fitted is drawn faintly.
 */
export function BoardMap({
  board,
  parts,
  side,
  view,
  now = none,
  done,
  nets,
  pictures = noPictures,
  photoAlone = false,
  children,
  ...deeds
}: BoardMapProps) {
  const { t, i18n } = useTranslation();
  const pads = useMemo(() => padsOf(board, parts), [board, parts]);
  const shown = useMemo(() => shownParts(board, parts, now, done), [board, parts, now, done]);
  const lettering = useMemo(() => letteringOf(board, parts), [board, parts]);
  const labels = useMemo(() => {
    const seen = new Set(shown.map(({ placement: { place } }) => place));
    // A photo says by itself what is on it.
    const isNamed = (place: string) => seen.has(place) && (!photoAlone || now.has(place));
    return lettering.labels.filter(({ places }) => places.some(isNamed));
  }, [lettering, shown, photoAlone, now]);
  const partNames = useMemo(
    () => new Map([...parts].map(([place, part]) => [place, partName(t, part)])),
    [parts, t],
  );
  // The picture goes first, when it is opened and when it is turned; what is said of it follows.
  const namedSide = useDeferredValue<Side | null>(side, null);
  const names = useMemo(() => {
    if (!namedSide) return new Map<string, string>();
    const where = allWhereWords(t, i18n.language, board, parts, namedSide);
    return new Map(
      [...partNames].map(([place, name]) => [place, `${place}, ${name}: ${where.get(place)}`]),
    );
  }, [board, parts, partNames, namedSide, t, i18n.language]);
  const { x, y, width, height } = view ?? wholeBoard(board);
  const { widthMm, heightMm } = board;
  const shapes = useMemo(() => shapesOf(board), [board]);
  const ground =
    board.kind === 'printed' ? `board-printed board-${board.colour ?? 'green'}` : 'board-strip';
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing with things to choose in it, no set of fields
    <svg
      className={done && now.size > 0 ? 'board-map board-map-step' : 'board-map'}
      role="group"
      aria-label={sideWords(t, side)}
      viewBox={`${x} ${y} ${width} ${height}`}
    >
      {shapes.map((shape) => (
        <path
          key={shape.name}
          className={ground}
          fillRule="evenodd"
          d={shapePath(shape, heightMm)}
          {...(side === 'bottom' ? { transform: `translate(${widthMm} 0) scale(-1 1)` } : {})}
        />
      ))}
      {board.pictures && pictures.length > 0 && (
        <Suspense>
          <BoardPictures board={board} side={side} shown={pictures} alone={photoAlone} />
        </Suspense>
      )}
      {board.kind !== 'printed' && <HoleGrid board={board} side={side} />}
      {/* Turned over, the same picture is mirrored as a whole. */}
      <g
        className={side === 'bottom' ? 'seen-from-below' : 'seen-from-above'}
        {...(side === 'bottom' ? { transform: `translate(${widthMm} 0) scale(-1 1)` } : {})}
      >
        {!photoAlone && <Copper pads={pads} boardHeightMm={heightMm} />}
        {!photoAlone && <Bodies shown={shown} boardHeightMm={heightMm} />}
        {nets && (
          <Suspense>
            <Connections nets={nets} pads={pads} at={now} boardHeightMm={heightMm} />
          </Suspense>
        )}
        <Spots shown={shown} boardHeightMm={heightMm} names={names} {...deeds} />
      </g>
      {shapes.length > 1 &&
        shapes.map(({ name, edge }) => {
          const { left, bottom, widthMm: wide, heightMm: high } = extentOf(edge);
          const middle = inView(board, side, { x: left + wide / 2, y: bottom + high });
          return (
            <text key={name} className="board-name" x={middle.x} y={middle.y - 0.8}>
              {name}
            </text>
          );
        })}
      <PlaceNames board={board} labels={labels} now={now} side={side} />
      {/* Over the bodies: which holes are meant, and which of two is plus. */}
      {pads
        .filter((pad) => now.has(pad.place))
        .map((pad) => {
          const { x, y } = inView(board, side, { x: pad.xMm, y: pad.yMm });
          return (
            <circle
              key={`${pad.place}.${pad.pin}.${pad.xMm}.${pad.yMm}`}
              cx={x}
              cy={y}
              r={Math.max(pad.widthMm, pad.heightMm) / 2 + 0.1}
              className="pad-over"
            />
          );
        })}
      {lettering.signs
        .filter(({ place }) => now.has(place))
        .map(({ place, pin, text, middle }) => (
          <text
            key={`${place}.${pin}`}
            className="pad-sign"
            x={side === 'bottom' ? widthMm - middle.x : middle.x}
            y={middle.y + 0.35 * signSizeMm}
            fontSize={signSizeMm}
          >
            {text}
          </text>
        ))}
      {children}
    </svg>
  );
}
