import { describe, expect, it } from 'vitest';
import { testEngine } from '../circuit/testing/engine.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { asMeant } from './change.ts';
import { madeUp, restAlike, unpoweredOf, watchedFor } from './madeUp.ts';
import { pointsOf } from './points.ts';
import { subjectWith } from './testing/subjectWith.ts';

/** A lamp and two dividers around a comparator: it finds its rest from nothing in many steps. */
const lamps = subjectWith(
  [
    [line('resistor-axial', 'R1', ohm(10_000)), 'plus p'],
    [line('resistor-axial', 'R2', ohm(22_000)), 'p minus'],
    [line('resistor-axial', 'R3', ohm(22_000)), 'plus m'],
    [line('resistor-axial', 'R4', ohm(10_000)), 'm minus'],
    [line('ic-dip', 'U1', type('LM393'), 8), 'o m p minus - - - plus'],
    [line('resistor-axial', 'R5', ohm(680)), 'plus l'],
    [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'l o'],
  ],
  9,
);

const showing = async (subject: typeof lamps, count: number, settles: boolean) => {
  const meant = asMeant(subject);
  const analysis = await watchedFor(testEngine, meant);
  if (analysis?.kind !== 'point') throw new Error('swings');
  const shown = await madeUp(
    testEngine,
    pointsOf(subject),
    meant,
    analysis,
    count,
    7,
    'as printed',
    settles,
  );
  expect(shown).toHaveLength(count);
  return shown;
};

describe('boards that are looked for near one another', () => {
  it('rest where they rest when each is looked for from nothing', async () => {
    const alone = await showing(lamps, 6, false);
    const near = await showing(lamps, 6, true);
    for (const [board, { volts, milliampere }] of alone.entries()) {
      // What floats on a lamp that is off differs by millivolts.
      for (const [probe, volt] of volts.entries())
        expect(near[board]?.volts[probe]).toBeCloseTo(volt, 1);
      expect(near[board]?.milliampere).toBeCloseTo(milliampere, 2);
    }
  });

  it('are told from those that rest now in one way and now in the other', async () => {
    expect(restAlike(await showing(lamps, 6, false), 9)).toBe(true);
    const volts = (b: number) => ({ volts: [0, b] });
    const rest = (...of: number[]) => restAlike(of.map(volts) as never, 9);
    expect(rest(0.1, 0.2, 1.5)).toBe(true);
    expect(rest(0.1, 0.2, 8.5)).toBe(false);
  });
});

describe('a meter on ohms across each resistor on the board', () => {
  it('shows it beside what else lies across it', async () => {
    // In a ring of 1, 2 and 3 kΩ each reads itself beside the other two in series: 833, 1333 and 1500 Ω (Ohm’s and
    // Kirchhoff’s laws); behind nothing else, 4.7 kΩ reads itself.
    const ring = subjectWith(
      [
        [line('resistor-axial', 'R1', ohm(1000)), 'a b'],
        [line('resistor-axial', 'R2', ohm(2000)), 'b c'],
        [line('resistor-axial', 'R3', ohm(3000)), 'c a'],
        [line('resistor-axial', 'R4', ohm(4700)), 'plus minus'],
        [line('resistor-axial', 'R5', ohm(10_000)), 'plus a'],
      ],
      9,
    );
    const points = pointsOf(ring);
    const { across } = await unpoweredOf(testEngine, points, asMeant(ring));
    const of = (place: string) => across[points.across.indexOf(place)];
    expect(of('R1')).toBeCloseTo(833.3, 0);
    expect(of('R2')).toBeCloseTo(1333.3, 0);
    expect(of('R3')).toBeCloseTo(1500, 0);
    expect(of('R4')).toBeCloseTo(4700, -1);
  });
});
