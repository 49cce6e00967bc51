import { familyOf } from '../parts/families/index.ts';
import { valueLabel } from '../parts/label.ts';
import type { Part } from '../parts/part.ts';
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
