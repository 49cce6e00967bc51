import type { PlacementMapping } from '#core/board/placementList';
import { headingSignature } from '#core/partslist/columns';

const keyOf = (columns: readonly string[]) => `ozzet.positions.${headingSignature(columns)}`;

/** How columns with these headings were read last on this computer. */
export function rememberedColumns(columns: readonly string[]): PlacementMapping | undefined {
  const kept = localStorage.getItem(keyOf(columns));
  return kept === null ? undefined : (JSON.parse(kept) as PlacementMapping);
}

export const rememberColumns = (columns: readonly string[], mapping: PlacementMapping): void =>
  localStorage.setItem(keyOf(columns), JSON.stringify(mapping));
