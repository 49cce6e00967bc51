import { createInstance } from 'i18next';
import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { holeAt, sizeOf } from '../board/holes.ts';
import { boardWith } from '../order/testing/boards.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { allWhereWords, facingWords, hidingWords, holeWords, sideWords } from './boardWords.ts';
import { english } from './en.ts';

const i18n = createInstance();
beforeAll(() =>
  i18n.init({
    lng: 'en',
    resources: { en: { translation: english } },
    interpolation: { escapeValue: false },
    showSupportNotice: false,
  }),
);

const board = {
  ...emptyBoard(60, 40, 'printed'),
  placements: [
    { place: 'S1', xMm: 30, yMm: 8, rotation: 0, side: 'top' as const },
    { place: 'D1', xMm: 30, yMm: 20, rotation: 0, side: 'top' as const },
    { place: 'R1', xMm: 6, yMm: 34, rotation: 0, side: 'top' as const },
  ],
};

describe('where a part is, in words', () => {
  it('counts from the left of what one sees and names the neighbour', () => {
    const words = allWhereWords(i18n.t, 'en', board, 'top');
    expect(words.get('D1')).toBe('number 2 of 3 from the left edge, in the middle, above S1');
    expect(words.get('R1')).toBe('number 1 of 3 from the left edge, in the upper left, left of D1');
  });

  it('from below it is the other way round', () => {
    const words = allWhereWords(i18n.t, 'en', board, 'bottom');
    expect(words.get('R1')).toBe(
      'number 3 of 3 from the left edge, in the upper right, right of D1',
    );
    expect(sideWords(i18n.t, 'bottom')).toContain('mirrored');
  });

  it('a part that is alone has no neighbour', () => {
    const alone = { ...board, placements: board.placements.slice(0, 1) };
    expect(allWhereWords(i18n.t, 'en', alone, 'top').get('S1')).toBe(
      'number 1 of 1 from the left edge, in the lower middle',
    );
  });

  it('is worked out once for a board and a side', () => {
    expect(allWhereWords(i18n.t, 'en', board, 'top')).toBe(
      allWhereWords(i18n.t, 'en', board, 'top'),
    );
  });

  it('marks look towards an edge; holes have their names and their place from below', () => {
    expect(facingWords(i18n.t, { mark: 'stripe', edge: 'left' })).toBe(
      'stripe on the can towards the left',
    );
    const size = sizeOf({ columns: 20, rows: 10 });
    const strip = emptyBoard(size.widthMm, size.heightMm, 'strip');
    const { x, y } = holeAt(size, { column: 3, row: 7 });
    const pads = [{ xMm: x, yMm: y }];
    expect(holeWords(i18n.t, strip, 'top', pads)).toEqual(['hole C7']);
    expect(holeWords(i18n.t, strip, 'bottom', pads)).toEqual([
      'hole C7, column 18 from the left as you see it',
    ]);
    expect(holeWords(i18n.t, board, 'top', pads)).toEqual([]);
  });
});

describe('what hides what, in words', () => {
  it('is said of both, and of no others', () => {
    const parts = [line('resistor-axial', 'R1 R2', ohm(470)), line('capacitor-electrolytic', 'C1')];
    const words = hidingWords(
      i18n.t,
      boardWith(['R1', 40, 30], ['C1', 34.92, 30], ['R2', 10, 10]),
      parts,
    );
    expect(words.get('C1')).toEqual(['lies over the joints of R1', 'lies over R1']);
    expect(words.get('R1')).toEqual(['its joints lie under C1', 'lies under C1']);
    expect(words.get('R2')).toBeUndefined();
  });
});
