import { createInstance } from 'i18next';
import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { holeAt, sizeOf } from '../board/holes.ts';
import { partsByPlace } from '../board/pads.ts';
import { boardWith } from '../order/testing/boards.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import type { Part } from '../parts/part.ts';
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

const parts = new Map<string, Part>();

describe('where a part is, in words', () => {
  it('counts a row as people do, in either direction', () => {
    const places = ['R1', 'R2', 'R3', 'R4'];
    const row = {
      ...board,
      placements: places.map((place, index) => ({
        place,
        xMm: 8 + 14 * index,
        yMm: 34,
        rotation: 90,
        side: 'top' as const,
      })),
    };
    const four = partsByPlace([line('resistor-axial', places.join(' '), ohm(470))]);
    expect(allWhereWords(i18n.t, 'en', row, four, 'top').get('R2')).toBe(
      'top row, 2nd from the left (4 resistors), right of R1',
    );
    expect(allWhereWords(i18n.t, 'en', row, four, 'bottom').get('R2')).toBe(
      'top row, 3rd from the left (4 resistors), left of R1',
    );
  });

  it('says of a chip in which socket it goes', () => {
    const spot = { xMm: 30, yMm: 20, rotation: 0, side: 'top' as const };
    const sockets = {
      ...board,
      placements: [
        { place: 'X1', ...spot },
        { place: 'U1', ...spot },
      ],
    };
    const both = partsByPlace([
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('NE555'), 8),
    ]);
    const words = allWhereWords(i18n.t, 'en', sockets, both, 'top');
    expect([words.get('X1'), words.get('U1')]).toEqual(['in the middle', 'in the socket X1']);
  });

  it('says of no two places the same', () => {
    const columns = ['R1', 'R2', 'R3', 'R4', 'R5', 'R6'].map((place, index) => ({
      place,
      xMm: index < 3 ? 5 : 16,
      yMm: 34 - 12 * (index % 3) - (index < 3 ? 0 : 3),
      rotation: 0,
      side: 'top' as const,
    }));
    const six = partsByPlace([line('resistor-axial', 'R1 R2 R3 R4 R5 R6', ohm(470))]);
    const words = [
      ...allWhereWords(i18n.t, 'en', { ...board, placements: columns }, six, 'top').values(),
    ];
    expect(new Set(words).size).toBe(6);
    expect(words[0]).toMatch(/^left column, 1st from the top \(3 resistors\)/);
  });

  it('counts from the left of what one sees and names the neighbour', () => {
    const words = allWhereWords(i18n.t, 'en', board, parts, 'top');
    expect(words.get('D1')).toBe('in the middle, above S1');
    expect(words.get('R1')).toBe('in the upper left, left of D1');
  });

  it('from below it is the other way round', () => {
    const words = allWhereWords(i18n.t, 'en', board, parts, 'bottom');
    expect(words.get('R1')).toBe('in the upper right, right of D1');
    expect(sideWords(i18n.t, 'bottom')).toContain('mirrored');
  });

  it('a part that is alone has no neighbour', () => {
    const alone = { ...board, placements: board.placements.slice(0, 1) };
    expect(allWhereWords(i18n.t, 'en', alone, parts, 'top').get('S1')).toBe('in the lower middle');
  });

  it('is worked out once for a board and a side', () => {
    expect(allWhereWords(i18n.t, 'en', board, parts, 'top')).toBe(
      allWhereWords(i18n.t, 'en', board, parts, 'top'),
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
