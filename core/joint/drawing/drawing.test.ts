import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anySeed } from '../../learning/testing/seeds.ts';
import { shapesText } from '../../parts/drawing/svgText.ts';
import { seeded } from '../../random.ts';
import { cases } from '../../testing/cases.ts';
import { jointClasses } from '../classes.ts';
import { goodShape } from '../shape.ts';
import { chipShapeOf, shapeOf } from '../variations.ts';
import { drawJointAbove } from './above.ts';
import { drawChipAbove, drawChipSection } from './chip.ts';
import { metal } from './colours.ts';
import { drawSection } from './section.ts';

const onLead = jointClasses.filter(({ on }) => on === 'through').map(({ id }) => id);
const onChip = jointClasses.filter(({ on }) => on === 'chip').map(({ id }) => id);

/** One joint of a class, as plain data. */
const made = (id: (typeof jointClasses)[number]['id'], seed: number) => shapeOf(id, seeded(seed));
const every = (
  id: (typeof jointClasses)[number]['id'],
  check: (shape: ReturnType<typeof shapeOf>) => void,
) =>
  fc.assert(
    fc.property(anySeed, (seed) => void check(made(id, seed))),
    { numRuns: cases(200, 0.25) },
  );

describe('joints of a class', () => {
  // IPC-A-610, general work (from memory): the barrel three quarters filled, lead and barrel wetted all round, a hollow
  // fillet that shows the lead.
  it('a good one is hollow, covers its pad, shows its lead and fills its barrel', () => {
    every('good', ({ bulge, leftMm, rightMm, padMm, heightMm, leadAboveMm, fill, ...rest }) => {
      expect(bulge).toBeLessThan(0);
      expect(leftMm).toBeCloseTo(padMm / 2, 9);
      expect(rightMm).toBeCloseTo(padMm / 2, 9);
      expect(heightMm).toBeLessThan(leadAboveMm);
      expect(fill).toBeGreaterThanOrEqual(0.75);
      expect(rest).toMatchObject({
        wetsPad: true,
        wetsLead: true,
        roughMm: 0,
        hole: null,
        spikeMm: 0,
        bridgeTo: null,
        ball: null,
        liftMm: 0,
        burnt: 0,
      });
    });
  });

  // Common practice (domain of joints): what each fault looks like.
  it('a disturbed one is rough and has its pad covered', () => {
    every('disturbed', ({ roughMm, wetsPad, leftMm, padMm }) => {
      expect(roughMm).toBeGreaterThan(0);
      expect(wetsPad).toBe(true);
      expect(leftMm).toBeCloseTo(padMm / 2, 9);
    });
  });

  it('too little leaves pad bare and barrel less than three quarters filled', () => {
    every('too-little', ({ leftMm, rightMm, padMm, fill, heightMm }) => {
      expect(leftMm + rightMm).toBeLessThan(padMm * 0.75);
      expect(fill).toBeLessThan(0.75);
      expect(heightMm).toBeLessThan(goodShape.heightMm);
    });
  });

  it('too much bulges, hides its lead and runs over its pad', () => {
    every('too-much', ({ leftMm, padMm, bulge, heightMm, leadAboveMm }) => {
      expect(leftMm).toBeGreaterThan(padMm / 2);
      expect(bulge).toBeGreaterThan(0.5);
      expect(heightMm).toBeGreaterThan(leadAboveMm);
    });
  });

  it('what wets no pad draws itself together into a ball; what wets no lead stays low', () => {
    every('pad-not-wetted', ({ wetsPad, leftMm, rightMm, padMm, bulge }) => {
      expect(wetsPad).toBe(false);
      expect(leftMm + rightMm).toBeLessThan(padMm);
      expect(bulge).toBeGreaterThan(0);
    });
    every('lead-not-wetted', ({ wetsLead, heightMm }) => {
      expect(wetsLead).toBe(false);
      expect(heightMm).toBeLessThan(goodShape.heightMm);
    });
  });

  it('a missed lead does not come through; a lifted pad stands off a burnt board; a ball lies off the pad', () => {
    every('lead-missed', ({ leadAboveMm }) => expect(leadAboveMm).toBe(0));
    every('lifted-pad', ({ liftMm, burnt }) => {
      expect(liftMm).toBeGreaterThan(0.2);
      expect(burnt).toBeGreaterThan(0.5);
    });
    every('ball', ({ ball, padMm }) =>
      expect(Math.abs(ball?.xMm ?? 0)).toBeGreaterThan(padMm / 2 + (ball?.rMm ?? 0)),
    );
  });

  it('a chip part stands up or lies askew by more than the hand of a careful worker', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        const of = (id: (typeof onChip)[number]) => chipShapeOf(id, seeded(seed));
        expect(of('stood-up').standsDegrees).toBeGreaterThan(20);
        expect(Math.abs(of('askew').askewDegrees)).toBeGreaterThan(10);
        expect(Math.abs(of('chip-good').askewDegrees)).toBeLessThanOrEqual(2);
        expect(of('chip-good').standsDegrees).toBe(0);
      }),
    );
  });
});

describe('their pictures', () => {
  it('can be drawn from above and cut through, whatever the joint', () => {
    fc.assert(
      fc.property(fc.constantFrom(...onLead), anySeed, (id, seed) => {
        const shape = made(id, seed);
        for (const drawing of [drawJointAbove(shape), drawSection(shape)]) {
          const markup = shapesText(drawing.shapes, 'Mono');
          expect(markup, id).not.toMatch(/NaN|undefined|Infinity/);
          expect(drawing.shapes.length).toBeGreaterThan(3);
        }
      }),
      { numRuns: cases(400, 0.25) },
    );
    fc.assert(
      fc.property(fc.constantFrom(...onChip), anySeed, (id, seed) => {
        const shape = chipShapeOf(id, seeded(seed));
        for (const drawing of [drawChipAbove(shape), drawChipSection(shape)])
          expect(shapesText(drawing.shapes, 'Mono'), id).not.toMatch(/NaN|undefined|Infinity/);
      }),
      { numRuns: cases(100, 0.25) },
    );
  });

  it('look different from a good one, each in one view at least', () => {
    const looks = (id: (typeof onLead)[number]) => {
      // The same hand each time: what differs is the class alone.
      const shape = { ...goodShape, ...onlyOf(id) };
      return [drawJointAbove(shape), drawSection(shape)].map(({ shapes }) =>
        shapesText(shapes, 'Mono'),
      );
    };
    const good = looks('good');
    const seen = new Map<string, string>();
    for (const id of onLead.filter((one) => one !== 'good')) {
      const [above, section] = looks(id);
      expect([above, section], id).not.toEqual(good);
      const both = `${above} ${section}`;
      expect(seen.get(both), `${id} looks like ${seen.get(both)}`).toBeUndefined();
      seen.set(both, id);
    }
  });

  it('show grey solder on a disturbed joint and bright solder on a good one', () => {
    const solder = (id: (typeof onLead)[number]) =>
      drawJointAbove(made(id, 7)).shapes.map((shape) => shape.fill);
    expect(solder('good')).toContain(metal.bright);
    expect(solder('good')).not.toContain(metal.grey);
    expect(solder('disturbed')).toContain(metal.grey);
    expect(solder('disturbed')).not.toContain(metal.bright);
  });

  it('show the lead from above exactly where it comes through the solder', () => {
    const showsLead = (id: (typeof onLead)[number], seed: number) =>
      drawJointAbove(made(id, seed)).shapes.some(
        (shape) => shape.kind === 'circle' && shape.fill === metal.lead,
      );
    for (let seed = 0; seed < 40; seed += 1) {
      expect(showsLead('good', seed)).toBe(true);
      expect(showsLead('too-much', seed)).toBe(false);
      expect(showsLead('lead-missed', seed)).toBe(false);
    }
  });
});

/** What sets a class apart, at one hand. */
function onlyOf(id: (typeof onLead)[number]) {
  const [one, good] = [made(id, 11), made('good', 11)];
  return Object.fromEntries(
    Object.entries(one).filter(
      ([key, value]) => JSON.stringify(value) !== JSON.stringify(good[key as keyof typeof good]),
    ),
  );
}
