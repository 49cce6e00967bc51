import { type PointerEvent, type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import type { View } from '#core/board/view';

const closest = 12;
const settleMs = 160;

/**
 * Moves and magnifies what is shown. While the hand moves, the picture is moved as a whole by the compositor; when it
 * rests, it is drawn anew and sharp.
 *
 * @param box the element that the picture fills
 */
export function useZoom(box: RefObject<HTMLElement | null>, whole: View) {
  const [view, setView] = useState(whole);
  const live = useRef(view);
  const drag = useRef<{ id: number; x: number; y: number }>(null);
  const fingers = useRef(new Map<number, { x: number; y: number }>());
  const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
  const wholeKey = `${whole.x} ${whole.y} ${whole.width} ${whole.height}`;

  // biome-ignore lint/correctness/useExhaustiveDependencies: `wholeKey` stands for the whole
  useEffect(() => {
    live.current = whole;
    setView(whole);
  }, [wholeKey]);

  const pixelsPerMm = useCallback(
    (of: View) => {
      const { width = 1, height = 1 } = box.current?.getBoundingClientRect() ?? {};
      return Math.min(width / of.width, height / of.height);
    },
    [box],
  );

  const show = useCallback(
    (next: View) => {
      live.current = next;
      const svg = box.current?.querySelector('svg');
      const drawn = svg?.viewBox.baseVal;
      if (svg && drawn && box.current) {
        const { width, height } = box.current.getBoundingClientRect();
        const before = Math.min(width / drawn.width, height / drawn.height);
        const after = Math.min(width / next.width, height / next.height);
        const scale = after / before;
        const dx = (drawn.x + drawn.width / 2 - (next.x + next.width / 2)) * after;
        const dy = (drawn.y + drawn.height / 2 - (next.y + next.height / 2)) * after;
        svg.style.transform = `translate(${dx}px, ${dy}px) scale(${scale})`;
      }
      clearTimeout(settle.current);
      settle.current = setTimeout(() => {
        if (svg) svg.style.transform = '';
        setView(live.current);
      }, settleMs);
    },
    [box],
  );

  const zoomBy = useCallback(
    (factor: number, middle?: { x: number; y: number }) => {
      const now = live.current;
      const width = Math.min(
        whole.width * 1.5,
        Math.max(whole.width / closest, now.width / factor),
      );
      const height = (width / now.width) * now.height;
      const at = middle ?? { x: now.x + now.width / 2, y: now.y + now.height / 2 };
      show({
        x: at.x - ((at.x - now.x) * width) / now.width,
        y: at.y - ((at.y - now.y) * height) / now.height,
        width,
        height,
      });
    },
    [show, whole.width],
  );

  /** A point of the screen in the picture. */
  const pointOf = useCallback(
    (clientX: number, clientY: number) => {
      const rect = box.current?.getBoundingClientRect() ?? new DOMRect();
      const scale = pixelsPerMm(live.current);
      const { x, y, width, height } = live.current;
      return {
        x: x + width / 2 + (clientX - rect.left - rect.width / 2) / scale,
        y: y + height / 2 + (clientY - rect.top - rect.height / 2) / scale,
      };
    },
    [box, pixelsPerMm],
  );

  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      zoomBy(event.deltaY < 0 ? 1.15 : 1 / 1.15, pointOf(event.clientX, event.clientY));
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [box, pointOf, zoomBy]);

  /** Two fingers: what lies between them grows as they part. */
  const pinch = (event: PointerEvent) => {
    const before = [...fingers.current.values()];
    fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
    const after = [...fingers.current.values()];
    const apart = ([a, b]: typeof after) => (a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 1);
    const [a, b] = after;
    if (!a || !b || apart(before) === 0) return;
    zoomBy(apart(after) / apart(before), pointOf((a.x + b.x) / 2, (a.y + b.y) / 2));
  };
  const lift = (event?: PointerEvent) => {
    if (event) fingers.current.delete(event.pointerId);
    else fingers.current.clear();
    drag.current = null;
  };

  const pan = {
    onPointerDown: (event: PointerEvent) => {
      if (event.button !== 0) return;
      // A first finger, or the mouse, begins anew: what was lifted elsewhere is forgotten.
      if (event.isPrimary) fingers.current.clear();
      fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
      drag.current = { id: event.pointerId, x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent) => {
      if (fingers.current.size === 2 && fingers.current.has(event.pointerId)) {
        return pinch(event);
      }
      const from = drag.current;
      if (!from || from.id !== event.pointerId) return;
      const scale = pixelsPerMm(live.current);
      const { x, y } = live.current;
      show({
        ...live.current,
        x: x - (event.clientX - from.x) / scale,
        y: y - (event.clientY - from.y) / scale,
      });
      drag.current = { ...from, x: event.clientX, y: event.clientY };
    },
    onPointerUp: lift,
    onPointerCancel: lift,
  };
  return {
    view,
    zoomBy,
    showAll: () => show(whole),
    show,
    pan,
    pixelsPerMm: () => pixelsPerMm(live.current),
  };
}
