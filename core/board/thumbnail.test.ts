import { describe, expect, it } from 'vitest';
import { boardWith } from '../order/testing/boards.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { emptyBoard } from './board.ts';
import { thumbnailOf } from './thumbnail.ts';

describe('a board small', () => {
  it('has a body for each part on its component side, inside its outline, the lowest first', () => {
    const parts = [line('capacitor-electrolytic', 'C1'), line('resistor-axial', 'R1 R9', ohm(470))];
    const board = boardWith(['C1', 20, 20], ['R1', 40, 20]);
    const { bodies, widthMm, heightMm } = thumbnailOf(board, parts);
    expect([widthMm, heightMm]).toEqual([board.widthMm, board.heightMm]);
    expect(bodies.map(({ corners }) => corners.length)).toEqual([4, 4]);
    // R1 lies, C1 stands over it; y counts down from the upper edge.
    const middle = (index: number, axis: 0 | 1) => {
      const corners = bodies[index]?.corners ?? [];
      return corners.reduce((sum, corner) => sum + corner[axis], 0) / corners.length;
    };
    expect(middle(0, 0)).toBeCloseTo(40, 0);
    expect(middle(1, 0)).toBeCloseTo(20, 0);
    expect(middle(1, 1)).toBeCloseTo(board.heightMm - 20, 0);
  });

  it('of nothing placed is its outline', () => {
    expect(thumbnailOf(emptyBoard(50, 30, 'printed'), [])).toEqual({
      widthMm: 50,
      heightMm: 30,
      outline: expect.stringMatching(/^M0 29A1 1 /),
      bodies: [],
    });
  });
});
