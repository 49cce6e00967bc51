import { chipSizeCodeOf } from '../parts/bodyOf.ts';
import type { ChipSizeCode } from '../parts/chipSizeCodes.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part, PartValue } from '../parts/part.ts';

/** What lies in a drawer: a part without a place on a board. */
export interface StockPart extends Pick<Part, 'family' | 'value' | 'pins'> {
  /** Of a chip part; absent where nobody has said it. */
  readonly size?: ChipSizeCode;
}

/** The same for parts that can stand for each other without a thought: same kind, value, pins and size. */
export const stockKey = (part: StockPart): string =>
  JSON.stringify([kindKey(part), part.size ?? null]);

const kindKey = ({ family, value, pins }: StockPart): string =>
  JSON.stringify([family, valueKey(value), pins ?? null]);

function valueKey(value: PartValue): unknown {
  switch (value.kind) {
    // Tolerance, voltage and bands are looked at where a drawer is chosen; see `serves`.
    case 'amount':
      return [value.unit, value.amount];
    case 'type':
      return plainType(value.print);
    case 'colour':
      return value.colour;
    case 'none':
      return null;
  }
}

const plainType = (print: string) => print.replace(/[\s-]+/g, '').toUpperCase();

/**
 * Whether what is in a drawer can be fitted where the parts list asks for a part: the same kind and value, no other
 * size, no wider tolerance and no lower voltage than asked for.
 */
export function serves(stock: StockPart, asked: StockPart): boolean {
  if (kindKey(stock) !== kindKey(asked)) return false;
  if (stock.size && asked.size && stock.size !== asked.size) return false;
  if (stock.value.kind !== 'amount' || asked.value.kind !== 'amount') return true;
  const { tolerancePercent: has, ratedVolt: bears } = stock.value;
  const { tolerancePercent: wants, ratedVolt: needs } = asked.value;
  if (wants !== undefined && has !== undefined && has > wants) return false;
  return needs === undefined || bears === undefined || bears >= needs;
}

/** Whether parts are one and the same, so that their drawers can be made one: each serves for the first, or it for them. */
export const areOnePart = ([first, ...others]: readonly StockPart[]): boolean =>
  first !== undefined && others.every((part) => serves(part, first) || serves(first, part));

/** A part of a drawer as a part that can be drawn and named. */
export const asPart = (stock: StockPart, quantity = 1): Part => ({
  designators: [],
  quantity,
  family: stock.family,
  value: stock.value,
  description: [familyOf(stock).words.one, stock.size].filter(Boolean).join(' '),
  supply: 'in-kit',
  ...(stock.pins === undefined ? {} : { pins: stock.pins }),
});

/** The drawer's own description of a part: what it is, without its places and the lot. */
export function stockPartOf(part: Part): StockPart {
  const { family, value, pins } = part;
  const size = familyOf(part).comesInSizes ? chipSizeCodeOf(part) : undefined;
  return {
    family,
    value,
    ...(pins === undefined ? {} : { pins }),
    ...(size === undefined ? {} : { size }),
  };
}
