/**
 * Whether two words differ by a typing error: one letter too many, too few, wrong or exchanged with its neighbour; two
 * of them in words of ten letters and more. Short words are taken as they are, since too many lie close together.
 * The distance is Damerau’s (1964), optimal string alignment.
 */
export function nearlyEqual(written: string, word: string): boolean {
  if (word.length < 6) return false;
  const allowed = word.length >= 10 ? 2 : 1;
  if (Math.abs(written.length - word.length) > allowed) return false;
  // Each edit brings in at most one letter that the other word does not have, so most pairs need no table.
  if (lettersBeyond(written, word) > allowed || lettersBeyond(word, written) > allowed)
    return false;
  return alignmentDistance(written, word) <= allowed;
}

/** How many letters of a word the other one does not have. */
function lettersBeyond(word: string, other: string): number {
  let count = 0;
  for (const letter of word) if (!other.includes(letter)) count += 1;
  return count;
}

/** Edits between two words: insert, delete, replace, exchange neighbours (optimal string alignment). */
export function alignmentDistance(a: string, b: string): number {
  let beforeLast: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, column) => column);
  for (let row = 1; row <= a.length; row += 1) {
    const current = [row];
    for (let column = 1; column <= b.length; column += 1) {
      const same = a[row - 1] === b[column - 1];
      let best = Math.min(
        (last[column] ?? 0) + 1,
        (current[column - 1] ?? 0) + 1,
        (last[column - 1] ?? 0) + (same ? 0 : 1),
      );
      if (row > 1 && column > 1 && a[row - 1] === b[column - 2] && a[row - 2] === b[column - 1]) {
        best = Math.min(best, (beforeLast[column - 2] ?? 0) + 1);
      }
      current.push(best);
    }
    beforeLast = last;
    last = current;
  }
  return last[b.length] ?? 0;
}
