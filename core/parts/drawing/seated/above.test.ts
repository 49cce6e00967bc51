import { describe, expect, it } from 'vitest';
import { facingsOf } from '../../../board/facing.ts';
import { examplePart } from '../../examplePart.ts';
import { families } from '../../families/index.ts';
import { isTurned } from '../../lotNote.ts';
import type { Part } from '../../part.ts';
import { type SignMark, signMarks } from '../../sign.ts';
import { signOf } from '../../signs/index.ts';
import type { Drawing, Shape } from '../drawing.ts';
import { drawFromAbove } from './above.ts';

/** Marks that the records call visible from above and that point to an edge. */
const seenAbove: readonly SignMark[] = signMarks.filter(
  (mark) => signOf(mark).above !== 'hidden' && signOf(mark).angle !== null,
);

it('knows the marks that can be seen from above (common practice)', () => {
  for (const mark of ['stripe', 'band', 'flat', 'plus-print', 'notch', 'dot', 'metal-tab'] as const)
    expect(seenAbove).toContain(mark);
  for (const mark of ['long-lead', 'short-lead', 'three-pins'] as const)
    expect(seenAbove).not.toContain(mark);
});

/** Where a shape lies, from the middle of the drawing; of a path the middle of the points it is written with. */
function placeOf(shape: Shape, { widthMm, heightMm }: Drawing): { x: number; y: number } {
  const from = (x: number, y: number) => ({ x: x - widthMm / 2, y: y - heightMm / 2 });
  switch (shape.kind) {
    case 'rect':
      return from(shape.x + shape.width / 2, shape.y + shape.height / 2);
    case 'circle':
      return from(shape.cx, shape.cy);
    case 'text':
      // Letters stand on their base line.
      return from(shape.x, shape.y - shape.size * 0.35);
    case 'path': {
      const points = pointsOf(shape.d);
      const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
      return from(mean(points.map(({ x }) => x)), mean(points.map(({ y }) => y)));
    }
  }
}

/** End points of the commands of a path (SVG 1.1, 8.3), as far as these drawings use them. */
function pointsOf(d: string): { x: number; y: number }[] {
  const points: { x: number; y: number }[] = [];
  let at = { x: 0, y: 0 };
  for (const [, command = '', rest = ''] of d.matchAll(/([A-Za-z])([^A-Za-z]*)/g)) {
    const numbers = (rest.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    const [x = 0, y = 0] = numbers.slice(-2);
    if (command === 'H') at = { x: numbers[0] ?? 0, y: at.y };
    else if (command === 'V') at = { x: at.x, y: numbers[0] ?? 0 };
    else if (command === 'l') at = { x: at.x + x, y: at.y + y };
    else if (command !== 'Z') at = { x, y };
    points.push(at);
  }
  return points;
}

const lookOf = (shape: Shape) =>
  [
    shape.kind,
    shape.fill,
    'stroke' in shape ? shape.stroke : '',
    'text' in shape ? shape.text : '',
  ].join(' ');

/** Shapes that have no counterpart when the part is turned by half a turn. */
function lopsided(drawing: Drawing): { x: number; y: number }[] {
  const placed = drawing.shapes.map((shape) => ({
    look: lookOf(shape),
    ...placeOf(shape, drawing),
  }));
  return placed.filter(
    (one) =>
      !placed.some(
        (other) => other.look === one.look && Math.hypot(other.x + one.x, other.y + one.y) < 0.02,
      ),
  );
}

const placement = { place: 'X1', xMm: 0, yMm: 0, rotation: 0, side: 'top' as const };
const edges = {
  left: { x: -1, y: 0 },
  right: { x: 1, y: 0 },
  top: { x: 0, y: -1 },
  bottom: { x: 0, y: 1 },
};

/** Whether the lopsided shapes lie to the side to which the words say that the mark points. */
function liesTowards(part: Part, mark: SignMark): boolean {
  const family = families.find(({ id }) => id === part.family);
  const facing = facingsOf(part, placement, 'top').find((one) => one.mark === mark);
  if (!family || !facing) return false;
  const off = lopsided(drawFromAbove(family, part));
  const { x, y } = edges[facing.edge];
  return off.reduce((sum, at) => sum + at.x * x + at.y * y, 0) > 0.1;
}

// A lone leg is judged by how many lie on either side, below.
const marked = families.flatMap((family) =>
  family.signs
    .filter(({ mark }) => seenAbove.includes(mark) && mark !== 'single-leg')
    .map(({ mark }) => [family.id, mark, family] as const),
);

describe('a part from above', () => {
  it.each(
    families
      .filter(
        ({ polarity, mount }) =>
          polarity === 'polarised' && (mount === 'through' || mount === 'surface'),
      )
      .map((family) => [family.id, family] as const),
  )('%s, which works one way round only, looks different turned by half a turn', (_, family) => {
    const part = examplePart(family);
    // A bar LED tells its ends by its leads alone, a microphone by what is below it.
    const fromBelow = ['long-lead', 'short-lead', 'case-pad'];
    if (family.signs.every(({ mark }) => fromBelow.includes(mark))) return;
    expect(lopsided(drawFromAbove(family, part))).not.toEqual([]);
  });

  it.each(marked)('%s shows its %s where the words say that it points', (_, mark, family) => {
    expect(liesTowards(examplePart(family), mark)).toBe(true);
  });

  it.each(
    marked.filter(([, mark]) =>
      ['plus-print', 'stripe', 'flat', 'band', 'green-mark'].includes(mark),
    ),
  )('%s of a lot with its %s the other way round shows it at the other end', (_, mark, family) => {
    const part: Part = {
      ...examplePart(family),
      lotNote: { text: 'The other way round.', turned: [mark] },
    };
    expect(isTurned(part, mark)).toBe(true);
    expect(liesTowards(part, mark)).toBe(true);
  });

  it('a SOT-23 has two legs on one side and one on the other, as JEDEC TO-236 has them (from memory)', () => {
    for (const id of ['transistor-sot23', 'mosfet-sot23']) {
      const family = families.find((one) => one.id === id);
      if (!family) throw new Error(id);
      const drawing = drawFromAbove(family, examplePart(family));
      const legs = lopsided(drawing);
      expect(legs.filter(({ y }) => y > 0)).toHaveLength(2);
      expect(legs.filter(({ y }) => y < 0)).toHaveLength(1);
      expect(facingsOf(examplePart(family), placement, 'top')[0]?.edge).toBe('top');
    }
  });
});
