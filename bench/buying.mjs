/** Buying: the proved optimum for 60 items and 4 suppliers, and what it saves against the best single supplier. */
import loadHighs from 'highs';
import { loadCore } from './core.mjs';

const items = 60;
const suppliers = [
  { id: 's1', name: 'near and dear', deliveryCents: 0, days: 1 },
  { id: 's2', name: 'middling', deliveryCents: 590, days: 3 },
  { id: 's3', name: 'far and cheap', deliveryCents: 350, days: 6 },
  { id: 's4', name: 'large packs', deliveryCents: 890, days: 4 },
];

export async function benchBuying() {
  const { solveBuying, singleSuppliers } = await loadCore('stores/buying.ts');
  const highs = await loadHighs();
  const problem = shopping();
  const start = performance.now();
  let told = 0;
  const best = solveBuying(highs, problem, () => {
    told += 1;
  });
  const seconds = (performance.now() - start) / 1000;
  const alone = singleSuppliers(highs, problem)
    .map(({ answer }) => (answer.kind === 'optimal' ? answer.plan.totalCents : Infinity))
    .sort((a, b) => a - b)[0];
  const { totalCents } = best.plan;
  console.log(
    `buying ${items} items at ${suppliers.length} suppliers (${problem.offers.length} offers): proved optimum in ${seconds.toFixed(1)} s, progress told ${told} times; ` +
      `${(totalCents / 100).toFixed(2)} against ${(alone / 100).toFixed(2)} at the best single supplier, ${((1 - totalCents / alone) * 100).toFixed(0)} % less`,
  );
}

/** The same problem on every run: a linear congruential generator (Numerical Recipes). */
function shopping() {
  let state = 11;
  const random = () => {
    state = (Math.imul(1664525, state) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const whole = (low, high) => low + Math.floor(random() * (high - low + 1));
  const wanted = Array.from({ length: items }, (_, index) => ({
    itemId: `i${index}`,
    pieces: whole(12, 90),
  }));
  const packs = [
    [1, 10],
    [10, 25],
    [50, 100],
    [100, 100],
  ];
  const offers = wanted.flatMap(({ itemId }) => {
    const pieceCents = whole(2, 60);
    return suppliers.map(({ id }, at) => {
      const [low, high] = packs[at];
      const packSize = random() < 0.5 ? low : high;
      const factor = [1.9, 1.2, 0.8, 0.7][at] * (0.75 + random() * 0.5);
      const packCents = Math.max(1, Math.round(pieceCents * packSize * factor));
      return {
        id: `${itemId}${id}`,
        itemId,
        supplierId: id,
        packSize,
        breaks: [
          { fromPacks: 1, packCents },
          { fromPacks: whole(3, 6), packCents: Math.round(packCents * 0.88) },
          { fromPacks: whole(8, 20), packCents: Math.round(packCents * 0.78) },
        ],
      };
    });
  });
  return { wanted, offers, suppliers, withinDays: null };
}
