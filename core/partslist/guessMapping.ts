import { type Filling, said } from '../learning/said.ts';
import { calledWords } from '../parts/families/called.ts';
import { families } from '../parts/families/index.ts';
import { readCount } from './cells/beside.ts';
import { fromChinese } from './chinese.ts';
import { type ColumnDefinition, type ColumnId, columns, plainHeading } from './columns.ts';
import { readDesignators } from './designators.ts';
import { plain } from './plain.ts';
import { textsInSingular } from './plural.ts';
import type { Table } from './table.ts';

// Which column of a table is which, by its heading first and by its cells where the heading says nothing.

/** For each meaning the index of its column in the file, or absent where the file has none. */
export type Mapping = Readonly<Partial<Record<ColumnId, number>>>;

/**
 * Guesses what each column means, from its heading first and from its cells where the heading says nothing.
 *
 * @returns at most one column for each meaning and one meaning for each column
 */
export const guessMapping = (table: Table): Mapping =>
  withFigures(table, withKinds(table, byHeadings(table)));

/** Where no column says what the parts are: the one that nobody knows in which kinds of parts are named. */
function withKinds(table: Table, mapping: Mapping): Mapping {
  if (mapping.description !== undefined) return mapping;
  const known = new Set(Object.values(mapping));
  const [best] = table.headings
    .map((_, index) => {
      const cells = known.has(index) ? [] : filledCells(table, index);
      return { index, share: cells.filter(namesKind).length / table.rows.length };
    })
    .filter(({ share }) => share >= 0.5)
    .sort((a, b) => b.share - a.share);
  return best ? { ...mapping, description: best.index } : mapping;
}

function namesKind(cell: string): boolean {
  const texts = textsInSingular(plain(fromChinese(cell)).replace(/[^a-z0-9-]+/g, ' '));
  return families.some((family) =>
    calledWords(family).some((word) => texts.some((text) => ` ${text} `.includes(` ${word} `))),
  );
}

function byHeadings(table: Table): Mapping {
  const { remarks, details, partNumber, ...mapped } = mappingByPlaces(table);
  // “Material”, “Typ”: where no other column does, it says what the parts are.
  const isFirst = mapped.description === undefined && mapped.value === undefined;
  const described =
    details === undefined ? mapped : { ...mapped, [isFirst ? 'description' : 'details']: details };
  // The same of a column of makers’ numbers: alone, they are all that says what the parts are.
  const saysNoValue = described.value === undefined && details === undefined;
  // “Model” over “33k”, “2n2”: values, where no other column has any.
  const isValue =
    saysNoValue &&
    partNumber !== undefined &&
    (described.description === undefined || shareOf(amountFirst, table, partNumber) >= 0.3);
  const mapping =
    partNumber === undefined
      ? described
      : { ...described, [isValue ? 'value' : 'partNumber']: partNumber };
  if (remarks === undefined) return mapping;
  // “Designator, Comment, Footprint”: where nothing else says what the parts are, that does.
  const isAllThatIsSaid = mapping.description === undefined && mapping.value === undefined;
  if (isAllThatIsSaid) return { ...mapping, value: remarks };
  // “Comment” over values, beside a description with digits of its own.
  const isValues = mapping.value === undefined && mayBeValues(table, remarks);
  if (isValues) return { ...mapping, value: remarks };
  // “Widerstand”, and “4,7 kΩ” beside it: where all others are words alone, it says the values.
  const isOnlyWords =
    mapping.description !== undefined &&
    mapping.value === undefined &&
    details === undefined &&
    !filledCells(table, mapping.description).some((cell) => /\d/.test(cell)) &&
    shareOf(/\d/, table, remarks) >= 0.5;
  return { ...mapping, [isOnlyWords ? 'details' : 'remarks']: remarks };
}

/** `220 ohms 1/2 W`, `5 mm`, `2 poles`: a number with what it counts or measures. */
const figure =
  /\d\s?(?:[kKMRΩΩ]|ohm|[pnuµμ]F?|[munµμ]H|k?V|m?A|W|k?Hz|MHz|mm|pins?|pol)(?![\p{L}])|[1-9]N\d{3}|^[A-Z]{1,4}\d{2,5}[A-Z]{0,2}$/u;

/** `33k`, `2n2 ceramic`, `10 µH`. */
const amountFirst =
  /^\.?\d{1,4}(?:[.,]\d{1,3})?\s?(?:[kKMRΩΩ]\d?|ohm|[pnuµμ]\d?F?|[munµμ]H|k?Hz|MHz)(?![\p{L}\d])/u;

/** What a part bears, and how large it is: `1 W`, `35 V`, `5x20`, `1/4W metal film`. */
const rating = /\d\s?(?:k?V|W|mA|A|mm)(?:DC|AC)?(?![\p{L}\d])|\d\s?[x×]\s?\d/u;

/**
 * A column that nobody knows says more of the parts: where no column says the values, and the words say none, the one
 * with the most figures; beside values the one with most ratings.
 */
function withFigures(table: Table, mapping: Mapping): Mapping {
  const { description, value } = mapping;
  if (mapping.details !== undefined || (description === undefined && value === undefined))
    return mapping;
  if (
    value === undefined &&
    description !== undefined &&
    shareOf(figure, table, description) >= 0.3
  )
    return mapping;
  const says = value === undefined ? figure : rating;
  const known = new Set(Object.values(mapping));
  const isOpen = (index: number) =>
    !known.has(index) &&
    !isCodes(table, index) &&
    !isPosition.test(headingAt(table, index)) &&
    (columns.every(({ headings }) => !headings.includes(headingAt(table, index))) ||
      // “Model” over “2.2K 1/4W”, “103” and “NE555”: no values alone, and what is said of the parts all the same.
      (value === undefined && mayBeCodes.includes(headingAt(table, index))));
  const [best] = table.headings
    .map((_, index) => ({ index, share: isOpen(index) ? shareOf(says, table, index) : 0 }))
    .filter(({ share }) => share >= 0.4)
    .sort((a, b) => b.share - a.share);
  return best ? { ...mapping, details: best.index } : mapping;
}

const headingAt = (table: Table, index: number): string =>
  plainHeading(table.headings[index] ?? '');

/** Headings that some lists put above values and others above codes. */
const mayBeCodes = columns.find(({ id }) => id === 'value')?.mayBeCodes?.headings ?? [];

/** Where a part lies on the board: of a placement file. */
const isPosition = /\b(?:[xy]|(?:mid|centre|center|pos|ref|pad)[xy]?|rot\w*|layer|side)\b/;

/** Under such a heading stand the codes of a shop. */
const isCodes = (table: Table, index: number): boolean =>
  columns.some(({ id, neverUnder }) => id === 'value' && neverUnder?.test(headingAt(table, index)));

const mayBeValues = (table: Table, index: number): boolean =>
  columns.some(
    (column) =>
      column.id === 'value' &&
      column.headings.includes(headingAt(table, index)) &&
      score(column, table, index, true) > 0,
  );

/** The columns, none of them a quantity where its numbers are mostly not as many as the places: angles, ohms, stock. */
function mappingByPlaces(table: Table): Mapping {
  const mapping = mappingOf(table, columns);
  const { quantity, designators } = mapping;
  if (quantity === undefined || designators === undefined) return mapping;
  if (headingsOfQuantity.includes(plainHeading(table.headings[quantity] ?? ''))) return mapping;
  const agreements = table.rows.flatMap(({ cells }) => {
    const places = readDesignators(cells[designators] ?? '');
    if (!places.ok || places.value.length === 0) return [];
    return [readCount(cells[quantity] ?? '') === places.value.length];
  });
  const agree = agreements.filter(Boolean).length;
  return agree * 2 >= agreements.length
    ? mapping
    : mappingOf(
        table,
        columns.filter(({ id }) => id !== 'quantity'),
      );
}

const headingsOfQuantity = columns.find(({ id }) => id === 'quantity')?.headings ?? [];

/** The same for a list of another sort, by the columns that it can have. */
export function mappingOf<Id extends string>(
  table: Table,
  definitions: readonly ColumnDefinition<Id>[],
): Readonly<Partial<Record<Id, number>>> {
  // “Part No.” is a column of its own, and no other one’s “part”.
  const named = table.headings.map((heading) =>
    definitions.some(({ headings }) => headings.includes(plainHeading(heading))),
  );
  const scored = definitions
    .flatMap((definition) =>
      table.headings.map((_, index) => ({
        id: definition.id,
        index,
        score: score(definition, table, index, named[index] === true),
      })),
    )
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
  const mapping: Partial<Record<Id, number>> = {};
  for (const { id, index } of scored) {
    if (id in mapping || Object.values(mapping).includes(index)) continue;
    mapping[id] = index;
  }
  return mapping;
}

/** How a table's headings are remembered: the same headings in the same order are mapped the same way again. */
export const headingSignature = (headings: readonly string[]): string =>
  headings.map(plain).join('|');

/** Where a heading names a meaning with a word among others. */
const headingWord = 35;
const exactHeading = 100;
/** So few cells that look right make even a plain heading doubtful: “Name” above R1, R2, R3. */
const tooFew = 0.3;

function score(
  definition: ColumnDefinition<string>,
  table: Table,
  index: number,
  isNamed: boolean,
): number {
  if (!definition.mayCount && isRunningNumber(table, index)) return 0;
  const heading = headingAt(table, index);
  const share = shareOf(definition.looksLike, table, index);
  const filled = filledCells(table, index);
  const isNumbers =
    definition.isNoneWithout !== undefined &&
    /\D/.test(heading) &&
    !filled.some((cell) => definition.isNoneWithout?.test(cell));
  const isCode = isNumbers || definition.neverUnder?.test(heading) === true;
  const cells = (definition.looksLikeFaintly ? 20 : 60) * (share >= 0.6 && !isCode ? share : 0);
  const exact = definition.headings.indexOf(heading);
  const words = heading.split(' ');
  const named =
    exact >= 0
      ? exactHeading - exact / 2
      : !isNamed && definition.headings.some((known) => known.length > 2 && words.includes(known))
        ? headingWord
        : 0;
  const isWrong =
    filled.length >= 3 &&
    ((definition.isStrict === true && share < tooFew) ||
      shareOf(definition.isWrongFor, table, index) >= 0.5);
  const isOther = columns.some(
    (other) =>
      definition.isNot?.includes(other.id) &&
      shareOf(other.looksSurelyLike ?? other.looksLike, table, index) >= 0.5,
  );
  if (shareOf(definition.isNoneOf, table, index) >= 0.5) return 0;
  const { mayBeCodes } = definition;
  // “MPN” beside “Value” says no values.
  const isNamedOutright = (name: string) =>
    definition.headings.includes(name) && mayBeCodes?.headings.includes(name) === false;
  const saysValues = (other: string, at: number) =>
    isNamedOutright(plainHeading(other)) && filledCells(table, at).length * 2 >= table.rows.length;
  if (mayBeCodes?.headings.includes(heading) && table.headings.some(saysValues)) return 0;
  if (mayBeCodes?.headings.includes(heading) && filled.length >= 3) {
    const share = filled.filter((cell) => mayBeCodes.unless.test(cell)).length / filled.length;
    if (share < (mayBeCodes.share?.[heading] ?? 0.5)) return 0;
  }
  const claim = definition.isSecond ? named / 2 : named;
  const best = cells > 0 ? 10 * shareOf(definition.looksBest, table, index) : 0;
  return (isWrong || isOther ? claim / 4 : claim) + cells + best;
}

const filledCells = (table: Table, index: number): string[] =>
  table.rows.map(({ cells }) => cells[index] ?? '').filter((cell) => cell !== '');

/** 1, 2, 3 …: it counts the rows of the list and not the pieces of a part. */
function isRunningNumber(table: Table, index: number): boolean {
  const cells = filledCells(table, index);
  return (
    cells.length >= 3 && cells.every((cell, row) => cell.replace(/\.$/, '') === String(row + 1))
  );
}

function shareOf(looksLike: RegExp | undefined, table: Table, index: number): number {
  if (!looksLike) return 0;
  const filled = filledCells(table, index);
  return filled.filter((cell) => looksLike.test(cell)).length / Math.max(1, filled.length);
}

/** The name a person knows a column by: its heading in the file, or what it would mean where the file has none. */
export function columnName(table: Table, mapping: Mapping, id: ColumnId): Filling {
  const index = mapping[id];
  const heading = index === undefined ? undefined : table.headings[index];
  return heading || said(`lists.column.${id}`);
}
