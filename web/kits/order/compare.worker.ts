import { expose } from 'comlink';
import { compareStyles, type StyleReport } from '#core/order/compareStyles';
import type { KitToPlan } from '#core/order/planKit';

const worker = {
  compare: (kit: KitToPlan, onProgress: (share: number) => void): StyleReport[] =>
    compareStyles(kit, onProgress),
};

export type CompareWorker = typeof worker;
expose(worker);
