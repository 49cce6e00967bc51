import { describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { line } from '../order/testing/kits.ts';
import type { Part } from '../parts/part.ts';
import { cuttingListOf, wireNeeded } from './cuttingList.ts';
import { coloursIn } from './wireColours.ts';

const saying = (part: Part, description: string, more: Partial<Part> = {}): Part => ({
  ...part,
  description,
  ...more,
});
const shortOf = (parts: readonly Part[]) =>
  cuttingListOf(parts, null).map(({ place, lead, colour, mm }) => [place, lead, colour, mm]);

describe('the colours that a line names', () => {
  it.each([
    ['battery box with red/black wires', ['red', 'black']],
    ['Litze rot 15 cm', ['red']],
    ['cable azul y amarillo', ['blue', 'yellow']],
    ['Kabel, grüne Litze', ['green']],
    ['fil noir', ['black']],
    ['bored hole, redundant', []],
  ])('%s', (text, colours) => {
    expect(coloursIn(text)).toEqual(colours);
  });
});

describe('the cutting list', () => {
  it('has a wire for each lead of what hangs on wires, as the list says', () => {
    const box = saying(line('battery-holder', 'BT1'), 'battery box', {
      mounting: { kind: 'on-wires', mm: 120, colours: ['red', 'black'] },
    });
    expect(shortOf([box])).toEqual([
      ['BT1', '+', 'red', 120],
      ['BT1', '−', 'black', 120],
    ]);
  });

  it('what the instructor says comes first, and what nobody says is not known', () => {
    const mounting = { kind: 'on-wires' as const, mm: 80, colours: ['teal', 'white'] };
    expect(shortOf([saying(line('buzzer', 'BZ1'), 'buzzer 12 cm', { mounting })])).toEqual([
      ['BZ1', '+', { written: 'teal' }, 80],
      ['BZ1', '−', 'white', 80],
    ]);
    const bare = saying(line('push-button', 'S1'), 'button', { mounting: { kind: 'on-wires' } });
    expect(shortOf([bare]).map(([, , colour, mm]) => [colour, mm])).toContainEqual([null, null]);
  });

  it('has wires that are lines of their own, and bare links by the distance of their holes', () => {
    const wires = saying(line('wire', 'W1 W2'), 'wire, red and black, 15 cm');
    expect(shortOf([wires])).toEqual([
      ['W1', undefined, 'red', 150],
      ['W2', undefined, 'black', 150],
    ]);
    const link = line('wire-link', 'J1');
    const board = {
      ...emptyBoard(60, 40, 'printed'),
      placements: [
        { place: 'J1', xMm: 20, yMm: 20, rotation: 0, side: 'top' as const, spanMm: 12.7 },
      ],
    };
    // 5 mm at each end goes through the board and is bent over (common practice).
    expect(cuttingListOf([link], board)).toMatchObject([
      { place: 'J1', mm: 22.7, stripMm: 0, isTinned: false },
    ]);
  });

  it('has two wires for a button of four legs, all of the one colour that is said', () => {
    const mounting = { kind: 'on-wires' as const, mm: 100, colours: ['blue'] };
    expect(shortOf([saying(line('push-button', 'S1'), 'button', { mounting })])).toEqual([
      ['S1', '1', 'blue', 100],
      ['S1', '2', 'blue', 100],
    ]);
  });

  it('leaves out spares and what stands on the board', () => {
    const spare = saying(line('wire', 'W1'), 'wire red 10 cm', { supply: 'spare' });
    expect(shortOf([spare, line('battery-holder', 'BT1')])).toEqual([]);
  });

  it('takes the size of what hangs on wires for no length of theirs', () => {
    const disc = saying(line('piezo-disc', 'PZ1'), 'piezo disc 27 mm with wires', {
      mounting: { kind: 'on-wires' },
    });
    expect(cuttingListOf([disc], null).map(({ mm }) => mm)).toEqual([null, null]);
  });

  it('adds up what a room of kits takes', () => {
    const box = saying(line('battery-holder', 'BT1'), 'box with wires, red black, 120 mm', {
      mounting: { kind: 'on-wires' },
    });
    expect(wireNeeded(cuttingListOf([box], null), 12)).toEqual([
      { colour: 'red', pieces: 12, mm: 1440 },
      { colour: 'black', pieces: 12, mm: 1440 },
    ]);
  });
});
