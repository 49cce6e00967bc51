import type { Part } from './part.ts';

/**
 * Lot notes for a new list of the same kit: what was known of the lot at a place stays known, as long as the same
 * kind of part goes there.
 */
export function carryLotNotes(before: readonly Part[], after: readonly Part[]): Part[] {
  return after.map((part) => {
    if (part.lotNote) return part;
    const same = before.find(
      (old) =>
        old.lotNote !== undefined &&
        old.family === part.family &&
        JSON.stringify(old.value) === JSON.stringify(part.value) &&
        old.designators.some((name) => part.designators.includes(name)),
    );
    return same?.lotNote ? { ...part, lotNote: same.lotNote } : part;
  });
}
