import { between, pick, type Random } from '../random.ts';
import type { JointClassId } from './classes.ts';
import { goodShape, type JointShape } from './shape.ts';

/** How a good joint differs from the next one. */
const goodOne = (random: Random): JointShape => {
  const padMm = between(random, 1.8, 2.3);
  return {
    ...goodShape,
    padMm,
    leadMm: between(random, 0.5, 0.7),
    leadAboveMm: between(random, 1.2, 1.8),
    leftMm: padMm / 2,
    rightMm: padMm / 2,
    heightMm: between(random, 0.75, 1.05),
    bulge: between(random, -0.75, -0.45),
    fill: between(random, 0.85, 1),
  };
};

type Change = (random: Random, from: JointShape) => Partial<JointShape>;

/** What is different in each class of joints with a lead. */
const changes: Readonly<Partial<Record<JointClassId, Change>>> = {
  good: () => ({}),
  disturbed: (random) => ({
    roughMm: between(random, 0.1, 0.18),
    bulge: between(random, -0.2, 0.2),
  }),
  'pad-not-wetted': (random) => {
    const half = between(random, 0.6, 0.75);
    return {
      wetsPad: false,
      leftMm: half,
      rightMm: half * between(random, 0.9, 1.1),
      bulge: between(random, 0.6, 0.9),
      heightMm: between(random, 1, 1.25),
      fill: between(random, 0, 0.3),
    };
  },
  'lead-not-wetted': (random) => ({
    wetsLead: false,
    heightMm: between(random, 0.35, 0.5),
    bulge: between(random, 0.3, 0.6),
    fill: between(random, 0.1, 0.4),
  }),
  'too-little': (random, { padMm }) => {
    const [short, long] = [padMm * between(random, 0.12, 0.2), padMm * between(random, 0.3, 0.4)];
    return {
      ...pick(random, [
        { leftMm: short, rightMm: long },
        { leftMm: long, rightMm: short },
      ]),
      heightMm: between(random, 0.25, 0.4),
      fill: between(random, 0.2, 0.5),
    };
  },
  'too-much': (random, { padMm }) => {
    const half = padMm / 2 + between(random, 0.1, 0.25);
    return {
      leftMm: half,
      rightMm: half,
      bulge: between(random, 0.8, 1),
      heightMm: between(random, 1.9, 2.2),
      leadAboveMm: between(random, 1, 1.4),
    };
  },
  bridge: (random) => ({
    bridgeTo: pick(random, ['left', 'right'] as const),
    bulge: between(random, -0.2, 0.3),
  }),
  spike: (random) => ({ spikeMm: between(random, 1.2, 1.7) }),
  pinhole: (random) => ({
    hole: {
      xMm: pick(random, [-1, 1]) * between(random, 0.5, 0.6),
      rMm: between(random, 0.13, 0.2),
    },
    bulge: between(random, -0.4, -0.2),
  }),
  'lifted-pad': (random) => ({
    liftMm: between(random, 0.3, 0.5),
    burnt: between(random, 0.6, 1),
  }),
  ball: (random, { padMm }) => ({
    ball: {
      xMm: pick(random, [-1, 1]) * (padMm / 2 + between(random, 0.45, 0.7)),
      rMm: between(random, 0.18, 0.28),
    },
  }),
  'lead-missed': (random) => ({
    leadAboveMm: 0,
    heightMm: between(random, 0.35, 0.55),
    bulge: between(random, 0.3, 0.6),
    fill: between(random, 0.3, 0.6),
  }),
};

/** A joint of a class; each differs a little from the next. */
export function shapeOf(id: JointClassId, random: Random): JointShape {
  const good = goodOne(random);
  return { ...good, ...changes[id]?.(random, good) };
}

/** A chip part on its two pads. */
export interface ChipShape {
  /** How far one end is up, in degrees. */
  readonly standsDegrees: number;
  /** How far it is turned across its pads, in degrees. */
  readonly askewDegrees: number;
  readonly mirrored: boolean;
}

export function chipShapeOf(id: JointClassId, random: Random): ChipShape {
  const mirrored = random() < 0.5;
  return {
    standsDegrees: id === 'stood-up' ? between(random, 28, 60) : 0,
    askewDegrees:
      id === 'askew' ? between(random, 13, 22) * pick(random, [-1, 1]) : between(random, -2, 2),
    mirrored,
  };
}
