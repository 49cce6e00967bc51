import { useState } from 'react';

export interface ColumnChoice {
  readonly isHidden: (id: string) => boolean;
  readonly hide: (id: string, isHidden: boolean) => void;
}

/**
 * Which columns of a table its reader has left out, kept on this device.
 *
 * @param keptAs the table’s name; undefined where nothing can be left out
 * @returns `choice` is undefined where there is none
 */
export function useHiddenColumns(keptAs: string | undefined): {
  readonly shownOf: <Column extends { readonly id: string }>(
    columns: readonly Column[],
  ) => readonly Column[];
  readonly choice: ColumnChoice | undefined;
} {
  const key = `hiddenColumns.${keptAs}`;
  const [hidden, setHidden] = useState<readonly string[]>(() =>
    keptAs ? (localStorage.getItem(key) ?? '').split(' ').filter(Boolean) : [],
  );
  const hide = (id: string, isHidden: boolean) => {
    const next = [...hidden.filter((one) => one !== id), ...(isHidden ? [id] : [])];
    setHidden(next);
    localStorage.setItem(key, next.join(' '));
  };
  return {
    shownOf: (columns) => columns.filter(({ id }) => !hidden.includes(id)),
    choice: keptAs ? { isHidden: (id) => hidden.includes(id), hide } : undefined,
  };
}
