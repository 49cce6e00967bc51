import type { PlacedDevice, Point } from './circuitDrawing.ts';
import type { DrawnDevice, Mark } from './layoutGraph.ts';
import type { Port } from './symbol.ts';

// Where lines and words of a placed symbol are, for the screen and for papers.

export interface PlacedWords {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** Place and value of a part, counted from the corner of its symbol. */
export function namesOf({
  place,
  value,
  symbol,
  isBox,
  isNamedLeft,
}: DrawnDevice): (PlacedWords & { readonly text: string; readonly isPlace: boolean })[] {
  const { width, height } = symbol;
  const [x, anchor] = isBox
    ? [width / 2, 'middle' as const]
    : isNamedLeft
      ? [-2, 'end' as const]
      : [width + 4, 'start' as const];
  const y = isBox ? -14 : height / 2 - 2;
  return [
    { x, y, anchor, text: place, isPlace: true },
    { x, y: y + (isBox ? 10 : 11), anchor, text: value, isPlace: false },
  ];
}

/** From a pin of the symbol to the edge of the room that was kept for it, where its line begins. */
export function portLine(
  { x, y, offsetX, offsetY, width, height }: PlacedDevice,
  port: Port,
): string {
  const edge = { NORTH: `V${y}`, SOUTH: `V${y + height}`, WEST: `H${x}`, EAST: `H${x + width}` };
  return `M${x + offsetX + port.x} ${y + offsetY + port.y}${edge[port.side]}`;
}

const reach = 6;
const isGround = ({ kind, side }: Mark) => kind === 'minus' && side === 'SOUTH';

/** What a pin ends in that has no line: a bar above for plus, three below for minus, a stub otherwise. */
export function markLines(mark: Mark, { x, y }: Point): string {
  const end = {
    NORTH: `V${y - reach}`,
    SOUTH: `V${y + reach}`,
    WEST: `H${x - reach}`,
    EAST: `H${x + reach}`,
  }[mark.side];
  const stub = `M${x} ${y}${end}`;
  if (isGround(mark)) {
    const low = y + reach;
    return `${stub}M${x - 8} ${low}H${x + 8}M${x - 5} ${low + 3.5}H${x + 5}M${x - 2} ${low + 7}H${x + 2}`;
  }
  return mark.side === 'NORTH' ? `${stub}M${x - 7} ${y - reach}H${x + 7}` : stub;
}

/** Where the name of a mark stands; undefined where its picture says it. */
export function markEnd(mark: Mark, { x, y }: Point): PlacedWords | undefined {
  if (isGround(mark)) return undefined;
  switch (mark.side) {
    case 'NORTH':
      return { x, y: y - reach - 3, anchor: 'middle' };
    case 'SOUTH':
      return { x, y: y + reach + 9, anchor: 'middle' };
    case 'WEST':
      return { x: x - reach - 2, y: y + 3, anchor: 'end' };
    case 'EAST':
      return { x: x + reach + 2, y: y + 3, anchor: 'start' };
  }
}
