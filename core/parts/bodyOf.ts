import type { Body } from './body.ts';
import type { PartFamily } from './family.ts';
import type { Part } from './part.ts';

interface ChipSize {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/**
 * Chip sizes by the code of their length and width in hundredths of an inch, as lists have them (IEC 60115-8: RR1005M,
 * RR1608M, RR2012M, RR3216M, RR3225M; heights of resistors; from memory).
 */
export const chipSizes = {
  '0402': { lengthMm: 1, widthMm: 0.5, heightMm: 0.35 },
  '0603': { lengthMm: 1.6, widthMm: 0.8, heightMm: 0.45 },
  '0805': { lengthMm: 2, widthMm: 1.25, heightMm: 0.5 },
  '1206': { lengthMm: 3.2, widthMm: 1.6, heightMm: 0.55 },
  '1210': { lengthMm: 3.2, widthMm: 2.5, heightMm: 0.55 },
} as const satisfies Readonly<Record<string, ChipSize>>;

export type ChipSizeCode = keyof typeof chipSizes;

const sizeCode = /\b(0402|0603|0805|1206|1210)\b/;

/** The size code that a list gives a chip part; undefined where it gives none. */
export const chipSizeCodeOf = ({ description }: Pick<Part, 'description'>) =>
  sizeCode.exec(description)?.[1] as ChipSizeCode | undefined;

/** The size that a list gives a chip part; undefined where it gives none. */
export function chipSizeOf(part: Pick<Part, 'description'>): ChipSize | undefined {
  const code = chipSizeCodeOf(part);
  return code && chipSizes[code];
}

/** The body of a part: that of its family, in the size that the list gives it. */
export function bodyOf(
  { body, comesInSizes }: Pick<PartFamily, 'body' | 'comesInSizes'>,
  part: Pick<Part, 'description'>,
): Body {
  const size = comesInSizes ? chipSizeOf(part) : undefined;
  if (!size || !('lengthMm' in body)) return body;
  // What is thicker than a resistor stays so in every size; to a hundredth, as heights are shown.
  const times = size.heightMm / chipSizes['0805'].heightMm;
  const heightMm = Math.round(body.heightMm * times * 100) / 100;
  return { ...body, lengthMm: size.lengthMm, widthMm: size.widthMm, heightMm };
}
