import fc from 'fast-check';
import highsLoader, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { type BuyingProblem, singleSuppliers, solveBuying } from './buying.ts';
import { breaksProblem, costOfPacks, type Offer } from './offers.ts';

let highs: Highs;
beforeAll(async () => {
  highs = await highsLoader();
});

/** The cheapest total, by trying every number of packs of every offer. */
function byTrying({ wanted, offers, suppliers, withinDays }: BuyingProblem): number {
  const inTime = offers.filter(({ supplierId }) => {
    const days = suppliers.find(({ id }) => id === supplierId)?.days ?? 0;
    return withinDays === null || days <= withinDays;
  });
  const most = ({ itemId, packSize, breaks }: Offer) => {
    const pieces = wanted.find((one) => one.itemId === itemId)?.pieces ?? 0;
    return Math.max(Math.ceil(pieces / packSize), ...breaks.map(({ fromPacks }) => fromPacks));
  };
  const search = (index: number, packs: readonly number[]): number => {
    const offer = inTime[index];
    if (!offer) {
      const enough = wanted.every(
        ({ itemId, pieces }) =>
          inTime.reduce(
            (sum, one, at) => sum + (one.itemId === itemId ? one.packSize * (packs[at] ?? 0) : 0),
            0,
          ) >= pieces,
      );
      if (!enough) return Number.POSITIVE_INFINITY;
      const used = new Set(inTime.filter((_, at) => (packs[at] ?? 0) > 0).map((o) => o.supplierId));
      return (
        inTime.reduce((sum, one, at) => sum + costOfPacks(one, packs[at] ?? 0), 0) +
        suppliers.reduce(
          (sum, { id, deliveryCents }) => sum + (used.has(id) ? deliveryCents : 0),
          0,
        )
      );
    }
    let best = Number.POSITIVE_INFINITY;
    for (let count = 0; count <= most(offer); count += 1) {
      best = Math.min(best, search(index + 1, [...packs, count]));
    }
    return best;
  };
  return search(0, []);
}

const suppliers = [
  { id: 's1', name: 'Pier Parts', deliveryCents: 490, days: 2 },
  { id: 's2', name: 'Gull & Daughters', deliveryCents: 0, days: 9 },
];

describe('the cheapest plan', () => {
  // Worked by hand: 30 pieces are 3 packs of 10 at 120 = 360 + 490 delivery; or 2 packs of 20 at 330 = 660, no delivery.
  it('weighs delivery against price', () => {
    const problem: BuyingProblem = {
      wanted: [{ itemId: 'r', pieces: 30 }],
      suppliers,
      withinDays: null,
      offers: [
        {
          id: 'o1',
          itemId: 'r',
          supplierId: 's1',
          packSize: 10,
          breaks: [{ fromPacks: 1, packCents: 120 }],
        },
        {
          id: 'o2',
          itemId: 'r',
          supplierId: 's2',
          packSize: 20,
          breaks: [{ fromPacks: 1, packCents: 330 }],
        },
      ],
    };
    expect(solveBuying(highs, problem)).toMatchObject({
      kind: 'optimal',
      plan: { totalCents: 660, deliveryCents: 0 },
    });
    // In a hurry only the first arrives.
    expect(solveBuying(highs, { ...problem, withinDays: 3 })).toMatchObject({
      plan: { totalCents: 850 },
    });
    expect(singleSuppliers(highs, problem).map(({ answer }) => answer)).toMatchObject([
      { plan: { totalCents: 850 } },
      { plan: { totalCents: 660 } },
    ]);
  });

  // Worked by hand: 9 packs cost 9 × 100 = 900, but 10 packs at 80 cost 800.
  it('buys more where a price break makes it cheaper', () => {
    const answer = solveBuying(highs, {
      wanted: [{ itemId: 'r', pieces: 9 }],
      suppliers: [{ id: 's2', name: 'Gull & Daughters', deliveryCents: 0, days: 1 }],
      withinDays: null,
      offers: [
        {
          id: 'o',
          itemId: 'r',
          supplierId: 's2',
          packSize: 1,
          breaks: [
            { fromPacks: 1, packCents: 100 },
            { fromPacks: 10, packCents: 80 },
          ],
        },
      ],
    });
    expect(answer).toMatchObject({ plan: { totalCents: 800, purchases: [{ packs: 10 }] } });
  });

  it('names what nobody has in time', () => {
    expect(
      solveBuying(highs, {
        wanted: [{ itemId: 'x', pieces: 1 }],
        suppliers,
        offers: [],
        withinDays: 1,
      }),
    ).toEqual({ kind: 'not-to-be-had', itemIds: ['x'] });
  });

  it('agrees with trying every way', () => {
    const breaks = fc
      .tuple(fc.integer({ min: 20, max: 300 }), fc.integer({ min: 2, max: 4 }), fc.boolean())
      .map(([cents, from, more]) => [
        { fromPacks: 1, packCents: cents },
        ...(more ? [{ fromPacks: from, packCents: Math.round(cents * 0.7) }] : []),
      ]);
    const offer = fc.record({
      id: fc.uuid(),
      itemId: fc.constantFrom('a', 'b'),
      supplierId: fc.constantFrom('s1', 's2', 's3'),
      packSize: fc.integer({ min: 2, max: 9 }),
      breaks,
    });
    const supplier = (id: string) =>
      fc.record({
        id: fc.constant(id),
        name: fc.constant(id),
        deliveryCents: fc.integer({ min: 0, max: 400 }),
        days: fc.integer({ min: 1, max: 9 }),
      });
    const problem = fc.record({
      wanted: fc
        .tuple(fc.integer({ min: 0, max: 14 }), fc.integer({ min: 0, max: 14 }))
        .map(([a, b]) => [
          { itemId: 'a', pieces: a },
          { itemId: 'b', pieces: b },
        ]),
      offers: fc.array(offer, { maxLength: 4 }),
      suppliers: fc.tuple(supplier('s1'), supplier('s2'), supplier('s3')),
      withinDays: fc.constantFrom(null, 5),
    });
    fc.assert(
      fc.property(problem, (one) => {
        const answer = solveBuying(highs, one);
        const tried = byTrying(one);
        if (answer.kind === 'not-to-be-had') expect(tried).toBe(Number.POSITIVE_INFINITY);
        else expect(answer.plan.totalCents).toBe(tried);
      }),
      { numRuns: cases(60, 0.3) },
    );
  });

  it('is never dearer than any single supplier, and tells how far it is', () => {
    const items = Array.from({ length: 12 }, (_, index) => `i${index}`);
    const offers = items.flatMap((itemId, index) =>
      suppliers.map((one, at) => ({
        id: `${itemId}${one.id}`,
        itemId,
        supplierId: one.id,
        packSize: 5 + ((index * 7 + at * 3) % 11),
        breaks: [
          { fromPacks: 1, packCents: 90 + ((index * 31 + at * 57) % 140) },
          { fromPacks: 5, packCents: 60 + ((index * 29 + at * 41) % 90) },
        ],
      })),
    );
    const problem = {
      wanted: items.map((itemId, index) => ({ itemId, pieces: 20 + index * 5 })),
      offers,
      suppliers,
      withinDays: null,
    };
    const heard: (number | null)[] = [];
    const best = solveBuying(highs, problem, ({ boundCents }) => heard.push(boundCents));
    if (best.kind !== 'optimal') throw new Error('there is a plan');
    for (const { answer } of singleSuppliers(highs, problem)) {
      if (answer.kind === 'optimal')
        expect(best.plan.totalCents).toBeLessThanOrEqual(answer.plan.totalCents);
    }
    expect(heard.length).toBeGreaterThan(0);
  });
});

describe('price breaks', () => {
  it('hold for all packs once reached', () => {
    const offer = {
      breaks: [
        { fromPacks: 1, packCents: 100 },
        { fromPacks: 10, packCents: 80 },
      ],
    };
    expect([0, 1, 9, 10, 12].map((packs) => costOfPacks(offer, packs))).toEqual([
      0, 100, 900, 800, 960,
    ]);
  });

  it('must begin at one pack and rise', () => {
    expect(breaksProblem([{ fromPacks: 2, packCents: 1 }])?.says).toMatch(/theFirstPrice/);
    expect(
      breaksProblem([
        { fromPacks: 1, packCents: 1 },
        { fromPacks: 1, packCents: 1 },
      ])?.says,
    ).toMatch(/Rising/);
  });
});
