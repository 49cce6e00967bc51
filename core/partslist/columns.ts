import { resistorAxial } from '../parts/families/resistors/resistor-axial.ts';
import { plain } from './plain.ts';
import type { Table } from './table.ts';

/** What a column of a parts list can hold. */
export interface ColumnDefinition {
  readonly id: ColumnId;
  readonly label: string;
  readonly hint: string;
  /** Headings that people write for it, in several languages, lower case, without accents; likeliest first. */
  readonly headings: readonly string[];
  /** How a cell of such a column looks; used where no heading tells. */
  readonly looksLike?: RegExp;
  /** Other columns may look like this too, so theirs is the better claim. */
  readonly looksLikeFaintly?: true;
}

export const columnIds = [
  'designators',
  'quantity',
  'description',
  'value',
  'tolerance',
  'ratedVolt',
  'pins',
  'bandCount',
  'supply',
  'family',
] as const;
export type ColumnId = (typeof columnIds)[number];

export const columns: readonly ColumnDefinition[] = [
  {
    id: 'designators',
    label: 'Places on the board',
    hint: 'R1, R2 or R1-R4',
    headings: [
      'designator',
      'designators',
      'reference',
      'references',
      'refdes',
      'ref',
      'refs',
      'place',
      'position',
      'positions',
      'bauteil nr',
      'kennung',
      'bezeichner',
      'repere',
      'reperes',
      'referencia',
      'label',
    ],
    // Each separator can be read in one way only, or a line with many blanks would take for ever.
    looksLike:
      /^[A-Z]{1,4}\d{1,3}([\s,;&+/-]+((to|und|and|et)[\s,;&+/-]+)?[A-Z]{0,4}\d{1,3}|(to|und|and|et)[A-Z]{0,4}\d{1,3})*$/i,
  },
  {
    id: 'quantity',
    label: 'Quantity',
    hint: '2',
    headings: [
      'quantity',
      'qty',
      'count',
      'pieces',
      'pcs',
      'number',
      'amount',
      'menge',
      'anzahl',
      'stuck',
      'aantal',
      'quantite',
      'qte',
      'nombre',
      'cantidad',
    ],
    looksLike: /^\d{1,3}\s*(x|pcs|stk)?$/i,
  },
  {
    id: 'description',
    label: 'What it is',
    hint: 'resistor, LED red 5 mm',
    headings: [
      'description',
      'part',
      'what',
      'component',
      'item',
      'type',
      'name',
      'kind',
      'beschreibung',
      'bauteil',
      'bezeichnung',
      'onderdeel',
      'omschrijving',
      'composant',
      'designation',
      'descripcion',
      'componente',
    ],
    // Nearly any text has a word in it.
    looksLike: /\p{L}{3,}/u,
    looksLikeFaintly: true,
  },
  {
    id: 'value',
    label: 'Value or type',
    hint: '4k7, 100nF, 1N4148',
    headings: [
      'value',
      'val',
      'rating',
      'wert',
      'waarde',
      'valeur',
      'valor',
      'type number',
      'part number',
      'mpn',
      'model',
    ],
    looksLike: /^\d+([.,]\d+)?\s*[kKMRunpµ]\d*/,
  },
  {
    id: 'tolerance',
    label: 'Tolerance',
    hint: '5 % or J',
    headings: ['tolerance', 'tol', 'toleranz', 'tolerantie', 'tolerancia', 'accuracy', '%'],
    looksLike: /^[±+-]*\s*\d+([.,]\d+)?\s*%$/,
  },
  {
    id: 'ratedVolt',
    label: 'Rated voltage',
    hint: '16 V',
    headings: [
      'voltage',
      'rated voltage',
      'volt',
      'volts',
      'v',
      'spannung',
      'spanning',
      'tension',
      'voltaje',
    ],
    looksLike: /^\d+([.,]\d+)?\s*V$/i,
  },
  {
    id: 'pins',
    label: 'Pins',
    hint: '8',
    headings: ['pins', 'pin count', 'ways', 'poles', 'pole', 'polig', 'broches', 'pines'],
  },
  {
    id: 'bandCount',
    label: 'Bands',
    hint: '4 or 5',
    headings: ['bands', 'band count', 'rings', 'ringe', 'ringen', 'bandes', 'bandas'],
  },
  {
    id: 'supply',
    label: 'In the kit?',
    hint: 'yes, no or spare',
    headings: [
      'in kit',
      'in the kit',
      'included',
      'supplied',
      'enthalten',
      'inbegrepen',
      'inclus',
      'incluido',
    ],
    looksLike: /^(yes|no|ja|nein|nee|oui|non|si|spare)$/i,
  },
  {
    id: 'family',
    label: 'Kind of part',
    hint: resistorAxial.id,
    headings: ['kind of part', 'part family', 'family'],
  },
];

/** For each meaning the index of its column in the file, or absent where the file has none. */
export type Mapping = Readonly<Partial<Record<ColumnId, number>>>;

/**
 * Guesses what each column means, from its heading first and from its cells where the heading says nothing.
 *
 * @returns at most one column for each meaning and one meaning for each column
 */
export function guessMapping(table: Table): Mapping {
  const scored = columns
    .flatMap((definition) =>
      table.headings.map((_, index) => ({
        id: definition.id,
        index,
        score: score(definition, table, index),
      })),
    )
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
  const mapping: Partial<Record<ColumnId, number>> = {};
  for (const { id, index } of scored) {
    if (id in mapping || Object.values(mapping).includes(index)) continue;
    mapping[id] = index;
  }
  return mapping;
}

/** How a table's headings are remembered: the same headings in the same order are mapped the same way again. */
export const headingSignature = (headings: readonly string[]): string =>
  headings.map(plain).join('|');

function score(definition: ColumnDefinition, table: Table, index: number): number {
  const heading = plain(table.headings[index] ?? '')
    .replace(/[._#/()-]+/g, ' ')
    .trim();
  const exact = definition.headings.indexOf(heading);
  if (exact >= 0) return 100 - exact;
  const words = heading.split(' ');
  if (definition.headings.some((known) => known.length > 2 && words.includes(known))) return 50;
  return (definition.looksLikeFaintly ? 20 : 40) * shareThatLooksRight(definition, table, index);
}

function shareThatLooksRight({ looksLike }: ColumnDefinition, table: Table, index: number): number {
  if (!looksLike) return 0;
  const filled = table.rows.map(({ cells }) => cells[index] ?? '').filter((cell) => cell !== '');
  const share = filled.filter((cell) => looksLike.test(cell)).length / Math.max(1, filled.length);
  return share >= 0.6 ? share : 0;
}

/** The name a person knows a column by: its heading in the file, or what it would mean where the file has none. */
export function columnName(table: Table, mapping: Mapping, id: ColumnId): string {
  const index = mapping[id];
  const heading = index === undefined ? undefined : table.headings[index];
  return heading || (columns.find((column) => column.id === id)?.label ?? id);
}
