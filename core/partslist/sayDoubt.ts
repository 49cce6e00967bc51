import { type Said, said } from '../learning/said.ts';
import { valueLabel } from '../parts/label.ts';
import type { Part } from '../parts/part.ts';

/** Nothing is assumed of a number that no catalogue has. */
export function unknownType(number: string, asksPins: boolean): Said {
  if (number === '') return said(asksPins ? 'lists.row.noTypeNorPins' : 'lists.row.noType');
  return said(asksPins ? 'lists.row.unknownTypeNorPins' : 'lists.row.unknownType', { number });
}

/** Why a value that was read may be another. */
export function doubtfulValue({ value }: Part, isType: boolean, why: Said | undefined): Said {
  if (why) return why;
  if (isType) return said('lists.row.theLineSaysTwoDifferentThingsAbout');
  if (value.kind === 'colour')
    return said('lists.row.theLineNamesMoreThanOneColour', {
      colour: said(`colour.${value.colour}`),
    });
  if (value.kind === 'none') return said('lists.row.numberNotRead');
  return said('lists.row.thisCanBeThePrintOnThe', { value: valueLabel(value) });
}
