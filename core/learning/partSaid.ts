import { familyOf } from '../parts/families/index.ts';
import { valueLabel } from '../parts/label.ts';
import type { Part, PartValue } from '../parts/part.ts';
import { type Said, said } from './said.ts';

/** A part as a sentence speaks of it, in any language: `470 Ω resistors`. */
export function partSaid({
  family,
  value,
  quantity,
}: Pick<Part, 'family' | 'value' | 'quantity'>): Said {
  const name = said(`family.${familyOf({ family }).id}.${quantity === 1 ? 'one' : 'many'}`);
  if (value.kind === 'none') return name;
  const label =
    value.kind === 'colour'
      ? said(`colour.${value.colour}`)
      : said('drill.plain', { text: valueLabel(value) });
  return said('drill.part', { value: label, name });
}

/** The value of a part: `470 Ω`, `red`. */
export const valueSaid = (value: PartValue): Said =>
  value.kind === 'colour'
    ? said(`colour.${value.colour}`)
    : said('name.value', { value: valueLabel(value) });

/** `470 Ω resistors`, `red LED`, `slide switch`: value and family as a language joins them, in the number of pieces. */
export function partNameSaid({
  family,
  value,
  quantity,
}: Pick<Part, 'family' | 'value' | 'quantity'>): Said {
  const count = quantity === 1 ? 'one' : 'many';
  const name = said(`family.${familyOf({ family }).id}.${count}`);
  switch (value.kind) {
    case 'none':
      return name;
    case 'colour':
      return said('name.colour', { colour: said(`name.${count}.${value.colour}`), name });
    default:
      return said(`name.${value.kind}`, { value: valueLabel(value), name });
  }
}
