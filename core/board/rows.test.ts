import { describe, expect, it } from 'vitest';
import { line, ohm } from '../order/testing/kits.ts';
import type { Placement } from './board.ts';
import { partsByPlace } from './pads.ts';
import { linesOf } from './rows.ts';

const at = (place: string, xMm: number, yMm: number): Placement => ({
  place,
  xMm,
  yMm,
  rotation: 0,
  side: 'top',
});
const names = (count: number) => Array.from({ length: count }, (_, index) => `R${index + 1}`);
const resistors = (count: number) =>
  partsByPlace([line('resistor-axial', names(count).join(' '), ohm(470))]);
const family = 'resistor-axial';

describe('rows and columns of parts', () => {
  it('a column is counted from the top, a row from the left', () => {
    const column = names(4).map((place, index) => at(place, 10, 40 - 5 * index));
    expect(linesOf(column, resistors(4)).get('R4')).toEqual({
      column: { family, number: 4, count: 4 },
    });
    const row = names(4).map((place, index) => at(place, 10 + 12 * index, 20.4));
    expect(linesOf(row, resistors(4)).get('R2')).toEqual({ row: { family, number: 2, count: 4 } });
  });

  it('laid by hand, a row need not be straight to the tenth of a millimetre', () => {
    const row = [at('R1', 10, 20), at('R2', 20, 20.6), at('R3', 30, 19.7)];
    expect(linesOf(row, resistors(3)).get('R3')?.row).toMatchObject({ number: 3, count: 3 });
  });

  it('a wide gap ends a row, and two are none', () => {
    const row = [10, 15, 20, 60, 65].map((x, index) => at(`R${index + 1}`, x, 20));
    const lines = linesOf(row, resistors(5));
    expect(lines.get('R3')?.row).toMatchObject({ number: 3, count: 3 });
    expect(lines.get('R4')).toBeUndefined();
  });

  it('other parts in between do not count', () => {
    const parts = partsByPlace([
      line('resistor-axial', 'R1 R2 R3', ohm(470)),
      line('capacitor-film', 'C1'),
    ]);
    const row = [at('R1', 10, 20), at('C1', 20, 20), at('R2', 30, 20), at('R3', 50, 20)];
    expect(linesOf(row, parts).get('R3')?.row).toMatchObject({ number: 3, count: 3 });
    expect(linesOf(row, parts).get('C1')).toBeUndefined();
  });

  it('in a block each part has a row and a column', () => {
    const block = names(9).map((place, index) =>
      at(place, 10 + 12 * (index % 3), 40 - 6 * Math.floor(index / 3)),
    );
    expect(linesOf(block, resistors(9)).get('R6')).toEqual({
      row: { family, number: 3, count: 3 },
      column: { family, number: 2, count: 3 },
    });
  });
});
