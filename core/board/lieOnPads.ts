import type { Part } from '../parts/part.ts';
import type { Board, Pad, Placement } from './board.ts';
import { footprintOf } from './footprint.ts';
import { onBoard, type Point, turned } from './transform.ts';

/**
 * Board programs do not agree how a part lies at 0 degrees: chips upright or on their side, rows of pins down or across.
 * Where a pad list says which pad is which pin, that decides: a part is turned by quarters until it lies on its pads.
 *
 * @returns the placements, and the places that were turned
 */
export function lieOnPads(
  { placements, pads }: Pick<Board, 'placements' | 'pads'>,
  parts: ReadonlyMap<string, Part>,
): { readonly placements: Placement[]; readonly turned: string[] } {
  const lying = placements.map((placement) => {
    const part = parts.get(placement.place);
    const own = pads.filter(({ place }) => place === placement.place);
    return part ? lyingOn(placement, own, part) : placement;
  });
  return {
    placements: lying,
    turned: lying
      .filter(({ rotation }, index) => rotation !== placements[index]?.rotation)
      .map(({ place }) => place),
  };
}

const quarters = [0, 90, 180, 270] as const;

/** Another quarter must fit clearly better: pads of a bent lead never lie where the footprint has them. */
const clearly = 0.5;

function lyingOn(placement: Placement, pads: readonly Pad[], part: Part): Placement {
  const pins = footprintOf(part, placement.spanMm).pins.flatMap((pin) => {
    const pad = pads.find((one) => one.pin === pin.pin);
    return pad ? [{ pin, pad: { x: pad.xMm, y: pad.yMm } }] : [];
  });
  if (pins.length < 2) return placement;
  const there = aroundMiddle(pins.map(({ pad }) => pad));
  const fitsAt = (rotation: number) =>
    alike(aroundMiddle(pins.map(({ pin }) => onBoard({ ...placement, rotation }, pin))), there);
  const [best] = quarters
    .map((by) => turned(placement.rotation, by))
    .map((rotation) => ({ rotation, fits: fitsAt(rotation) }))
    .sort((a, b) => b.fits - a.fits);
  return best && best.fits - fitsAt(placement.rotation) > clearly
    ? { ...placement, rotation: best.rotation }
    : placement;
}

function aroundMiddle(points: readonly Point[]): Point[] {
  const middle = (of: (point: Point) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const [x, y] = [middle((point) => point.x), middle((point) => point.y)];
  return points.map((point) => ({ x: point.x - x, y: point.y - y }));
}

/** From −1 to 1: 1 for the same figure at any size, −1 for one that is turned by half (correlation of both). */
function alike(a: readonly Point[], b: readonly Point[]): number {
  const dot = (left: readonly Point[], right: readonly Point[]) =>
    left.reduce((sum, point, index) => {
      const other = right[index] ?? { x: 0, y: 0 };
      return sum + point.x * other.x + point.y * other.y;
    }, 0);
  const size = Math.sqrt(dot(a, a) * dot(b, b));
  return size === 0 ? 0 : dot(a, b) / size;
}
