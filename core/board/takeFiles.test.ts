import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../order/testing/kits.ts';
import { type Board, emptyBoard } from './board.ts';
import { partsByPlace } from './pads.ts';
import {
  asInFiles,
  askedOfPads,
  askedOfPlacements,
  lyingUnknown,
  withPadList,
  withPinOne,
  withPlacements,
} from './takeFiles.ts';
import { padWith } from './testing/pads.ts';

const parts = partsByPlace([
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  { ...line('ic-dip', 'U1', type('NE555')), pins: 8 },
]);
const led = [
  padWith({ place: 'D1', pin: '1', net: 'GND', xMm: 10, yMm: 10 }),
  padWith({ place: 'D1', pin: '2', net: 'N1', xMm: 12.54, yMm: 10 }),
];
const at = (place: string, rotation = 0) => ({
  place,
  xMm: 11.27,
  yMm: 10,
  rotation,
  side: 'top' as const,
});
const list = { pads: led, otherRecords: [] };

describe('what is asked before files are taken over', () => {
  it('is pin 1 of an LED, with what its net says', () => {
    expect(askedOfPads(null, led, parts)).toEqual({
      places: ['D1'],
      hint: { pinOne: 'cathode', places: ['D1'] },
    });
    expect(askedOfPlacements(null, [at('D1'), at('R1')], parts)?.places).toEqual(['D1']);
  });

  it('is nothing where it was said before, or nothing hangs on it', () => {
    const said: Board = { ...emptyBoard(30, 20, 'printed'), diodePinOne: 'cathode' };
    expect(askedOfPads(said, led, parts)).toBeUndefined();
    expect(askedOfPlacements(said, [at('D1')], parts)).toBeUndefined();
    expect(askedOfPads(null, [padWith({ place: 'R1' })], parts)).toBeUndefined();
    const named = led.map((pad) => ({ ...pad, pin: pad.pin === '1' ? 'K' : 'A' }));
    expect(askedOfPads(null, named, parts)).toBeUndefined();
    // The pads tell how it lies.
    const { board } = withPadList(null, { ...list, pads: named }, undefined, parts);
    expect(askedOfPlacements(board, [at('D1')], parts)).toBeUndefined();
  });
});

describe('a board from the files of a program that numbers the cathode 1', () => {
  const taken = withPlacements(
    withPadList(null, list, 'cathode', parts).board,
    [at('D1')],
    undefined,
    parts,
  );

  it('has the cathode where the file has it', () => {
    expect(taken.board.pads.map(({ pin, net }) => [pin, net])).toEqual([
      ['2', 'GND'],
      ['1', 'N1'],
    ]);
    expect(taken.board.placements).toEqual([at('D1', 180)]);
    expect(taken.turned).toEqual([]);
  });

  it('goes out as the files were', () => {
    const out = asInFiles(taken.board, parts);
    expect(out.pads).toEqual(led);
    expect(out.placements).toEqual([at('D1')]);
  });

  it('is turned round where the answer was wrong, and back', () => {
    const other = withPinOne(taken.board, 'anode', parts);
    expect(other.diodePinOne).toBe('anode');
    expect(other.pads).toEqual(led);
    expect(withPinOne(other, 'cathode', parts)).toEqual(taken.board);
    expect(withPinOne(other, 'anode', parts)).toEqual(other);
  });

  it('can be told of a board that was taken over before anybody was asked', () => {
    const old = { ...emptyBoard(30, 20, 'printed'), pads: led, placements: [at('D1')] };
    expect(askedOfPads(old, old.pads, parts)?.places).toEqual(['D1']);
    expect(withPinOne(old, 'anode', parts)).toEqual({ ...old, diodePinOne: 'anode' });
    expect(withPinOne(old, 'cathode', parts).placements).toEqual([at('D1', 180)]);
  });
});

it('says of what positions alone do not tell how it lies', () => {
  const { board } = withPlacements(null, [at('D1'), at('R1'), at('U1')], 'anode', parts);
  expect(lyingUnknown(board, parts)).toEqual(['U1']);
  const known = { ...board, pads: [padWith({ place: 'U1' })] };
  expect(lyingUnknown(known, parts)).toEqual([]);
});

it('makes a board that holds what its file holds', () => {
  const { board } = withPadList(null, list, 'anode', parts);
  expect(board.widthMm).toBeGreaterThan(12.54);
  expect(board.heightMm).toBeGreaterThan(10);
});
