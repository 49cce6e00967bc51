/** Planning the soldering order of 150 parts with positions, in one style and in all of them. */
import { loadCore } from './core.mjs';
import { median, ms } from './figures.mjs';

const parts = 150;
const rounds = 7;

export async function benchOrder() {
  const { planKit } = await loadCore('order/planKit.ts');
  const { compareStyles } = await loadCore('order/compareStyles.ts');
  const kit = largeKit();
  const [planned, compared] = [[], []];
  for (let round = 0; round < rounds; round += 1) {
    planned.push(time(() => planKit(kit)));
    compared.push(time(() => compareStyles(kit)));
  }
  console.log(
    `soldering order of ${parts} parts with positions, each of a value of its own: planned in a median of ${ms(median(planned))}, all styles compared in ${ms(median(compared))}`,
  );
}

function time(work) {
  const start = performance.now();
  work();
  return performance.now() - start;
}

/** Every part a step of its own, close enough together that many stand in each other's way. */
function largeKit() {
  const kinds = [
    ['resistor-axial', 'ohm'],
    ['capacitor-film', 'farad'],
    ['capacitor-electrolytic', 'farad'],
    ['resistor-chip', 'ohm'],
    ['transistor-to92', null],
  ];
  const list = Array.from({ length: parts }, (_, index) => {
    const [family, unit] = kinds[index % kinds.length];
    return {
      designators: [`P${index + 1}`],
      quantity: 1,
      family,
      value: unit
        ? { kind: 'amount', unit, amount: unit === 'ohm' ? 100 + index : (1 + index) * 1e-9 }
        : { kind: 'type', print: `T${index}` },
      description: family,
      supply: 'in-kit',
    };
  });
  return {
    parts: list,
    supplyVolt: 5,
    board: {
      widthMm: 160,
      heightMm: 90,
      kind: 'printed',
      pads: [],
      planes: [],
      cuts: [],
      links: [],
      otherRecords: [],
      placements: list.map(({ designators: [place] }, index) => ({
        place,
        xMm: 6 + (index % 15) * 10.16,
        yMm: 5 + Math.floor(index / 15) * 8,
        rotation: (index % 4) * 90,
        side: index % 9 === 0 ? 'bottom' : 'top',
      })),
    },
  };
}
