import type { Highs, ModelData } from 'highs';
import { costOfPacks, type Offer, type Supplier } from './offers.ts';

export interface BuyingProblem {
  readonly wanted: readonly { readonly itemId: string; readonly pieces: number }[];
  readonly offers: readonly Offer[];
  readonly suppliers: readonly Supplier[];
  /** Days until the goods must be there; null where time does not matter. */
  readonly withinDays: number | null;
}

export interface Purchase {
  readonly offer: Offer;
  readonly packs: number;
  readonly cents: number;
}

export interface BuyingPlan {
  readonly purchases: readonly Purchase[];
  /** Those that something is bought from. */
  readonly suppliers: readonly Supplier[];
  readonly goodsCents: number;
  readonly deliveryCents: number;
  readonly totalCents: number;
}

export interface BuyingProgress {
  /** Cheapest plan so far, in cents; null before there is one. */
  readonly bestCents: number | null;
  /** No plan can be cheaper than this. */
  readonly boundCents: number | null;
  readonly nodes: number;
}

/** Of what is wanted, what somebody offers in time, and what nobody does. */
export function offeredInTime(problem: BuyingProblem): {
  readonly offered: BuyingProblem;
  readonly missing: readonly string[];
} {
  const offers = offersInTime(problem);
  const isOffered = ({ itemId }: { readonly itemId: string }) =>
    offers.some((offer) => offer.itemId === itemId);
  return {
    offered: { ...problem, wanted: problem.wanted.filter(isOffered) },
    missing: problem.wanted.filter((one) => !isOffered(one)).map(({ itemId }) => itemId),
  };
}

export type BuyingAnswer =
  /** Proved: nothing is cheaper. */
  | { readonly kind: 'optimal'; readonly plan: BuyingPlan }
  /** Nobody offers these in time. */
  | { readonly kind: 'not-to-be-had'; readonly itemIds: readonly string[] };

/**
 * The cheapest set of packs that covers what is wanted and arrives in time, as an exact integer program.
 *
 * For each price of each offer there is a whole number of packs and a yes or no; for each supplier a yes or no that
 * carries the delivery cost.
 *
 * @param highs the solver; it blocks, so call this in a worker
 * @param onProgress told now and then while the solver works
 * @throws Error where the solver stops without a proof
 */
export function solveBuying(
  highs: Highs,
  problem: BuyingProblem,
  onProgress: (progress: BuyingProgress) => void = () => {},
): BuyingAnswer {
  const offers = offersInTime(problem);
  const wanted = problem.wanted.filter(({ pieces }) => pieces > 0);
  const missing = wanted.filter(({ itemId }) => !offers.some((offer) => offer.itemId === itemId));
  if (missing.length > 0) {
    return { kind: 'not-to-be-had', itemIds: missing.map(({ itemId }) => itemId) };
  }
  if (wanted.length === 0) return { kind: 'optimal', plan: planOf(problem, []) };
  const { model, choices } = modelOf(problem, offers, wanted);
  const { callbackType, modelStatus } = highs.constants;
  const values = highs.withModel(model, (running) => {
    // Cents are whole, so a plan within half a cent of the bound is the cheapest.
    running.options.set({ mip_abs_gap: 0.4, mip_rel_gap: 0, output_flag: false });
    const result = running.run({
      [callbackType.mipInterrupt]: ({ data }) => {
        onProgress({
          bestCents: finite(data.mip_primal_bound),
          boundCents: finite(data.mip_dual_bound),
          nodes: Number(data.mip_node_count ?? 0),
        });
        return undefined;
      },
    });
    if (result.modelStatus !== modelStatus.optimal) {
      throw new Error(`the solver stopped with status ${result.modelStatus}`);
    }
    return running.getSolution().colValue;
  });
  const packs = new Map<Offer, number>();
  for (const [column, { offer }] of choices.entries()) {
    const bought = Math.round(values[column] ?? 0);
    if (bought > 0) packs.set(offer, (packs.get(offer) ?? 0) + bought);
  }
  return { kind: 'optimal', plan: planOf(problem, [...packs]) };
}

/** For each supplier alone: what everything would cost there, or what it does not have in time. */
export function singleSuppliers(
  highs: Highs,
  problem: BuyingProblem,
): { readonly supplier: Supplier; readonly answer: BuyingAnswer }[] {
  return problem.suppliers.map((supplier) => ({
    supplier,
    answer: solveBuying(highs, {
      ...problem,
      offers: problem.offers.filter(({ supplierId }) => supplierId === supplier.id),
    }),
  }));
}

const finite = (value: number | undefined): number | null =>
  value === undefined || !Number.isFinite(value) ? null : value;

function offersInTime({ offers, suppliers, withinDays }: BuyingProblem): Offer[] {
  const inTime = new Set(
    suppliers.filter(({ days }) => withinDays === null || days <= withinDays).map(({ id }) => id),
  );
  return offers.filter(({ supplierId }) => inTime.has(supplierId));
}

function planOf(problem: BuyingProblem, packs: readonly (readonly [Offer, number])[]): BuyingPlan {
  const purchases = packs.map(
    ([offer, count]): Purchase => ({ offer, packs: count, cents: costOfPacks(offer, count) }),
  );
  const suppliers = problem.suppliers.filter(({ id }) =>
    purchases.some(({ offer }) => offer.supplierId === id),
  );
  const goodsCents = purchases.reduce((sum, { cents }) => sum + cents, 0);
  const deliveryCents = suppliers.reduce((sum, supplier) => sum + supplier.deliveryCents, 0);
  return {
    purchases,
    suppliers,
    goodsCents,
    deliveryCents,
    totalCents: goodsCents + deliveryCents,
  };
}

interface Choice {
  readonly offer: Offer;
  readonly fromPacks: number;
  readonly toPacks: number;
  readonly packCents: number;
}

/** Every price of every offer, with the numbers of packs it can hold for and that make sense. */
function choicesOf(offers: readonly Offer[], pieces: ReadonlyMap<string, number>): Choice[] {
  return offers.flatMap((offer) => {
    const enough = Math.ceil((pieces.get(offer.itemId) ?? 0) / offer.packSize);
    if (enough === 0) return [];
    return offer.breaks.flatMap(({ fromPacks, packCents }, index): Choice[] => {
      const next = offer.breaks[index + 1]?.fromPacks ?? Number.POSITIVE_INFINITY;
      // More than enough is bought only to reach a price break.
      const toPacks = Math.min(next - 1, Math.max(enough, fromPacks));
      return toPacks < fromPacks ? [] : [{ offer, fromPacks, toPacks, packCents }];
    });
  });
}

/** Columns: packs of each choice, whether each choice is made, whether each supplier delivers. */
function modelOf(
  problem: BuyingProblem,
  offers: readonly Offer[],
  wanted: BuyingProblem['wanted'],
): { model: ModelData; choices: readonly Choice[] } {
  const pieces = new Map(wanted.map((one) => [one.itemId, one.pieces]));
  const choices = choicesOf(offers, pieces);
  const suppliers = problem.suppliers.filter(({ id }) =>
    choices.some(({ offer }) => offer.supplierId === id),
  );
  const count = choices.length;
  const madeColumn = (choice: number) => count + choice;
  const supplierColumn = (id: string) => 2 * count + suppliers.findIndex((one) => one.id === id);
  const rows: { low: number; high: number; entries: (readonly [number, number])[] }[] = [];
  const open = Number.POSITIVE_INFINITY;

  for (const { itemId, pieces: needed } of wanted) {
    const entries = choices.flatMap(({ offer }, column) =>
      offer.itemId === itemId ? [[column, offer.packSize] as const] : [],
    );
    rows.push({ low: needed, high: open, entries });
  }
  for (const [column, { fromPacks, toPacks }] of choices.entries()) {
    rows.push({
      low: 0,
      high: open,
      entries: [
        [column, 1],
        [madeColumn(column), -fromPacks],
      ],
    });
    rows.push({
      low: -open,
      high: 0,
      entries: [
        [column, 1],
        [madeColumn(column), -toPacks],
      ],
    });
  }
  // One price an offer, and none without its supplier's delivery.
  for (const offer of new Set(choices.map((choice) => choice.offer))) {
    const made = choices.flatMap((choice, column) =>
      choice.offer === offer ? [[madeColumn(column), 1] as const] : [],
    );
    rows.push({ low: -open, high: 0, entries: [...made, [supplierColumn(offer.supplierId), -1]] });
  }

  const numCols = 2 * count + suppliers.length;
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { entries } of rows) {
    for (const [column, value] of entries) {
      indices.push(column);
      values.push(value);
    }
    starts.push(indices.length);
  }
  const model: ModelData = {
    numCols,
    numRows: rows.length,
    colCost: [
      ...choices.map(({ packCents }) => packCents),
      ...choices.map(() => 0),
      ...suppliers.map(({ deliveryCents }) => deliveryCents),
    ],
    colLower: Array.from({ length: numCols }, () => 0),
    colUpper: [
      ...choices.map(({ toPacks }) => toPacks),
      ...Array.from({ length: count + suppliers.length }, () => 1),
    ],
    rowLower: rows.map(({ low }) => low),
    rowUpper: rows.map(({ high }) => high),
    matrix: { format: 'csr', numRows: rows.length, numCols, starts, indices, values },
    integrality: Array.from({ length: numCols }, () => 1 as const),
  };
  return { model, choices };
}
