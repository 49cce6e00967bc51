import { useState } from 'react';

/** Rows of a table that are chosen; one that is not there any more is not chosen either. */
export function useChosenRows<Row>(rows: readonly Row[], keyOf: (row: Row) => string) {
  const [keys, setKeys] = useState<ReadonlySet<string>>(new Set());
  const has = (row: Row) => keys.has(keyOf(row));
  return {
    rows: rows.filter(has),
    has,
    choose: (row: Row, on: boolean) => {
      const next = new Set(keys);
      if (on) next.add(keyOf(row));
      else next.delete(keyOf(row));
      setKeys(next);
    },
    chooseAll: (on: boolean) => setKeys(new Set(on ? rows.map(keyOf) : [])),
    clear: () => setKeys(new Set()),
  };
}
