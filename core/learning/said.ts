/** A sentence as data: a key of the catalogue and what is filled in, so that every language can say it. */
export type Said = {
  readonly says: string;
  readonly fill?: Readonly<Record<string, Filling>>;
  /** What is said where no catalogue has the key: a name that somebody gave. */
  readonly otherwise?: string;
};

/** What stands in a sentence: a figure, something written the same in every language, or other words. */
export type Filling = string | number | Said | readonly Filling[];

export const said = (
  says: string,
  fill?: Readonly<Record<string, Filling>>,
  otherwise?: string,
): Said => ({
  says,
  ...(fill === undefined ? {} : { fill }),
  ...(otherwise === undefined ? {} : { otherwise }),
});

export const isSaid = (value: unknown): value is Said =>
  typeof (value as { readonly says?: unknown } | null | undefined)?.says === 'string';
