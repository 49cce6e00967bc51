import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { familyOf } from '#core/parts/families/index';
import { toleranceLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import type { Speaker } from '../words/speak.ts';
import { faded, ruled } from './pdf.ts';

/** The bands of a part in words; empty where it has none. */
export const bandWords = ({ t }: Speaker, part: Part): string =>
  (familyOf(part).bands?.(part) ?? []).map((band) => t(`band.${band}`)).join(', ');

/** Headings of columns, by what `papers.head` says of each; empty for a column without one. */
export const headCells = ({ t }: Speaker, ...heads: readonly string[]): Content[] =>
  heads.map((head) => ({ text: head === '' ? '' : t(`papers.head.${head}`), bold: true }));

/** What a part is, with its bands and what is special about it. */
export function whatItIs(speaker: Speaker, part: Part): Content {
  const { t, decimals } = speaker;
  const notes = [
    part.supply === 'in-kit' ? '' : t(`papers.supply.${part.supply}`),
    part.lotNote ? t('papers.thisBatch', { text: part.lotNote.text }) : '',
  ].filter(Boolean);
  const bands = bandWords(speaker, part);
  const { value } = part;
  const volt = value.kind === 'amount' && value.ratedVolt ? `, ${value.ratedVolt} V` : '';
  const name = partName(t, { ...part, quantity: 1 });
  return {
    stack: [
      { text: decimals(`${name} ${toleranceLabel(value)}${volt}`) },
      ...(bands ? [{ text: bands, color: faded }] : []),
      ...notes.map((note) => ({ text: note, bold: true })),
    ],
  };
}

interface NamedTable {
  readonly name: string;
  /** As `papers.head` has them. */
  readonly heads: readonly string[];
  readonly widths: readonly (number | '*')[];
  readonly rows: readonly TableCell[][];
}

/** A table under its own name, which stays with its first line and stands again on the next page. */
export const namedTable = (
  speaker: Speaker,
  { name, heads, widths, rows }: NamedTable,
): Content => ({
  layout: ruled,
  margin: [0, 0, 0, 6],
  table: {
    headerRows: 2,
    keepWithHeaderRows: 1,
    dontBreakRows: true,
    widths: [...widths],
    body: [
      [
        { text: name, bold: true, fontSize: 12, colSpan: heads.length },
        ...heads.slice(1).map(() => ''),
      ],
      headCells(speaker, ...heads),
      ...rows,
    ],
  },
});
