import { fromChinese } from './chinese.ts';
import { plain } from './plain.ts';

/** What a column of a list can hold. */
export interface ColumnDefinition<Id extends string = ColumnId> {
  readonly id: Id;
  /** Headings that people write for it, in several languages, lower case, without accents; likeliest first. */
  readonly headings: readonly string[];
  /** How a cell of such a column looks; used where no heading tells. */
  readonly looksLike?: RegExp;
  /** Under such a heading cells that look like this are something else: numbers that a shop orders by, sides of a board. */
  readonly neverUnder?: RegExp;
  /** Of several columns that look so, the one with more such cells is likelier. */
  readonly looksBest?: RegExp;
  /** How a cell looks that can hardly be of another meaning: “BC547” might be a place, “R12” is one. */
  readonly looksSurelyLike?: RegExp;
  /** Cells that are something else, under a heading that is put above both. */
  readonly isWrongFor?: RegExp;
  /** A column of such cells is none of this meaning, whatever stands above it. */
  readonly isNoneOf?: RegExp;
  /** Where no heading tells, a column without any such cell is another: numbers alone count, or number the rows. */
  readonly isNoneWithout?: RegExp;
  /** Other columns may look like this too, so theirs is the better claim. */
  readonly looksLikeFaintly?: true;
  /** Its heading is also put above columns of these meanings, which their cells tell: “Bezeichnung” above R1, R2. */
  readonly isNot?: readonly ColumnId[];
  /** Says more where another column says what it is: its headings are taken after those of any other. */
  readonly isSecond?: true;
  /** Its cells have one form only: a heading above others is doubted. */
  readonly isStrict?: true;
  /** Under these headings shops put codes of their own, which say nothing, unless its cells look like this. */
  readonly mayBeCodes?: {
    readonly headings: readonly string[];
    readonly unless: RegExp;
    /** How many of its cells must look so, for a heading that is put above values more often than above codes. */
    readonly share?: Readonly<Record<string, number>>;
  };
  /** Its cells may be 1, 2, 3 …, as the numbers of drawers are. */
  readonly mayCount?: true;
}

export const columnIds = [
  'designators',
  'quantity',
  'description',
  'details',
  'value',
  'tolerance',
  'ratedVolt',
  'pins',
  'bandCount',
  'supply',
  'family',
  'package',
  'symbol',
  'partNumber',
  'remarks',
  'fitted',
] as const;
export type ColumnId = (typeof columnIds)[number];

/** In what stock a shop has a part, on which side it lies, by what it is counted: no word of what it is. */
const saysNothing =
  /^(?:basic|extended|preferred|standard|active|obsolete|nrnd|in stock|rohs\S*|top|bottom|front|back|stk|st|pcs?|ea|each)$/i;

export const columns: readonly ColumnDefinition[] = [
  {
    id: 'designators',
    isStrict: true,
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
      'referencias',
      'label',
      'ref des',
      'reference designator',
      'designator s',
      'part ref',
      'location',
      'bauteilname',
      'name on board',
      'platz',
      'stelle',
      'plaats',
      'emplacement',
      'ubicacion',
    ],
    looksSurelyLike: /^[A-Z]{1,3}\d{1,2}(?!\w)/i,
    // Each separator can be read in one way only, or a line with many blanks would take for ever.
    looksLike:
      /^[A-Z]{1,4}\d{1,3}[A-DLR]?([\s,;&+/~.…–—-]+((to|und|and|et|y|en|bis|a|à|al|hasta|t\/m|tot)[\s,;&+/-]+)?[A-Z]{0,4}\d{1,3}[A-DLR]?|(to|und|and|et)[A-Z]{0,4}\d{1,3})*$/i,
    // Drawers are called A1 and B2 as well.
    looksBest: /^(?:R|C|D|Q|T|U|IC|LED|L|X|Y|S|SW|J|K|P)\d/i,
  },
  {
    id: 'quantity',
    isStrict: true,
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
      'cant',
      'stk',
      'st',
      'quant',
      'no of pieces',
      'units',
      'uds',
      'unidades',
      'ctd',
    ],
    looksLike: /^(?:x\s?)?\d{1,3}\s*(x|pcs?|stk?|st\.?|stück|ea|off)?\.?$/i,
  },
  {
    id: 'description',
    headings: [
      'description',
      'desc',
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
      'artikel',
      'artikelbezeichnung',
      'benennung',
      'produkt',
      'libelle',
      'pieza',
      'thing',
      'details',
      'typ',
      'tipo',
    ],
    // Where a part sits, and how it is turned.
    neverUnder:
      /\b(?:layer|side|library|bibliothek|sheet|units?|einheit|unidad|unite|eenheid|seite|lage|capa|cara|lado|face|rotation|lieferant|proveedor|fournisseur|leverancier|supplier|manufacturer|hersteller|fabricante)\b/,
    isNoneOf: saysNothing,
    // Nearly any text has a word in it.
    looksLike: /\p{L}{3,}/u,
    looksLikeFaintly: true,
    isNot: ['designators'],
  },
  {
    id: 'details',
    isNoneOf: saysNothing,
    isSecond: true,
    isNot: ['designators'],
    headings: [
      'details',
      'detail',
      'caracteristica',
      'caracteristique',
      'caracteristiques',
      'eigenschaft',
      'eigenschaften',
      'merkmal',
      'merkmale',
      'kenmerk',
      'detalle',
      'detalles',
      'datos',
      'angabe',
      'angaben',
      'daten',
      'gegevens',
      'donnees',
      'material',
      'ausfuhrung',
      'rating',
      'ratings',
      'style',
      'variant',
      'variante',
      'type',
      'typ',
      'tipo',
      'kind',
      'name',
      'art',
      'soort',
      'naam',
      'nom',
      'nombre',
      // Beside “Name”, which says the kind.
      'description',
      'desc',
      'beschreibung',
      'omschrijving',
      'descripcion',
      'libelle',
    ],
  },
  {
    id: 'value',
    isNot: ['designators'],
    headings: [
      'value',
      'val',
      'rating',
      'wert',
      'waarde',
      'valeur',
      'valor',
      'nominal',
      'nominal value',
      'nennwert',
      'specification',
      'specifications',
      'spec',
      'specs',
      'parameter',
      'parameters',
      'spezifikation',
      'especificacion',
      'especificaciones',
      'caracteristicas',
      'marking',
      'marked',
      'aufdruck',
      'beschriftung',
      'marcado',
      'marquage',
      'opdruk',
      'type number',
      'part number',
      'mpn',
      'model',
      // What drawing programs call the value; with others it is a remark.
      'comment',
    ],
    // “0.25W” and “50V” are what a part bears.
    isWrongFor: /^[\d.,/ ]+\s?(?:W|V|A|mA|mm|V \d+A)$/i,
    isNoneWithout: /\p{L}|Ω|Ω/u,
    mayBeCodes: {
      headings: ['part number', 'mpn', 'model', 'comment'],
      share: { comment: 0.3 },
      unless:
        /^(?:\d+(?:[.,]\d+)?\s?[kKMRunpµ]\w{0,4}(?:\/\d+V)?|[1-9]N\d{3,4}\w{0,2}|[A-Z]{2,5}\d{2,5}[A-Z]{0,3}(?:-\d+)?)$/i,
    },
    neverUnder:
      /\b(?:codes?|sku|stock|order|orders|bestell\w*|best|art|artikelnr|artikelnummer|article|ean|lcsc|id|ids|nr|no|numero|num|number|supplier|lieferant\w*|proveedor)\b/,
    looksLike:
      /^(?!0\d\d)(?:[.,]?\d{1,6}([.,]\d{1,6})?\s?(?:[kKMREunpµm]\d{0,3})?\s?(?:ohm|Ω|F|H|Hz|V)?(?:\/\d{1,3}\s?V)?|[1-9]N\d{3,4}\w{0,2}|[A-Z]{2,5}\d{3,5}[A-Z]{0,3})$/i,
  },
  {
    id: 'tolerance',
    isStrict: true,
    headings: ['tolerance', 'tol', 'toleranz', 'tolerantie', 'tolerancia', 'accuracy', '%'],
    looksLike: /^[±+-]*\s*\d+([.,]\d+)?\s*%$/,
  },
  {
    id: 'ratedVolt',
    isStrict: true,
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
    headings: ['pins', 'pin count', 'ways', 'poles', 'pole', 'polig', 'broches', 'pines'],
  },
  {
    id: 'bandCount',
    headings: ['bands', 'band count', 'rings', 'ringe', 'ringen', 'bandes', 'bandas'],
  },
  {
    id: 'supply',
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
    id: 'package',
    headings: [
      'package',
      'pkg',
      'package type',
      'case style',
      'outline',
      'footprint',
      'case',
      'body',
      'size',
      'bauform',
      'gehause',
      'gehauseform',
      'behuizing',
      'boitier',
      'encapsulado',
      'huella',
      'empreinte',
      'pcb footprint',
      'housing',
      'mount',
      'mounting',
      'mounting type',
      'montage',
      'montaje',
      'technology',
    ],
    // What footprints are called: a kind and its measures, parted by underscores, or the name of a body alone.
    looksLike:
      /^(?:[A-Za-z-]{1,20}[_:][A-Za-z0-9_.,-]{2,80}|(?:TO|DO|SOT|SOD|DIP|DIL|SIP|SOIC|SO|SOP|T?SSOP|QFN|TQFP|HC)-?\d[\w.-]{0,12}|SM[ABC])$/,
  },
  {
    // What drawing programs draw it as.
    id: 'symbol',
    headings: ['device', 'symbol', 'libref', 'lib ref', 'library ref', 'library reference'],
  },
  {
    id: 'partNumber',
    isSecond: true,
    headings: [
      'mpn',
      'mfr part',
      'mfrpart',
      'partnumber',
      'part nr',
      'partno',
      'mfr part no',
      'mfr part number',
      'mfr pn',
      'mfg pn',
      'manufacturer pn',
      'mfr no',
      'mfr p n',
      'mfg part',
      'mfg part no',
      'mfg part number',
      'manufacturer part',
      'manufacturer part no',
      'manufacturer part number',
      'manufacturer no',
      'p n',
      'herstellernummer',
      'hersteller nr',
      'herstellerteilenummer',
      'hersteller teilenummer',
      'teilenummer',
      'typenummer',
      // A shop’s own, where another column has the maker’s.
      'part number',
      'part no',
      'part nr',
      'numero de parte',
      'referencia fabricante',
      'ref fabricant',
      'reference fabricant',
    ],
  },
  {
    id: 'remarks',
    isNot: ['value', 'designators'],
    headings: [
      'remarks',
      'remark',
      'notes',
      'note',
      'comment',
      'comments',
      'bemerkung',
      'bemerkungen',
      'anmerkung',
      'hinweis',
      'hinweise',
      'bestuckungshinweis',
      'bestuckungshinweise',
      'montagehinweis',
      'kommentar',
      'opmerking',
      'opmerkingen',
      'remarque',
      'remarques',
      'nota',
      'notas',
      'observaciones',
      'comentario',
      'purpose',
      'colour',
      'color',
      'farbe',
      'couleur',
      'kleur',
      'colour mark',
      'colour code',
      'function',
    ],
  },
  {
    id: 'fitted',
    // “Bestückung” over R1, R2: places.
    isNot: ['designators'],
    headings: [
      'dnp',
      'dnf',
      'dni',
      'dns',
      'do not populate',
      'do not fit',
      'not fitted',
      'populate',
      'fitted',
      'assembly',
      'nicht bestuckt',
      'bestuckung',
      'bestuckt',
      'niet geplaatst',
      'non monte',
      'no montar',
      'montar',
    ],
  },
  {
    id: 'family',
    headings: ['kind of part', 'part family', 'family'],
  },
];

/** A heading as the lists of headings have it: lower case, without accents, signs as blanks. */
export const plainHeading = (heading: string): string =>
  plain(fromChinese(heading))
    .replace(/[._#/()[\]:-]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** Headings that name a column of any meaning; whoever looks for the line of headings counts them. */
export const isHeading = (cell: string): boolean => {
  const heading = plainHeading(cell);
  return columns.some(({ headings }) => headings.includes(heading));
};

/** What bodies and footprints are called, and hardly anything else is. */
export const looksLikeBody = (cell: string): boolean =>
  columns.find(({ id }) => id === 'package')?.looksLike?.test(cell) === true;

/** A place or a value, which no heading is. */
export const looksLikeCell = (cell: string): boolean =>
  columns.some(
    ({ id, looksLike }) =>
      (id === 'designators' || id === 'value') && looksLike !== undefined && looksLike.test(cell),
  );
