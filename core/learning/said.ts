/** A sentence as data: a key of the catalogue and what is filled in, so that every language can say it. */
export type Said = {
  readonly says: string;
  readonly fill?: Readonly<Record<string, Filling>>;
};

/** What stands in a sentence: a figure, something written the same in every language, or other words. */
export type Filling = string | number | Said | readonly Filling[];

export const said = (says: string, fill?: Readonly<Record<string, Filling>>): Said =>
  fill === undefined ? { says } : { says, fill };

export const isSaid = (value: unknown): value is Said =>
  typeof (value as { readonly says?: unknown } | null | undefined)?.says === 'string';
