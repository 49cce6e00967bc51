import { jointShapes } from '../../../joint/drawing/above.ts';
import { metal } from '../../../joint/drawing/colours.ts';
import type { JointShape } from '../../../joint/shape.ts';
import { shapeOf } from '../../../joint/variations.ts';
import { type Drawing, path, rect, type Shape } from '../../../parts/drawing/drawing.ts';
import { between, pick, type Random, seeded } from '../../../random.ts';
import { checkFailed } from '../../mistakes/checks.ts';
import { bridge } from '../../mistakes/joints.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';

/** Two neighbours on the solder side; the lower number first. */
export type Gap = readonly [number, number];

export interface BridgeTask {
  /** Where the bridge is; null where there is none. */
  readonly bridge: Gap | null;
  /** Neighbours that come close without touching. */
  readonly close: readonly Gap[];
  readonly variation: number;
}

const columns = 6;
const rows = 5;
export const pitchMm = 2.54;
export const jointCount = columns * rows;
/** Of the joints' picture, in mm. */
export const fieldMm = { width: columns * pitchMm, height: rows * pitchMm } as const;

/** Middle of a joint in the picture, in mm. */
export const spotOf = (joint: number) => ({
  x: ((joint % columns) + 0.5) * pitchMm,
  y: (Math.floor(joint / columns) + 0.5) * pitchMm,
});

/** `B4`: rows are letters from the top, columns are numbers from the left. */
export const spotName = (joint: number): string =>
  `${'ABCDE'.charAt(Math.floor(joint / columns))}${(joint % columns) + 1}`;

/** Every two neighbours, row by row. */
export const gaps: readonly Gap[] = Array.from({ length: jointCount }, (_, joint) => joint).flatMap(
  (joint): Gap[] => [
    ...(joint % columns < columns - 1 ? [[joint, joint + 1] as const] : []),
    ...(joint < jointCount - columns ? [[joint, joint + columns] as const] : []),
  ],
);

export const isSameGap = (a: Gap | null, b: Gap | null): boolean =>
  a === b || (a !== null && b !== null && a[0] === b[0] && a[1] === b[1]);

/** Share of the boards on which there is none: somebody who always finds one has not looked. */
const cleanShare = 0.15;

/** The bridge among thirty joints is found, or that there is none. */
export const findBridge: ExerciseKind<BridgeTask, Gap | null> = {
  id: 'bridge',
  skill: 'checking',
  seconds: 30,
  guess: 0.1,
  items: () => ['thirty'],
  make: (_item, random) => {
    const bridge = random() < cleanShare ? null : pick(random, gaps);
    const close = [0, 1, 2, 3]
      .map(() => pick(random, gaps))
      .filter((gap) => !isSameGap(gap, bridge));
    return { bridge, close, variation: Math.floor(random() * 2 ** 32) };
  },
  answer: ({ bridge }) => bridge,
  judge: ({ bridge }, answer) => judged(isSameGap(answer, bridge)),
  ask: () => said('drill.joints.bridge.ask'),
  // Each gap says for itself how it looks, when it is pointed at.
  describe: () => [said('drill.joints.bridge.field')],
  explain: ({ bridge }) => [
    bridge
      ? said('drill.joints.bridge.is', { a: spotName(bridge[0]), b: spotName(bridge[1]) })
      : said('drill.joints.bridge.none-is'),
    said('drill.joints.bridge.how'),
  ],
  tell: (_task, answer) =>
    answer
      ? said('drill.joints.bridge.between', { a: spotName(answer[0]), b: spotName(answer[1]) })
      : said('drill.joints.bridge.none'),
  name: () => said('drill.joints.bridge.item'),
  raisedBy: ({ mistake }) =>
    mistake === bridge.id || mistake === checkFailed.id ? ['thirty'] : [],
};

/** What lies between two neighbours, as one sees it: green board, a narrow line of it, or none. */
export function gapLooks({ bridge, close }: BridgeTask, gap: Gap): 'open' | 'narrow' | 'shut' {
  if (isSameGap(gap, bridge)) return 'shut';
  return close.some((one) => isSameGap(one, gap)) ? 'narrow' : 'open';
}

/** The solder side with its joints. */
export function drawField(task: BridgeTask): Drawing {
  const random = seeded(task.variation);
  const joints = Array.from({ length: jointCount }, () => smallJoint(random));
  return {
    widthMm: fieldMm.width,
    heightMm: fieldMm.height,
    shapes: [
      rect(0, 0, fieldMm.width, fieldMm.height, { fill: metal.board, radius: 0.4 }),
      ...joints.flatMap((shape, joint) => {
        const { x, y } = spotOf(joint);
        return jointShapes(shape, x, y);
      }),
      ...task.close.flatMap((gap) => tonguesIn(gap)),
      ...(task.bridge ? bridgeIn(task.bridge) : []),
    ],
  };
}

const smallJoint = (random: Random): JointShape => ({
  ...shapeOf(random() < 0.12 ? 'disturbed' : 'good', random),
  padMm: between(random, 1.7, 1.85),
  leftMm: 0.88,
  rightMm: 0.88,
});

const solderPaint = { fill: metal.bright, stroke: metal.brightEdge, strokeWidth: 0.05 } as const;

/** From where on a tongue leaves its joint, and how broad it is there, in mm. */
const root = { fromMm: 0.72, halfMm: 0.34 } as const;
/** The tips of two tongues leave this much of the gap free, in mm. */
const leftFreeMm = 0.3;

interface Line {
  readonly one: { readonly x: number; readonly y: number };
  readonly other: { readonly x: number; readonly y: number };
  /** Along the line, of length 1. */
  readonly dx: number;
  readonly dy: number;
}

function lineOf([a, b]: Gap): Line {
  const [one, other] = [spotOf(a), spotOf(b)];
  return { one, other, dx: (other.x - one.x) / pitchMm, dy: (other.y - one.y) / pitchMm };
}

/** Solder that reaches from both sides into a gap and does not meet. */
function tonguesIn(gap: Gap): Shape[] {
  const { one, other, dx, dy } = lineOf(gap);
  // A quadratic curve reaches half-way to its control point.
  const tipMm = 2 * ((pitchMm - leftFreeMm) / 2) - root.fromMm;
  return (
    [
      [one, 1],
      [other, -1],
    ] as const
  ).map(([from, dir]) => {
    const at = (mm: number) => ({ x: from.x + dir * dx * mm, y: from.y + dir * dy * mm });
    const [base, tip] = [at(root.fromMm), at(tipMm)];
    return path(
      `M${base.x + dy * root.halfMm} ${base.y + dx * root.halfMm}Q${tip.x} ${tip.y} ${base.x - dy * root.halfMm} ${base.y - dx * root.halfMm}Z`,
      solderPaint,
    );
  });
}

/** Solder that runs across a gap, thinnest in the middle. */
function bridgeIn(gap: Gap): Shape[] {
  const { one, other, dx, dy } = lineOf(gap);
  const [p, q] = [
    { x: one.x + dx * root.fromMm, y: one.y + dy * root.fromMm },
    { x: other.x - dx * root.fromMm, y: other.y - dy * root.fromMm },
  ];
  const waist = { x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 };
  const [h, w] = [root.halfMm, 0.08];
  return [
    path(
      `M${p.x + dy * h} ${p.y + dx * h}Q${waist.x + dy * w} ${waist.y + dx * w} ${q.x + dy * h} ${q.y + dx * h}L${q.x - dy * h} ${q.y - dx * h}Q${waist.x - dy * w} ${waist.y - dx * w} ${p.x - dy * h} ${p.y - dx * h}Z`,
      solderPaint,
    ),
  ];
}
