import type { MistakeId } from '#core/learning/mistakes/ids';
import type { Erratum } from '#core/parts/erratum';
import type { LotNote } from '#core/parts/part';
import type { DemoPractice } from './practice.ts';

/**
 * The made-up scenario: the evening course in the village hall of a harbour town that does not exist. Everybody goes
 * by the name of a bird.
 */
export const demoPassphrase = 'copper tide lantern';

export type DemoKitName =
  | 'Twin Lamp'
  | 'Fern Minder'
  | 'Tide Badge'
  | 'Wire Finder'
  | 'Pier Chaser';

export interface DemoKit {
  readonly file: string;
  readonly name: DemoKitName;
  readonly description: string;
  readonly tags: readonly string[];
  readonly supplyVolt: number;
  /** By place. */
  readonly lotNotes: Readonly<Record<string, LotNote>>;
  readonly errata: readonly Erratum[];
}

export const demoKits: readonly DemoKit[] = [
  {
    file: 'twin-lamp.csv',
    name: 'Twin Lamp',
    description: 'Two LEDs blink in turn. Two transistors and no chip: a first kit.',
    tags: ['first kit'],
    supplyVolt: 6,
    lotNotes: {},
    errata: [],
  },
  {
    file: 'fern-minder.csv',
    name: 'Fern Minder',
    description: 'Three LEDs show how wet the soil of a pot is, and a buzzer calls when it is dry.',
    tags: ['chip', 'sensor'],
    supplyVolt: 3,
    lotNotes: {
      D3: {
        text: 'The yellow LEDs of this batch have the flat on the long lead. The long lead is still plus and goes into the hole marked +; ignore the flat side.',
        turned: ['flat'],
      },
    },
    errata: [
      {
        designators: ['R3'],
        text: 'The board has “100k” printed beside R3. It is wrong: 10 kΩ goes there, as the list says.',
      },
    ],
  },
  {
    file: 'tide-badge.csv',
    name: 'Tide Badge',
    description: 'A badge with two LEDs, all its parts soldered on the surface.',
    tags: ['surface mount'],
    supplyVolt: 3,
    lotNotes: {},
    errata: [],
  },
  {
    file: 'wire-finder.csv',
    name: 'Wire Finder',
    description: 'Beeps while its two probes touch the same wire: a tester on strip board.',
    tags: ['chip', 'strip board'],
    supplyVolt: 9,
    lotNotes: {},
    errata: [],
  },
  {
    file: 'pier-chaser.csv',
    name: 'Pier Chaser',
    description: 'Six lamps run along a pier: a timer beats, a counter hands the light on.',
    tags: ['two chips'],
    supplyVolt: 9,
    lotNotes: {},
    errata: [],
  },
];

const birds = [
  'Tern',
  'Plover',
  'Skua',
  'Dunlin',
  'Eider',
  'Gannet',
  'Puffin',
  'Knot',
  'Ruff',
  'Teal',
  'Scoter',
  'Merlin',
];

export interface DemoWorkshop {
  readonly title: string;
  readonly kit: DemoKitName;
  /** Minutes from now to its start; below 0 for one that has begun. */
  readonly startsInMinutes: number;
  readonly lengthMinutes: number;
  readonly names: readonly string[];
  /** Where it is not as usual. */
  readonly welcomeMinutes?: number;
  /** A step (from 1) that takes everybody so many times its plan. */
  readonly slow?: { readonly step: number; readonly times: number };
  /** How each seat works, in the order of the names; empty where nothing has happened yet. */
  readonly learners: readonly DemoLearner[];
}

export interface DemoLearner {
  /** Time taken over the plan's: 1 is as planned, 2 is twice as long. */
  readonly pace: number;
  /** Mistakes, by place in the plan from 1. */
  readonly mistakes: readonly DemoMistake[];
  /** The step (from 1) at which this learner called for help and still waits; counted from the present. */
  readonly waits?: { readonly step: number; readonly minutesAgo: number };
}

export interface DemoMistake {
  readonly step: number;
  readonly mistake: MistakeId;
  readonly designator?: string;
  /** Steps later that it was found; 0 is at once. */
  readonly foundAfter: number;
  readonly by: 'learner' | 'instructor';
}

const day = 24 * 60;

// Twin Lamp, steps: 1 R1 R4, 2 R2 R3, 3 S1, 4 Q1 Q2, 5 D1 D2, 6 J1, 7 C1 C2, then the checks 8 to 11.
const mixedUp: DemoMistake = {
  step: 1,
  mistake: 'wrong-value',
  designator: 'R4',
  foundAfter: 1,
  by: 'learner',
};

const backwardsQ1: DemoMistake = {
  step: 4,
  mistake: 'backwards',
  designator: 'Q1',
  foundAfter: 7,
  by: 'instructor',
};

/**
 * The evenings of the demo; their logs tell a story: two resistors that are easily mixed up, transistors that take
 * twice their plan, and Gannet, who made most mistakes the first time and none the second.
 */
export const demoWorkshops: readonly DemoWorkshop[] = [
  {
    title: 'First evening: Twin Lamp',
    kit: 'Twin Lamp',
    startsInMinutes: -62 * day,
    lengthMinutes: 90,
    names: birds.slice(0, 9),
    slow: { step: 4, times: 2 },
    learners: [
      { pace: 1.0, mistakes: [mixedUp] },
      { pace: 1.3, mistakes: [{ ...mixedUp, designator: 'R1', foundAfter: 0 }, backwardsQ1] },
      { pace: 0.85, mistakes: [] },
      {
        pace: 1.1,
        mistakes: [{ step: 3, mistake: 'bridge', designator: 'S1', foundAfter: 1, by: 'learner' }],
      },
      { pace: 1.5, mistakes: [mixedUp] },
      {
        pace: 1.25,
        mistakes: [
          mixedUp,
          { step: 2, mistake: 'wrong-value', designator: 'R3', foundAfter: 1, by: 'instructor' },
          { step: 3, mistake: 'dry-joint', designator: 'S1', foundAfter: 1, by: 'instructor' },
          backwardsQ1,
          { step: 5, mistake: 'backwards', designator: 'D1', foundAfter: 5, by: 'instructor' },
          { step: 7, mistake: 'bridge', designator: 'C2', foundAfter: 1, by: 'learner' },
        ],
      },
      { pace: 1.3, mistakes: [] },
      {
        pace: 1.05,
        mistakes: [
          { step: 4, mistake: 'broken-part', designator: 'Q2', foundAfter: 0, by: 'learner' },
        ],
      },
      { pace: 1.2, mistakes: [] },
    ],
  },
  {
    title: 'Evening course 1: Twin Lamp',
    kit: 'Twin Lamp',
    startsInMinutes: -6 * day - 60,
    lengthMinutes: 90,
    names: birds.slice(0, 10),
    slow: { step: 4, times: 2 },
    learners: [
      { pace: 0.9, mistakes: [mixedUp] },
      {
        pace: 1.2,
        mistakes: [
          { step: 4, mistake: 'backwards', designator: 'Q2', foundAfter: 7, by: 'instructor' },
        ],
      },
      { pace: 0.8, mistakes: [] },
      { pace: 1.05, mistakes: [{ ...mixedUp, designator: 'R1', foundAfter: 0 }] },
      {
        pace: 1.5,
        mistakes: [{ step: 7, mistake: 'bridge', designator: 'C1', foundAfter: 1, by: 'learner' }],
      },
      { pace: 1.05, mistakes: [] },
      {
        pace: 1.3,
        mistakes: [
          { step: 5, mistake: 'backwards', designator: 'D2', foundAfter: 6, by: 'learner' },
        ],
      },
      {
        pace: 0.95,
        mistakes: [
          mixedUp,
          { step: 6, mistake: 'dry-joint', designator: 'J1', foundAfter: 2, by: 'instructor' },
        ],
      },
      {
        pace: 1.2,
        mistakes: [
          { step: 2, mistake: 'broken-part', designator: 'R3', foundAfter: 0, by: 'learner' },
        ],
      },
      {
        pace: 1.5,
        mistakes: [{ step: 9, mistake: 'check-failed', foundAfter: 0, by: 'learner' }],
      },
    ],
  },
  {
    title: 'Evening course 2: Fern Minder',
    kit: 'Fern Minder',
    startsInMinutes: -47,
    lengthMinutes: 120,
    // They know each other: a few words, and they begin.
    welcomeMinutes: 2,
    names: birds,
    learners: [
      { pace: 0.95, mistakes: [] },
      {
        pace: 1.25,
        mistakes: [
          { step: 1, mistake: 'wrong-value', designator: 'R2', foundAfter: 1, by: 'instructor' },
        ],
      },
      { pace: 0.8, mistakes: [] },
      {
        pace: 1.05,
        mistakes: [
          { step: 4, mistake: 'backwards', designator: 'D1', foundAfter: 1, by: 'instructor' },
        ],
      },
      {
        pace: 1.6,
        mistakes: [
          { step: 3, mistake: 'dry-joint', designator: 'R5', foundAfter: 0, by: 'learner' },
        ],
      },
      { pace: 1.0, mistakes: [] },
      {
        pace: 1.45,
        mistakes: [{ step: 5, mistake: 'bridge', designator: 'X1', foundAfter: 0, by: 'learner' }],
        waits: { step: 6, minutesAgo: 6 },
      },
      {
        pace: 0.9,
        mistakes: [
          { step: 2, mistake: 'wrong-value', designator: 'R3', foundAfter: 1, by: 'learner' },
        ],
      },
      { pace: 1.15, mistakes: [] },
      {
        pace: 2.2,
        mistakes: [
          { step: 1, mistake: 'lead-missed', designator: 'R1', foundAfter: 0, by: 'instructor' },
        ],
      },
      { pace: 1.1, mistakes: [] },
      { pace: 0.85, mistakes: [] },
    ],
  },
  {
    title: 'Evening course 3: Fern Minder again',
    kit: 'Fern Minder',
    startsInMinutes: 7 * day,
    lengthMinutes: 150,
    names: birds.slice(0, 8),
    learners: [],
  },
];

/** Who practises at home, on the link of the evening to come. */
export const demoPractice: readonly DemoPractice[] = [
  { name: 'Gannet', daysAgo: [24, 20, 15, 9, 4, 1], from: 0.45, to: 0.95 },
  { name: 'Tern', daysAgo: [12, 5], from: 0.7, to: 0.8 },
  { name: 'Eider', daysAgo: [18, 11, 3], from: 0.4, to: 0.75 },
];
