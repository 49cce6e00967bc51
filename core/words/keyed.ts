/** The words of definition records, by their ids. */
export const keyed = <Item extends { readonly id: string; readonly words: object }>(
  items: readonly Item[],
) => Object.fromEntries(items.map(({ id, words }) => [id, words]));
