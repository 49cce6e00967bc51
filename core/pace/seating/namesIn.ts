import Papa from 'papaparse';

/** Headings of the column that says what somebody is called, in the languages of the product (common practice). */
const first =
  /^(first|full ?name|prénom|first ?name|given ?name|vorname|rufname|nombre|name|names|learner|participant|teilnehmer(in|:in|\/in)?|kind|alumno|alumna|participante|who|wer)$/i;
const last = /^(last|nom|last ?name|surname|family ?name|nachname|familienname|apellidos?)$/i;
/** A cell of a table that is no name: an address, a number. */
const noName = /@|^[\d.,/-]*$/;

/**
 * The names in what somebody pasted or in a file: one a line, side by side with commas, or a table with a column of names.
 *
 * @param text lines of text, or CSV with commas, semicolons or tabs (RFC 4180)
 */
export function namesIn(text: string): string[] {
  const { data } = Papa.parse<string[]>(tidied(text), {
    skipEmptyLines: 'greedy',
  });
  const rows = data.map((cells) => cells.map((cell) => cell.replace(/\s+/g, ' ').trim()));
  const [head, ...below] = rows;
  if (!head) return [];
  const named = head.findIndex((cell) => first.test(cell));
  if (below.length > 0 && named >= 0) {
    const family = head.findIndex((cell) => last.test(cell));
    return below.map((cells) => together(cells[named], cells[family])).filter(isSome);
  }
  return isTable(rows)
    ? rows.map((cells) => cells.find((cell) => !noName.test(cell)) ?? '').filter(isSome)
    : rows
        .flat()
        // What stands in quotes is one name: `"Bay, Ines"`.
        .flatMap((cell) => (text.includes('"') ? [cell] : cell.split(/[;,]/)))
        .map((name) => name.trim())
        .filter(isSome);
}

/** Lines that have as many cells each, one of which is no name: an address, an age. */
const isTable = (rows: readonly (readonly string[])[]): boolean =>
  rows.length > 1 &&
  rows.every(({ length }) => length === rows[0]?.length && length > 1) &&
  rows.some((cells) => cells.some((cell) => cell !== '' && noName.test(cell)));

/** `Ada B.`: enough to tell two of one first name apart, and no more than a seat shows. */
const together = (given = '', family = ''): string =>
  given !== '' && family !== '' ? `${given} ${family.charAt(0)}.` : given || family;

const isSome = (name: string): boolean => name !== '';

/** Without numbers and dashes before the names; commas inside of brackets part no names. */
const tidied = (text: string): string =>
  text
    .replace(/^\uFEFF/, '')
    .replace(/^[ \t]*(\d+[.)]|[-*•])[ \t]+/gm, '')
    .replace(/\([^()\n]*\)/g, (remark) => remark.replace(/[,;]/g, ''))
    .trim();
