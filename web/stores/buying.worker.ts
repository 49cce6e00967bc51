import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';
import {
  type BuyingAnswer,
  type BuyingProblem,
  type BuyingProgress,
  offeredInTime,
  singleSuppliers,
  solveBuying,
} from '#core/stores/buying';
import type { Supplier } from '#core/stores/offers';

export interface BuyingResult {
  /** Of what can be had. */
  readonly best: BuyingAnswer;
  /** Ids of items that nobody offers in time. */
  readonly missing: readonly string[];
  readonly alone: readonly { readonly supplier: Supplier; readonly answer: BuyingAnswer }[];
}

const tellEveryMs = 150;

const worker = {
  async solve(
    problem: BuyingProblem,
    onProgress: (progress: BuyingProgress) => void,
  ): Promise<BuyingResult> {
    const highs = await loadHighs({ locateFile: () => wasmAddress });
    let told = 0;
    const { offered, missing } = offeredInTime(problem);
    const best = solveBuying(highs, offered, (progress) => {
      // The solver asks thousands of times; an eye needs a few a second.
      if (performance.now() - told < tellEveryMs) return;
      told = performance.now();
      onProgress(progress);
    });
    return { best, missing, alone: singleSuppliers(highs, offered) };
  },
};

export type BuyingWorker = typeof worker;
expose(worker);
