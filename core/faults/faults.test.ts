import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { testEngine } from '../circuit/testing/engine.ts';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { pick, seeded, shuffled } from '../random.ts';
import { cases } from '../testing/cases.ts';
import {
  type Answer,
  type BenchTest,
  chancesOf,
  givesNumber,
  isSupply,
  needsPower,
  supplyFrom,
  testKey,
  testsOf,
  wordsOfOutcome,
} from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';
import { faultKey, type Subject } from './fault.ts';
import { faultSheet } from './faultSheet.ts';
import { faultKindOf, faultsOf } from './kinds/index.ts';
import { makeDictionary, subjectOf } from './makeDictionary.ts';
import { meaningsOf } from './meanings.ts';
import { afterMending } from './mended.ts';
import { nextTests } from './nextTest.ts';
import { ranked, rankedGroups, type Weights } from './rank.ts';
import { weightsOf } from './seenBefore.ts';
import { subjectWith } from './testing/subjectWith.ts';

const red = { kind: 'colour', colour: 'red' } as const;

/** Three equal resistors across 6 V, and an LED with its own. */
const rows = [
  [line('resistor-axial', 'R1', ohm(1000)), 'plus a'],
  [line('resistor-axial', 'R2', ohm(1000)), 'a b'],
  [line('resistor-axial', 'R3', ohm(1000)), 'b minus'],
  [line('resistor-axial', 'R4', ohm(470)), 'plus l'],
  [line('led-5mm', 'D1', red), 'l minus'],
] as const;

const made = async (subject: Subject): Promise<FaultDictionary> => {
  const dictionary = await makeDictionary(testEngine, subject, 'test');
  if (!dictionary) throw new Error('no solution');
  return dictionary;
};

let dictionary: FaultDictionary;
beforeAll(async () => {
  dictionary = await made(subjectWith(rows, 6));
}, 120_000);

const probeAt = (pin: string) => {
  const probe = dictionary.points.probes.indexOf(pin);
  if (probe < 0) throw new Error(`no probe at ${pin}: ${dictionary.points.probes.join(' ')}`);
  return probe;
};
const volt = (pin: string, outcome: number): Answer => ({
  test: { kind: 'volt', probe: probeAt(pin) },
  outcome,
});
const signatureOf = (key: string) => {
  const entry = dictionary.entries.find(({ fault }) => faultKey(fault) === key);
  const signature = entry && dictionary.signatures[entry.shows];
  if (!signature) throw new Error(`no ${key}`);
  return signature;
};
const firstGroup = (answers: readonly Answer[]) =>
  rankedGroups(dictionary, ranked(dictionary, answers))[0]?.members.map(({ candidate }) =>
    typeof candidate === 'string' ? candidate : faultKey(candidate.fault),
  ) ?? [];

describe('what faults show, by Ohm’s law', () => {
  it('a good board: thirds of the supply', () => {
    expect(dictionary.good.volts[probeAt('R1.2')]?.mean).toBeCloseTo(4, 1);
    expect(dictionary.good.volts[probeAt('R2.2')]?.mean).toBeCloseTo(2, 1);
  });

  it('R2 missing: all of it above, nothing below', () => {
    const { volts } = signatureOf('missing R2');
    expect(volts[probeAt('R1.2')]?.mean).toBeCloseTo(6, 1);
    expect(volts[probeAt('R2.2')]?.mean).toBeCloseTo(0, 1);
  });

  it('R2 of a tenth: 6 V times 1.1 over 2.1, and 6 V over 2.1', () => {
    const entry = dictionary.entries.find(
      ({ fault }) =>
        fault.kind === 'other-value' &&
        fault.at[0] === 'R2' &&
        fault.value?.kind === 'amount' &&
        fault.value.amount === 100,
    );
    const volts = entry && dictionary.signatures[entry.shows]?.volts;
    expect(volts?.[probeAt('R1.2')]?.mean).toBeCloseTo((6 * 1.1) / 2.1, 1);
    expect(volts?.[probeAt('R2.2')]?.mean).toBeCloseTo(6 / 2.1, 1);
  });

  it('an LED that is turned round is dark, and all of the supply is across it', () => {
    const { volts, senses } = signatureOf('backwards D1');
    expect(volts[probeAt('R4.2')]?.mean).toBeCloseTo(6, 1);
    expect(senses[0]?.milliampere.mean).toBeLessThan(-1.3);
  });
});

describe('ranking', () => {
  it('finds the resistor that is open by two readings, with all that is the same', () => {
    const found = firstGroup([volt('R1.2', 5.97), volt('R2.2', 0.01)]);
    expect(found).toContain('missing R2');
    expect(found).toContain('open-joint R2.1');
    expect(found).not.toContain('missing R1');
  });

  it('finds what is wrong though one reading is of something else', () => {
    const dark: Answer = { test: { kind: 'sense', sense: 0 }, outcome: 'off' };
    const slipped = volt('R1.2', 0.3);
    const round: Answer = {
      test: { kind: 'look', place: 'D1', sees: ['way-round'] },
      outcome: 'wrong',
    };
    expect(firstGroup([dark, slipped, volt('R4.2', 5.98), round])).toContain('backwards D1');
  });

  it('what was seen at earlier builds of the kit comes first among what nothing tells apart', () => {
    const dark: Answer = { test: { kind: 'sense', sense: 0 }, outcome: 'off' };
    const chanceOf = (key: string, weights?: Weights) =>
      ranked(dictionary, [dark], weights).find(
        ({ candidate }) => typeof candidate !== 'string' && faultKey(candidate.fault) === key,
      )?.chance ?? 0;
    const entries = [1, 2, 3, 4].map(() => ({
      mistake: 'dry-joint' as const,
      designator: 'R4',
      instead: undefined,
    }));
    const weights = weightsOf({ builds: 12, entries });
    expect(chanceOf('open-joint R4.1', weights)).toBeGreaterThan(chanceOf('open-joint R4.1'));
    expect(chanceOf('backwards D1', weights)).toBeLessThan(chanceOf('backwards D1'));
    // Without any build, all is as usual.
    const none = weightsOf({ builds: 0, entries: [] });
    expect(chanceOf('backwards D1', none)).toBeCloseTo(chanceOf('backwards D1'), 9);
  });

  it('says so when nothing fits', () => {
    const nothing = [volt('R1.2', 1.1), volt('R2.2', 5.2), volt('R4.2', 3.9)];
    const odd: Answer = { test: { kind: 'current' }, outcome: 2500 };
    expect(firstGroup([...nothing, odd])).toEqual(['other']);
  });

  it('sums to one whatever is answered, in whatever order', () => {
    const tests = testsOf(dictionary);
    for (let seed = 1; seed <= cases(200); seed += 1) {
      const random = seeded(seed);
      const answers = shuffled(random, tests)
        .slice(0, 6)
        .map((test): Answer => {
          const words = wordsOfOutcome(test);
          return {
            test,
            outcome: givesNumber(test) ? 10 ** (4 * random() - 2) : pick(random, words),
          };
        });
      const one = ranked(dictionary, answers);
      expect(one.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
      const other = new Map(
        ranked(dictionary, shuffled(random, answers)).map(({ candidate, chance }) => [
          candidate,
          chance,
        ]),
      );
      for (const { candidate, chance } of one) {
        expect(other.get(candidate)).toBeCloseTo(chance, 9);
      }
    }
  });

  it('the chances of what may come of a test sum to one, for every candidate', () => {
    const supply = supplyFrom(dictionary, []);
    for (const test of testsOf(dictionary)) {
      for (const candidate of [...dictionary.entries, 'good', 'other'] as const) {
        const sum = chancesOf(dictionary, test, candidate, supply).reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(1, 6);
      }
    }
  });
});

describe('what to do next', () => {
  it('the supply is measured before any other voltage, and nothing is asked twice', () => {
    const answers: Answer[] = [{ test: { kind: 'sense', sense: 0 }, outcome: 'off' }];
    const proposed = nextTests(dictionary, ranked(dictionary, answers), answers);
    const volts = proposed.filter(({ test }) => test.kind === 'volt');
    expect(volts.length).toBeGreaterThan(1);
    expect(volts[0]?.test).toEqual({ kind: 'volt', probe: dictionary.points.supply });
    const isAsked = ({ test }: { readonly test: BenchTest }) =>
      test.kind === 'sense' && test.sense === 0;
    expect(proposed.some(isAsked)).toBe(false);
    for (const { bits } of proposed) expect(bits).toBeGreaterThanOrEqual(0);
  });

  it('where something was hot, nothing needs power', () => {
    const proposed = nextTests(dictionary, ranked(dictionary, []), [], true);
    expect(proposed.length).toBeGreaterThan(0);
    expect(proposed.some(({ test }) => needsPower(test))).toBe(false);
  });
});

describe('what a reading would mean', () => {
  it('is one thing for all readings that nobody tells apart, and the supply is at every board', () => {
    const groups = rankedGroups(dictionary, ranked(dictionary, []));
    const unknown = supplyFrom(dictionary, []);
    for (const test of testsOf(dictionary)) {
      const numbers = meaningsOf(dictionary, test, groups, unknown).flatMap(({ outcome }) =>
        typeof outcome === 'number' ? [outcome] : [],
      );
      for (const [index, one] of numbers.entries()) {
        for (const other of numbers.slice(index + 1)) {
          expect(Math.abs(one - other), testKey(test)).toBeGreaterThan(0.1);
        }
      }
    }
    const supply = testsOf(dictionary).find((test) => isSupply(dictionary, test));
    const kept = groups.filter(({ members: [first] }) => {
      const candidate = first?.candidate;
      return typeof candidate === 'object' && candidate.fault.kind === 'other-value';
    });
    expect(kept.length).toBeGreaterThan(1);
    expect(supply && meaningsOf(dictionary, supply, kept, unknown)).toHaveLength(1);
  });
});

describe('the sheet for a room without screens', () => {
  it('tells a dark LED, where to look, and a reading that parts the likeliest faults', () => {
    const parts = faultSheet(dictionary);
    const dark = parts.find(({ seen }) => seen[0]?.outcome === 'off');
    expect(dark?.lookAt).toContainEqual({
      kind: 'look',
      place: 'D1',
      sees: expect.arrayContaining(['way-round', 'joints']),
    });
    for (const { measure } of parts) {
      for (const { test, means } of measure) {
        expect(means.length).toBeGreaterThan(1);
        expect(needsPower(test) || test.kind !== 'volt').toBe(true);
      }
    }
  });
});

describe('faults that a board may have', () => {
  const kindsOf = (subject: Subject) => new Set(faultsOf(subject).map(({ kind }) => kind));

  it('nothing that is free either way is ever backwards', () => {
    const turned = faultsOf(subjectWith(rows, 6)).filter(({ kind }) => kind === 'backwards');
    expect(turned.map(({ at }) => at[0])).toEqual(['D1']);
  });

  it('a chip that is turned has each pin where the opposite one was (half a turn)', () => {
    const subject = subjectWith(
      [[line('ic-dip', 'U1', type('NE555'), 8), 'minus b c plus e f g plus']],
      9,
    );
    const { stage } = faultKindOf('backwards').make(subject, { kind: 'backwards', at: ['U1'] });
    // Pin 1 comes to lie where pin 5 was, pin 8 where pin 4 was (DIP, numbered round; common practice).
    expect(stage.circuit.devices[0]?.netAt).toMatchObject({
      1: 'e',
      5: 'minus',
      8: 'plus',
      2: 'f',
    });
  });

  it('on strip board a cut that is not made joins, and a forgotten link parts', () => {
    const board = {
      ...emptyBoard(40, 20, 'strip'),
      cuts: [{ column: 6, row: 2 }],
      links: [{ from: { column: 3, row: 2 }, to: { column: 3, row: 4 } }],
    };
    const subject = subjectOf({ board, circuitNotes: {}, parts: [], supplyVolt: 9 });
    // Without parts nothing tells where the supply comes in.
    expect(subject).toBeNull();
    const strip: Subject = { ...subjectWith(rows, 9), board };
    expect(kindsOf(strip)).toContain('cut-not-made');
    expect(kindsOf(strip)).toContain('link-forgotten');
    expect(kindsOf({ ...strip, circuitNotes: { nets: [] } })).not.toContain('cut-not-made');
  });

  it('a bridge is only between pads that solder reaches, and of different nets', () => {
    const pad = (place: string, pin: string, xMm: number) => ({
      ...{ place, pin, net: null, xMm, yMm: 5, widthMm: 1.6, heightMm: 1.6, rotation: 0 },
      ...{ side: 'both' as const, drillMm: 0.8, plated: true, square: false },
    });
    const subject: Subject = {
      ...subjectWith(rows, 6),
      pads: [pad('R1', '1', 0), pad('R2', '1', 2.54), pad('R3', '1', 20), pad('R1', '2', 5.08)],
    };
    const bridges = faultsOf(subject).filter(({ kind }) => kind === 'bridge');
    // R2.1 and R1.2 are one net; R3.1 is far away.
    expect(bridges.map(({ at }) => at)).toEqual([['R1.1', 'R2.1']]);
  });

  it('a night light that is looked at in the dark tells its turned transistor from a good one', async () => {
    const found = await made(
      subjectWith(
        [
          [line('resistor-axial', 'R1', ohm(100_000)), 'plus b'],
          [line('light-resistor', 'R2'), 'b minus'],
          [line('transistor-to92', 'Q1', type('BC547')), 'c b minus'],
          [line('resistor-axial', 'R3', ohm(470)), 'plus l'],
          [line('led-5mm', 'D1', red), 'l c'],
        ],
        6,
      ),
    );
    const inTheDark = found.points.senses.findIndex(({ when }) => when?.state === 'dark');
    // Some 8 mA: 6 V less 2 V over 470 Ω.
    expect(found.good.senses[inTheDark]?.milliampere.mean).toBeGreaterThan(0.6);
    const turned = found.entries.findIndex(({ fault }) => faultKey(fault) === 'backwards Q1');
    expect(found.groups[turned]).not.toBe(0);
  }, 120_000);

  it('a reversed electrolytic lets current through (common practice: it leaks)', async () => {
    const subject = subjectWith(
      [
        [line('resistor-axial', 'R1', ohm(10_000)), 'plus a'],
        [line('capacitor-electrolytic', 'C1', farad(1e-5)), 'a minus'],
      ],
      9,
    );
    const found = await made(subject);
    const entry = found.entries.find(({ fault }) => faultKey(fault) === 'backwards C1');
    const shown = entry && found.signatures[entry.shows];
    expect(shown?.volts[found.points.probes.indexOf('R1.2')]?.mean).toBeLessThan(3);
    expect(found.good.volts[found.points.probes.indexOf('R1.2')]?.mean).toBeGreaterThan(7);
  }, 120_000);
});

describe('where the supply comes in', () => {
  it('there is one fault of its way round, not two', () => {
    const pads = [
      ['J1.1', 'VCC'],
      ['R1.1', 'VCC'],
      ['R1.2', 'L'],
      ['D1.1', 'L'],
      ['D1.2', 'GND'],
      ['J1.2', 'GND'],
    ].map(([pin, name]) => ({ name, pin }));
    const nets = ['VCC', 'L', 'GND'].map((name) => ({
      name,
      pins: pads.flatMap((one) => (one.name === name ? [one.pin ?? ''] : [])),
    }));
    const parts = [
      line('terminal-block', 'J1'),
      line('resistor-axial', 'R1', ohm(470)),
      line('led-5mm', 'D1', red),
    ];
    const turned = subjectOf({ board: null, circuitNotes: { nets }, parts, supplyVolt: 9 });
    const keys = turned ? faultsOf(turned).map(faultKey) : [];
    expect(keys).toContain('backwards D1');
    expect(keys).toContain('cells-reversed J1');
    expect(keys).not.toContain('backwards J1');
  });
});

describe('after one fault was mended', () => {
  it('what was in order without power still is, and nothing else is known', () => {
    const look = (place: string, outcome: string): Answer => ({
      test: { kind: 'look', place, sees: ['way-round'] },
      outcome,
    });
    const beeps: Answer = {
      test: { kind: 'joint', place: 'R1', pins: ['R1.1'] },
      outcome: 'beeps',
    };
    const silent: Answer = {
      test: { kind: 'joint', place: 'R2', pins: ['R2.1'] },
      outcome: 'R2.1',
    };
    const answers = [
      volt('R1.2', 1.2),
      look('D1', 'way-round'),
      look('R1', 'right'),
      beeps,
      silent,
    ];
    expect(afterMending(answers, ['D1'])).toEqual([
      look('D1', 'right'),
      look('R1', 'right'),
      beeps,
    ]);
  });
});
