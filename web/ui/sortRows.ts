export interface Sorting {
  readonly column: string;
  readonly direction: 'ascending' | 'descending';
}

/** The next sorting when a heading is pressed: up, down, as it came. */
export function nextSorting(now: Sorting | undefined, column: string): Sorting | undefined {
  if (now?.column !== column) return { column, direction: 'ascending' };
  return now.direction === 'ascending' ? { column, direction: 'descending' } : undefined;
}

type Key = string | number | null;

/**
 * Rows in the order of what `by` says of each; texts as the language orders them, R2 before R10; rows of which nothing
 * is known come last, either way.
 *
 * @param locale BCP 47
 */
export function sortRows<Row>(
  rows: readonly Row[],
  by: (row: Row) => Key,
  direction: Sorting['direction'],
  locale: string,
): readonly Row[] {
  const { compare } = new Intl.Collator(locale, { numeric: true });
  const sign = direction === 'ascending' ? 1 : -1;
  return [...rows].sort((one, other) => {
    const [a, b] = [by(one), by(other)];
    if (a === null || b === null) return Number(a === null) - Number(b === null);
    return (
      sign * (typeof a === 'number' && typeof b === 'number' ? a - b : compare(`${a}`, `${b}`))
    );
  });
}
