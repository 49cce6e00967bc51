import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../order/testing/kits.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { cases } from '../testing/cases.ts';
import { type Board, emptyBoard, type Placement } from './board.ts';
import { type Box, boxAround, boxOfTurned, sharedMm2 } from './box.ts';
import { footprintOf } from './footprint.ts';
import { type Label, letteringOf, signSizeMm } from './labels.ts';
import { partsByPlace } from './pads.ts';
import { ringOf } from './ring.ts';
import { onBoard } from './transform.ts';

const at = (place: string, xMm: number, yMm: number, rotation = 0): Placement => ({
  place,
  xMm,
  yMm,
  rotation,
  side: 'top',
});
const boardOf = (widthMm: number, heightMm: number, placements: readonly Placement[]): Board => ({
  ...emptyBoard(widthMm, heightMm, 'printed'),
  placements,
});
/** Letters of a mono face are 0.6 of their size wide, their capitals 0.7 of it high. */
const boxOf = ({ text, middle, sizeMm }: Pick<Label, 'text' | 'middle' | 'sizeMm'>): Box =>
  boxAround(middle, text.length * 0.6 * sizeMm, 0.7 * sizeMm);
const bodyOf = (board: Board, placement: Placement, part: Part): Box => {
  const { widthMm, heightMm } = footprintOf(part, placement.spanMm);
  const middle = { x: placement.xMm, y: board.heightMm - placement.yMm };
  return boxOfTurned(middle, widthMm, heightMm, placement.rotation);
};
const frameOf = (board: Board, placement: Placement, part: Part): Box => {
  const ring = ringOf(placement, part);
  const middle = { x: placement.xMm, y: board.heightMm - placement.yMm };
  return boxOfTurned(middle, ring.widthMm, ring.heightMm, placement.rotation);
};
const alone = (part: Part, rotation = 0) => {
  const [place = ''] = part.designators;
  const board = boardOf(60, 60, [at(place, 30, 30, rotation)]);
  const { labels, signs } = letteringOf(board, partsByPlace([part]));
  const [label] = labels;
  if (!label) throw new Error('no label');
  return { board, label, signs, body: bodyOf(board, at(place, 30, 30, rotation), part) };
};

describe('the name of a place', () => {
  it.each([0, 90, 180, 270])('hides no band of a resistor or a diode turned by %s', (rotation) => {
    for (const part of [
      line('resistor-axial', 'R12', ohm(470)),
      line('diode-axial', 'D1', type('1N4148')),
    ]) {
      const { label } = alone(part, rotation);
      const bandsMm = familyOf(part).body.widthMm;
      const bands = boxOfTurned({ x: 30, y: 30 }, 6, bandsMm, rotation);
      expect(sharedMm2(boxOf(label), bands)).toBe(0);
    }
  });

  it.each([0, 90])('stands in the middle of a large body turned by %s', (rotation) => {
    expect(alone(line('battery-holder', 'BT1'), rotation).label.middle).toEqual({ x: 30, y: 30 });
  });

  it('of eight resistors at a tenth of an inch lies in no neighbour’s body', () => {
    const places = ['R1', 'R2', 'R3', 'R4', 'R5', 'R6', 'R7', 'R8'];
    const parts = partsByPlace([line('resistor-axial', places.join(' '), ohm(470))]);
    const placements = places.map((place, index) => at(place, 20, 40 - 2.54 * index));
    const board = boardOf(50, 50, placements);
    for (const label of letteringOf(board, parts).labels) {
      for (const placement of placements) {
        const part = parts.get(placement.place);
        if (!part || label.places.includes(placement.place)) continue;
        expect(sharedMm2(boxOf(label), bodyOf(board, placement, part))).toBe(0);
      }
    }
  });

  it('of a chip and its socket is one', () => {
    const parts = partsByPlace([
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('NE555'), 8),
    ]);
    const { labels } = letteringOf(boardOf(40, 40, [at('X1', 20, 20), at('U1', 20, 20)]), parts);
    expect(labels.map(({ text, places }) => [text, places])).toEqual([['X1/U1', ['X1', 'U1']]]);
  });

  const kinds = [
    line('resistor-axial', 'A1', ohm(470)),
    line('led-5mm', 'A1', { kind: 'colour', colour: 'red' }),
    line('capacitor-film', 'A1'),
    line('push-button', 'A1'),
    line('ic-dip', 'A1', type('NE555'), 8),
  ];
  /** Boards of parts in a grid that is wide enough for their frames. */
  const anyBoard = fc
    .array(
      fc.record({
        kind: fc.nat(kinds.length - 1),
        turned: fc.constantFrom(0, 90, 180, 270),
        skipped: fc.boolean(),
      }),
      { minLength: 1, maxLength: 40 },
    )
    .map((cells) => {
      const placements: Placement[] = [];
      const parts: Part[] = [];
      for (const [index, { kind, turned, skipped }] of cells.entries()) {
        if (skipped) continue;
        const place = `${'RDCSU'[kind]}${index + 1}`;
        const [column, row] = [index % 6, Math.floor(index / 6)];
        placements.push(at(place, 10 + column * 14.5, 110 - row * 14.5, turned));
        const part = kinds[kind];
        if (part) parts.push({ ...part, designators: [place] });
      }
      return { board: boardOf(95, 120, placements), parts: partsByPlace(parts) };
    });

  it('never lies in a neighbour’s frame or on another name, where the frames have room', () => {
    fc.assert(
      fc.property(anyBoard, ({ board, parts }) => {
        const { labels } = letteringOf(board, parts);
        for (const [index, label] of labels.entries()) {
          for (const placement of board.placements) {
            const part = parts.get(placement.place);
            if (!part || label.places.includes(placement.place)) continue;
            expect(sharedMm2(boxOf(label), frameOf(board, placement, part))).toBe(0);
          }
          for (const other of labels.slice(index + 1)) {
            expect(sharedMm2(boxOf(label), boxOf(other))).toBe(0);
          }
        }
      }),
      { numRuns: cases(60) },
    );
  });

  it('has every placed part once, and is the same each time', () => {
    fc.assert(
      fc.property(anyBoard, ({ board, parts }) => {
        const { labels } = letteringOf(board, parts);
        expect(labels.flatMap(({ places }) => places).sort()).toEqual(
          board.placements.map(({ place }) => place).sort(),
        );
        expect(letteringOf(board, parts).labels).toEqual(labels);
      }),
      { numRuns: cases(30) },
    );
  });
});

describe('the signs of plus and minus', () => {
  it.each([0, 90, 180, 270])(
    'stand beside their own lead and clear of the body, turned by %s',
    (rotation) => {
      const part = line('led-5mm', 'D1', { kind: 'colour', colour: 'red' });
      const { signs, body, label } = alone(part, rotation);
      const leads = footprintOf(part).pins.map(({ x, y }) => {
        const spot = onBoard(at('D1', 30, 30, rotation), { x, y });
        return { x: spot.x, y: 60 - spot.y };
      });
      expect(signs.map(({ pin, text }) => [pin, text])).toEqual([
        ['1', '+'],
        ['2', '−'],
      ]);
      for (const [index, { middle, text }] of signs.entries()) {
        const far = leads.map(({ x, y }) => Math.hypot(x - middle.x, y - middle.y));
        expect(far[index]).toBe(Math.min(...far));
        const box = boxOf({ text, middle, sizeMm: signSizeMm });
        expect(sharedMm2(box, body)).toBe(0);
        expect(sharedMm2(box, boxOf(label))).toBe(0);
      }
    },
  );

  it('are none where a part has no poles', () => {
    expect(alone(line('resistor-axial', 'R1', ohm(470))).signs).toEqual([]);
  });
});
