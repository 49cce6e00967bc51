import type { BodyShape } from '../body.ts';

/**
 * A body that parts come in, whatever is inside. Sizes are those of the body as it sits on the board; all are usual
 * outlines, and a list's own figure wins.
 */
export interface Package {
  /** As lists and sheets call it: `DO-41`, `DIP-8`, `6.3 x 11 mm`. */
  readonly name: string;
  readonly mount: 'through' | 'surface';
  readonly shape: BodyShape;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Above the board; of what can lie or stand, as beginners fit it. */
  readonly heightMm: number;
  /** Between the outer leads, or between the rows; absent where the board decides. */
  readonly leadMm?: number;
  /** Pins of a strip in two rows of a tenth of an inch, counted across. */
  readonly rows?: 2;
  /** sRGB of most of it, where the body decides it: glass, black moulding. */
  readonly colour?: string;
  /** Where all that come in it have as many. */
  readonly pins?: number;
  /** Where the figures come from. */
  readonly source: string;
}

export type PackageTable = Readonly<Record<string, Package>>;
