import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';
import {
  type BuyingAnswer,
  type BuyingProblem,
  type BuyingProgress,
  singleSuppliers,
  solveBuying,
} from '#core/stores/buying';
import type { Supplier } from '#core/stores/offers';

export interface BuyingResult {
  readonly best: BuyingAnswer;
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
    const best = solveBuying(highs, problem, (progress) => {
      // The solver asks thousands of times; an eye needs a few a second.
      if (performance.now() - told < tellEveryMs) return;
      told = performance.now();
      onProgress(progress);
    });
    return { best, alone: singleSuppliers(highs, problem) };
  },
};

export type BuyingWorker = typeof worker;
expose(worker);
