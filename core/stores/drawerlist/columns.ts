import { type ColumnDefinition, columns } from '../../partslist/columns.ts';

/** What a list of drawers can say of the part itself: the columns that a parts list has for it. */
const ofPart = [
  'description',
  'value',
  'tolerance',
  'ratedVolt',
  'pins',
  'bandCount',
  'package',
] as const;

export const drawerColumnIds = [
  ...ofPart,
  'location',
  'onHand',
  'minimum',
  'supplier',
  'packSize',
  'packPrice',
] as const;
export type DrawerColumnId = (typeof drawerColumnIds)[number];

export type DrawerMapping = Readonly<Partial<Record<DrawerColumnId, number>>>;

const isOfPart = (id: string): id is (typeof ofPart)[number] =>
  (ofPart as readonly string[]).includes(id);

/** Headings that a list of drawers has for the part beside those of parts lists. */
const also: Readonly<Partial<Record<DrawerColumnId, readonly string[]>>> = {
  description: [
    'kind of part',
    'art des bauteils',
    'clase de pieza',
    'article',
    'contents',
    'inhalt',
  ],
};

/** A figure alone is a number of pieces here, however much it looks like a value. */
const looks: Readonly<Partial<Record<DrawerColumnId, { readonly looksLike: RegExp }>>> = {
  value: {
    looksLike: /^(?=\d*[a-zΩµ])[\d.,]{1,8}\s?(?:[kKMRunpµm]\d{0,3})?\s?(?:ohm|Ω|F|H|Hz|V)?$/i,
  },
};

/** Headings in several languages, lower case, without accents, as in parts lists. */
const own: readonly ColumnDefinition<DrawerColumnId>[] = [
  {
    id: 'location',
    mayCount: true,
    headings: [
      'location',
      'drawer',
      'bin',
      'box',
      'shelf',
      'storage',
      'where',
      'rack',
      'place',
      'lagerort',
      'lagerplatz',
      'fach',
      'schublade',
      'ort',
      'lugar',
      'cajon',
      'caja',
      'estante',
      'gaveta',
      'regal',
      'ubicacion',
      'emplacement',
      'tiroir',
      'lade',
    ],
  },
  {
    id: 'onHand',
    isStrict: true,
    headings: [
      'on hand',
      'in stock',
      'stock',
      'quantity',
      'qty',
      'pieces',
      'pcs',
      'count',
      'counted',
      'available',
      'vorhanden',
      'bestand',
      'lagerbestand',
      'menge',
      'anzahl',
      'stuck',
      'gezahlt',
      'disponible',
      'existencias',
      'cant',
      'ctd',
      'uds',
      'stk',
      'units',
      'how many',
      'wie viele',
      'cuantas',
      'cantidad',
      'hay',
      'aantal',
      'voorraad',
    ],
    looksLike: /^\d{1,3}(?:[.,' ]?\d{3})*$/,
    looksLikeFaintly: true,
  },
  {
    id: 'minimum',
    headings: [
      'minimum',
      'min',
      'reorder level',
      'reorder point',
      'reorder at',
      'mindestbestand',
      'mindestmenge',
      'minimo',
      'minimum stock',
      'mindest',
      'soll',
      'sollbestand',
      'want',
      'wanted',
      'target',
      'keep at least',
      'deseado',
    ],
  },
  {
    id: 'supplier',
    headings: [
      'supplier',
      'vendor',
      'shop',
      'seller',
      'lieferant',
      'handler',
      'bezugsquelle',
      'einkauf bei',
      'bought at',
      'comprado en',
      'source',
      'quelle',
      'proveedor',
      'tienda',
      'fournisseur',
      'leverancier',
    ],
  },
  {
    id: 'packSize',
    headings: [
      'pack size',
      'pieces a pack',
      'pack',
      'per pack',
      'pack qty',
      'packungsgroße',
      'packungsgroesse',
      'packungsgrosse',
      'verpackungseinheit',
      've',
      'tamano del paquete',
      'por paquete',
    ],
  },
  {
    id: 'packPrice',
    headings: [
      'price',
      'pack price',
      'price per pack',
      'prices per pack, from packs',
      'cost',
      'unit price',
      'preis',
      'packungspreis',
      'preise je packung, ab packungen',
      'precio',
      'precio del paquete',
      'precios por paquete, desde paquetes',
      'prix',
      'prijs',
    ],
    looksLike: /^(?:[€$£]|[A-Z]{3})?\s?\d{1,6}[.,]\d{2}\s?(?:[€$£]|[A-Z]{3})?$/,
  },
];

/** What a column of a list of drawers can hold. */
export const drawerColumns: readonly ColumnDefinition<DrawerColumnId>[] = [
  ...columns.flatMap(({ id, headings, ...rest }) =>
    isOfPart(id)
      ? [{ ...rest, ...looks[id], id, headings: [...headings, ...(also[id] ?? [])] }]
      : [],
  ),
  ...own,
];
