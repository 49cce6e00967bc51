import type { FamilyId } from './ids.ts';

/** How an import recognises a family in free text, beside the words that such parts are called (families/called.ts). */
export interface Recognised {
  /**
   * When it is taken for such a part with no word that says so (common practice): a bare value of its unit, or, of
   * capacitors, how large the value is.
   */
  readonly assumedFor: 'value-alone' | 'from-1-µF' | 'below-1-µF' | null;
  /** From this value on, in its unit, another part is called by the same word: the kind is asked (common practice). */
  readonly rareFrom?: number;
  /** Type numbers that are in no catalogue, and belong to no other family. */
  readonly types?: readonly RegExp[];
  /** Without this in the text (plain: lower case, no accents) it is another family: the package of a chip part, say. */
  readonly needs?: RegExp;
  /** With this in the text it is another family, of which this one may still be the nearest. */
  readonly not?: RegExp;
  /** Sold with more pins or fewer, always or where the text says this: without a number it is asked (common practice). */
  readonly pinsVary?: true | RegExp;
  /** With this in the text it has another size than such parts. */
  readonly otherSize?: RegExp;
  /** Sold in several bodies under one word: without this in the text it has the usual one, and that is asked (common practice). */
  readonly saysBody?: RegExp;
}

/**
 * How lists tell the parts of some families apart. It stands apart from the families, as what lists call them does: only
 * whoever reads a list loads it.
 */
export type RecognisedBy = Readonly<Partial<Record<FamilyId, Recognised>>>;
