import type { Content } from 'pdfmake/interfaces.js';
import { familyOf } from '#core/parts/families/index';
import { toleranceLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { t } from './words.ts';

const supplyWords = { 'in-kit': '', spare: 'spare', 'not-in-kit': 'not in the kit' };

/** The bands of a part in words; empty where it has none. */
export const bandWords = (part: Part) =>
  (familyOf(part).bands?.(part) ?? []).map((band) => t(`band.${band}`)).join(', ');

/** A heading of a column. */
export const headCell = (text: string): Content => ({ text, bold: true, fontSize: 8.5 });

/** What a part is, with its bands and what is special about it. */
export function whatItIs(part: Part): Content {
  const notes = [supplyWords[part.supply], part.lotNote ? `This lot: ${part.lotNote.text}` : '']
    .filter(Boolean)
    .join('. ');
  const bands = bandWords(part);
  const { value } = part;
  const volt = value.kind === 'amount' && value.ratedVolt ? `, ${value.ratedVolt} V` : '';
  return {
    stack: [
      { text: `${partName(t, { ...part, quantity: 1 })} ${toleranceLabel(value)}${volt}` },
      ...(bands ? [{ text: bands, fontSize: 8.5, color: '#62564a' }] : []),
      ...(notes ? [{ text: notes, fontSize: 8.5, bold: true }] : []),
    ],
  };
}
