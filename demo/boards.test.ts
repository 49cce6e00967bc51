import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Board } from '#core/board/board';
import { layoutProblems } from '#core/board/layout';
import { netsOf } from '#core/board/nets';
import { partsByPlace } from '#core/board/pads';
import { netDoubts } from '#core/circuit/netDoubts';
import { guessMapping } from '#core/partslist/guessMapping';
import { isClean } from '#core/partslist/problem';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { demoBoards } from './boards.ts';
import { demoKits } from './scenario.ts';

const listOf = (file: string) => {
  const table = readTable(readFileSync(new URL(`./kits/${file}`, import.meta.url), 'utf8'));
  if (!table.ok) throw new Error(table.problem.says);
  const reading = readPartsList(table.value, guessMapping(table.value));
  expect(isClean(reading)).toBe(true);
  return reading.lines.map(({ part }) => part);
};
const partsOf = (file: string) => partsByPlace(listOf(file));
const netsOfKit = (name: keyof typeof demoBoards) => {
  const file = demoKits.find((kit) => kit.name === name)?.file ?? '';
  return netsOf(demoBoards[name], partsOf(file)).map((pins) => pins.join(' '));
};

describe('the boards of the demo', () => {
  it.each(demoKits.map(({ name, file }) => [name, file] as const))(
    '%s: every part has its spot and none is in the way',
    (name, file) => {
      expect(layoutProblems(demoBoards[name] as Board, partsOf(file))).toEqual([]);
      const parts = listOf(file);
      expect(netDoubts({ board: demoBoards[name] as Board, circuitNotes: {}, parts })).toEqual([]);
    },
  );

  // The circuits are the trade's own (common practice): what must be joined for the kit to do what it claims. Pin 1 of
  // a two-lead part is plus or anode; a 2N3904 is emitter, base, collector.
  it('Twin Lamp is the two-transistor flasher: each collector drives the other base through a capacitor', () => {
    expect(netsOfKit('Twin Lamp')).toEqual([
      'C1.1 D1.2 Q1.3',
      'C1.2 Q2.2 R2.1',
      'C2.1 D2.2 Q2.3',
      'C2.2 Q1.2 R3.2',
      'D1.1 R1.2',
      'D2.1 R4.1',
      'J1.1 S1.1',
      'J1.2 Q1.1 Q2.1',
      'R1.1 R2.2 R3.1 R4.2 S1.2',
    ]);
  });

  // Pins of the LM393: 1 and 7 out, 2 and 6 inverting, 3 and 5 not inverting, 4 ground, 8 supply (its data sheet, from
  // memory).
  it('Fern Minder is a window of two comparators around the soil’s voltage, behind a guarding diode', () => {
    const nets = netsOfKit('Fern Minder');
    expect(nets).toContain('BT1.1 D1.1');
    expect(nets).toContain('R1.2 W1.1 X1.3 X1.6');
    expect(nets).toContain('RV1.2 X1.2 X1.5');
    expect(nets).toContain('D2.2 X1.1');
    expect(nets).toContain('BZ1.2 D4.2 X1.7');
    expect(nets.find((net) => net.includes('X1.8'))).toMatch(/D1\.2.*X1\.8/);
    expect(nets.find((net) => net.includes('X1.4'))).toMatch(/BT1\.2.*W2\.1 X1\.4/);
  });

  // A 74HC14 has its gates at 1-2, 3-4, 5-6, 9-8, 11-10, 13-12, ground 7, supply 14 (its data sheet, from memory).
  it('Tide Badge is a Schmitt oscillator whose two ends light by turns; idle inputs are tied', () => {
    const nets = netsOfKit('Tide Badge');
    expect(nets).toContain('C1.1 R1.1 U1.1');
    expect(nets).toContain('R1.2 U1.2 U1.3');
    expect(nets).toContain('R2.1 U1.4 U1.5');
    expect(nets).toContain('R3.1 U1.6');
    expect(nets.find((net) => net.includes('U1.7'))).toMatch(/U1\.7 U1\.9 U1\.11 U1\.13/);
    expect(demoBoards['Tide Badge'].placements.find(({ place }) => place === 'BT1')?.side).toBe(
      'bottom',
    );
  });

  // The astable of any 555 data sheet: pins 2 and 6 joined, RA from supply to 7, RB from 7 to 6, C from 6 to ground.
  it('Wire Finder is the 555 astable on strips, and the probes close its supply', () => {
    expect(netsOfKit('Wire Finder')).toEqual([
      'BT1.1 W1.1',
      'BT1.2 BZ1.2 C1.2 C2.2 X1.1',
      'BZ1.1 X1.3',
      'C1.1 R2.2 X1.2 X1.6',
      'C2.1 R1.1 W2.1 X1.4 X1.8',
      'R1.2 R2.1 X1.7',
    ]);
  });
});
