import type { CheckStep } from './step.ts';

/** A sentence that a check needs on some kits only, as data; the catalogue has the words. */
export type CheckNote =
  | { readonly kind: 'chips-out'; readonly chips: readonly string[] }
  | { readonly kind: 'no-cells' }
  | { readonly kind: 'volt'; readonly volt: number }
  | { readonly kind: 'cells-out-again' };

export interface CheckNotes {
  /** Said before what the check says on every kit. */
  readonly before: readonly CheckNote[];
  readonly after: readonly CheckNote[];
}

/**
 * What a check of this kit says beside its own words (common practice): chips stay out of their sockets until the
 * supply is known to be right, and no cell is in while anything is measured or soldered.
 */
export function checkNotes({ check, chipsOut, hasBattery, supplyVolt }: CheckStep): CheckNotes {
  const before: CheckNote[] = [];
  const after: CheckNote[] = [];
  const electrical = check === 'supply-resistance' || check === 'first-power';
  if (electrical && chipsOut.length > 0) before.push({ kind: 'chips-out', chips: chipsOut });
  if (check === 'supply-resistance' && hasBattery) before.push({ kind: 'no-cells' });
  if (check === 'first-power' && supplyVolt !== null)
    before.push({ kind: 'volt', volt: supplyVolt });
  if (check === 'first-power' && hasBattery) after.push({ kind: 'cells-out-again' });
  return { before, after };
}
