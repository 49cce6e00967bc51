import type { Hazard } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import { hazardsOf } from './hazardsOf.ts';

/** Whether one of the parts can hurt somebody in that way. */
export const hasHazard =
  (hazard: Hazard) =>
  ({ parts }: { readonly parts: readonly Part[] }): boolean =>
    parts.some((part) => hazardsOf(part).has(hazard));
