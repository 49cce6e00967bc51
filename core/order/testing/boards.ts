import fc from 'fast-check';
import { type Board, emptyBoard, type Placement } from '../../board/board.ts';
import { needsPlace } from '../../board/layout.ts';
import type { Part } from '../../parts/part.ts';
import { type OrderSettings, usualSettings } from '../settings.ts';
import { styles } from '../styles/index.ts';
import { anyKit } from './kits.ts';

/** A board for a test, with its parts at the given spots: `[place, x, y, side, rotation]`. */
export function boardWith(
  ...spots: readonly (readonly [string, number, number, Placement['side']?, number?])[]
): Board {
  return {
    ...emptyBoard(80, 60, 'printed'),
    placements: spots.map(([place, xMm, yMm, side = 'top', rotation = 0]) => ({
      place,
      xMm,
      yMm,
      side,
      rotation,
    })),
  };
}

/** Any kit with its parts anywhere on a board: beside, over and below one another, on both sides. */
export const anyKitOnBoard: fc.Arbitrary<{ parts: Part[]; board: Board }> = anyKit.chain(
  (parts) => {
    const places = parts.filter(needsPlace).flatMap(({ designators }) => designators);
    return fc
      .array(
        fc.record({
          xMm: fc.integer({ min: 0, max: 80 }),
          yMm: fc.integer({ min: 0, max: 60 }),
          rotation: fc.constantFrom(0, 90, 180, 270),
          side: fc.constantFrom<Placement['side'][]>('top', 'top', 'top', 'bottom'),
        }),
        { minLength: places.length, maxLength: places.length },
      )
      .map((spots) => ({
        parts,
        board: {
          ...emptyBoard(80, 60, 'printed'),
          placements: spots.map((spot, index) => ({ place: places[index] ?? '', ...spot })),
        },
      }));
  },
);

/** Any wish that an instructor can have, but for an order of his own. */
export const anySettings: fc.Arbitrary<OrderSettings> = fc
  .record({
    styles: fc.shuffledSubarray(
      styles.map(({ id }) => id),
      { minLength: 1 },
    ),
    batch: fc.oneof(
      fc.constant({ kind: 'value' as const }),
      fc.integer({ min: 1, max: 12 }).map((most) => ({ kind: 'pieces' as const, most })),
    ),
    checks: fc.constantFrom('blocks' as const, 'end' as const),
  })
  .map((wish) => ({ ...usualSettings, ...wish }));
