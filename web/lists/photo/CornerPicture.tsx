import { type KeyboardEvent, type PointerEvent, useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { type Corners, fourCorners } from '#core/picture/homography';
import type { Spot } from '#core/picture/raster';

interface CornerPictureProps {
  readonly preview: HTMLCanvasElement;
  /** Of the picture that the corners are in, in dots. */
  readonly width: number;
  readonly height: number;
  readonly corners: Corners;
  /** Absent where nothing can be moved. */
  readonly move: ((corners: Corners) => void) | undefined;
}

const names = ['upperLeft', 'upperRight', 'lowerRight', 'lowerLeft'] as const;
const keys: Readonly<Record<string, readonly [across: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** A key moves a corner by this part of the longer side; with Shift by ten times as much. */
const keyStep = 0.002;

/** A photo with the four corners of the sheet on it, moved by finger, mouse or keys. */
export function CornerPicture({ preview, width, height, corners, move }: CornerPictureProps) {
  const { t } = useTranslation();
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    preview.className = 'corner-photo';
    frame.current?.prepend(preview);
    return () => preview.remove();
  }, [preview]);

  const put = (index: number, { x, y }: Spot) => {
    const spot = {
      x: Math.min(Math.max(0, x), width - 1),
      y: Math.min(Math.max(0, y), height - 1),
    };
    move?.(fourCorners(corners.map((corner, at) => (at === index ? spot : corner))));
  };
  const drag = (index: number) => (event: PointerEvent) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = frame.current?.getBoundingClientRect();
    if (!box) return;
    put(index, {
      x: ((event.clientX - box.left) / box.width) * width,
      y: ((event.clientY - box.top) / box.height) * height,
    });
  };
  const press = (index: number) => (event: KeyboardEvent) => {
    const way = keys[event.key];
    const from = corners[index];
    if (!way || !from) return;
    event.preventDefault();
    const step = keyStep * Math.max(width, height) * (event.shiftKey ? 10 : 1);
    put(index, { x: from.x + way[0] * step, y: from.y + way[1] * step });
  };
  const [first, second] = corners;
  return (
    <div ref={frame} className="corner-picture">
      <svg viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
        <path
          className="corner-shade"
          fillRule="evenodd"
          d={`M0 0H${width}V${height}H0Z M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
        />
        {/* The upper edge, so that a sheet that lies on its side is seen to. */}
        <line className="corner-top" x1={first.x} y1={first.y} x2={second.x} y2={second.y} />
      </svg>
      {corners.map(({ x, y }, index) => (
        <button
          key={names[index]}
          type="button"
          className="corner-handle"
          aria-label={t(`lists.sheet.corner.${names[index] ?? 'upperLeft'}`)}
          disabled={!move}
          ref={(handle) => {
            handle?.style.setProperty('left', `${(100 * x) / width}%`);
            handle?.style.setProperty('top', `${(100 * y) / height}%`);
          }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={drag(index)}
          onKeyDown={press(index)}
        />
      ))}
    </div>
  );
}
