import * as yup from 'yup';
import { said } from '#core/learning/said';
import { type DrawerMapping, drawerColumnIds } from '#core/stores/drawerlist/columns';
import type { Move } from '#core/stores/ledger';
import { moveKinds } from '#core/stores/ledger';
import { type Currency, currencies } from '#core/stores/money';
import type { Need } from '#core/stores/needs';
import { breaksProblem, type Offer, type PriceBreak, type Supplier } from '#core/stores/offers';
import type { StockPart } from '#core/stores/stockPart';
import { basedOnVersion } from './basedOn.ts';
import { columnIndex, headings } from './columns.ts';
import { addressOf, endpoint, fileEndpoint } from './endpoint.ts';
import { anyText, flag, trimmed, trimmedOrEmpty, uuid, wholeNumber } from './leaves.ts';
import { stockPartSchema } from './parts.ts';
import {
  fields,
  leaf,
  list,
  nullable,
  oneOf,
  record,
  type Schema,
  sameFor,
  type TypeOf,
} from './schema.ts';
import { type TableFormat, tableTypes } from './tables.ts';

export interface StockItem {
  readonly id: string;
  /** Raised by every change of part, place, minimum or offers. */
  readonly version: number;
  readonly part: StockPart;
  readonly location: string;
  readonly minimum: number;
  /** Pieces by the ledger. */
  readonly level: number;
  readonly offers: readonly Offer[];
}

/** A supplier as it is stored; every change raises its version. */
export interface StoredSupplier extends Supplier {
  readonly version: number;
}

export interface Stores {
  readonly items: readonly StockItem[];
  readonly suppliers: readonly StoredSupplier[];
  /** What amounts are in. */
  readonly currency: Currency;
}

export interface ItemLedger {
  readonly item: StockItem;
  /** In the order of booking. */
  readonly moves: readonly Move[];
}

export interface NeedsReply {
  readonly lines: readonly Need[];
  readonly runsOut: number;
}

const itemFields = {
  part: stockPartSchema,
  location: trimmedOrEmpty(60, said('refusals.stores.sayWhereItLiesOrLeaveIt')),
  minimum: wholeNumber(0, 1_000_000),
};

export const getStores = endpoint<Stores>()({
  method: 'GET',
  path: '/api/stores',
  access: 'helper',
});
/** For the whole site; null takes it back. */
export const setCurrency = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/currency',
  access: 'instructor',
  body: fields({
    currency: nullable(
      oneOf(currencies(), {
        wrong: said('refusals.stores.chooseACurrency'),
        missing: said('refusals.stores.chooseACurrency'),
      }),
    ),
  }),
});

export const createStockItem = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/stores/items',
  access: 'instructor',
  body: fields(itemFields),
});

export const changeStockItem = endpoint<{ version: number }>()({
  method: 'PUT',
  path: '/api/stores/items/:itemId',
  access: 'instructor',
  body: fields({ ...itemFields, version: basedOnVersion }),
});
export const getItemLedger = endpoint<ItemLedger>()({
  method: 'GET',
  path: '/api/stores/items/:itemId/ledger',
  access: 'helper',
});

/** Many drawers at once, with what lies in them already: all of them, or none. */
export const createDrawers = endpoint<{ ids: readonly string[] }>()({
  method: 'POST',
  path: '/api/stores/drawers',
  access: 'instructor',
  bodySize: 'large',
  body: fields({
    drawers: list(fields({ ...itemFields, pieces: wholeNumber(0, 1_000_000) }), (array) =>
      array
        .min(1, said('refusals.stores.chooseAtLeastOneDrawer'))
        .max(500, said('refusals.stores.atMost500Drawers'))
        .required(said('refusals.stores.chooseAtLeastOneDrawer')),
    ),
  }),
});

export const itemIds = list(uuid(said('refusals.stores.chooseDrawersFromTheList')), (array) =>
  array
    .min(1, said('refusals.stores.chooseAtLeastOneDrawer'))
    .max(500, said('refusals.stores.atMost500Drawers'))
    .required(said('refusals.stores.chooseAtLeastOneDrawer')),
);

const cents = wholeNumber(0, 100_000_000);

const priceBreak = record<PriceBreak>({
  fromPacks: wholeNumber(1, 100_000),
  packCents: cents,
});

export const breaksSchema: Schema<readonly PriceBreak[]> = list(priceBreak, (array) =>
  array
    .min(1, said('refusals.stores.writeAtLeastOnePrice'))
    .max(12, said('refusals.stores.atMost12PriceBreaks'))
    .required(said('refusals.stores.writeAtLeastOnePrice'))
    .test('rising', (value, context) => {
      const problem = breaksProblem((value ?? []) as readonly PriceBreak[]);
      return problem === undefined || context.createError({ message: problem });
    }),
);

/** What a list said of drawers, as somebody looked it over: new ones and changes, all of them, or none. */
export interface DrawersTaken {
  readonly made: number;
  readonly changed: number;
  /** Suppliers that were not known: what a delivery costs and how long it takes is still to be said. */
  readonly newSuppliers: readonly string[];
}

const listedOffer = fields({
  supplier: trimmed(60, said('refusals.stores.giveTheSupplierAName')),
  packSize: wholeNumber(1, 1_000_000),
  breaks: breaksSchema,
});

const listedDrawer = fields({
  /** The drawer that is changed, as it was read; null for a new one. */
  there: nullable(
    fields({
      itemId: uuid(said('refusals.stores.chooseDrawersFromTheList')),
      version: basedOnVersion,
    }),
  ),
  part: stockPartSchema,
  /** Empty where the list says nothing: what is there stays. */
  location: itemFields.location,
  /** Null where the list says nothing. */
  minimum: nullable(itemFields.minimum),
  pieces: nullable(wholeNumber(0, 1_000_000)),
  /** Take the place of offers of the same supplier in packs of the same size. */
  offers: list(listedOffer, (array) =>
    array
      .max(40, said('refusals.stores.atMost40Offers'))
      .required(said('refusals.stores.listTheOffersOrAnEmptyList')),
  ),
});
export type ListedDrawer = TypeOf<typeof listedDrawer>;

export const takeDrawersOver = endpoint<DrawersTaken>()({
  method: 'POST',
  path: '/api/stores/drawers/listed',
  access: 'instructor',
  bodySize: 'large',
  body: fields({
    drawers: list(listedDrawer, (array) =>
      array
        .min(1, said('refusals.stores.chooseAtLeastOneDrawer'))
        .max(2000, said('refusals.stores.atMost2000Drawers'))
        .required(said('refusals.stores.chooseAtLeastOneDrawer')),
    ),
  }),
});

export const drawerMappingSchema: Schema<DrawerMapping> = record<DrawerMapping>(
  sameFor(drawerColumnIds, columnIndex),
  said('refusals.kits.sayWhichColumnIsWhich'),
);

/** How columns of a list of drawers with such headings were read last, or null. */
export const getDrawerColumns = endpoint<DrawerMapping | null>()({
  method: 'POST',
  path: '/api/stores/remembered-columns',
  access: 'instructor',
  body: fields({ headings }),
});
/** From now on columns of drawers with such headings are read like this. */
export const rememberDrawerColumns = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/remembered-columns',
  access: 'instructor',
  body: fields({ headings, mapping: drawerMappingSchema }),
});

/** Deletes drawers, or brings them back. */
export const removeDrawers = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/drawers/removed',
  access: 'instructor',
  body: fields({ itemIds, removed: flag }),
});

/** Only one that nothing is offered by; or brings it back. */
export const removeSupplier = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/suppliers/:supplierId/removed',
  access: 'instructor',
  body: fields({ removed: flag }),
});

/** The id is made by the device, so that sending a move twice books it once. */
export const bookMove = endpoint<{ level: number }>()({
  method: 'POST',
  path: '/api/stores/items/:itemId/moves',
  access: 'instructor',
  body: fields({
    id: uuid(said('refusals.stores.aMoveHasAnIdOfIts'), said('refusals.stores.aMoveHasAnIdOfIts2')),
    kind: oneOf(moveKinds, {
      wrong: said('refusals.stores.chooseInOutCountOrSpoiled'),
      missing: said('refusals.stores.sayWhatHappened'),
    }),
    pieces: wholeNumber(0, 1_000_000),
    note: anyText(200),
  }),
});

const supplierFields = {
  name: trimmed(60, said('refusals.stores.giveTheSupplierAName')),
  deliveryCents: cents,
  days: wholeNumber(0, 365),
};
export const supplierBody = fields(supplierFields);
export const createSupplier = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/stores/suppliers',
  access: 'instructor',
  body: supplierBody,
});
export const changeSupplier = endpoint<{ version: number }>()({
  method: 'PUT',
  path: '/api/stores/suppliers/:supplierId',
  access: 'instructor',
  body: fields({ ...supplierFields, version: basedOnVersion }),
});

/** All offers of an item; what is not in the list is gone. */
export const changeOffers = endpoint<{ version: number }>()({
  method: 'PUT',
  path: '/api/stores/items/:itemId/offers',
  access: 'instructor',
  body: fields({
    version: basedOnVersion,
    offers: list(
      fields({
        supplierId: uuid(said('refusals.stores.chooseTheSupplier')),
        packSize: wholeNumber(1, 1_000_000),
        breaks: breaksSchema,
      }),
      (array) =>
        array
          .max(40, said('refusals.stores.atMost40Offers'))
          .required(said('refusals.stores.listTheOffersOrAnEmptyList')),
    ),
  }),
});

/** The chance to run out of anything that is accepted where nobody says another. */
export const usualRunOut = 0.05;

export const computeNeeds = endpoint<NeedsReply>()({
  method: 'POST',
  path: '/api/stores/needs',
  access: 'instructor',
  body: fields({
    workshopIds: list(uuid(said('refusals.stores.chooseWorkshopsFromTheList')), (array) =>
      array
        .min(1, said('refusals.stores.chooseAtLeastOneWorkshop'))
        .max(40, said('refusals.stores.chooseAtMost40Workshops'))
        .required(said('refusals.stores.chooseAtLeastOneWorkshop')),
    ),
    /** `usualRunOut` where nothing is said. */
    runOut: leaf(
      yup
        .number()
        .min(0.001, said('refusals.stores.theLeastIs01'))
        .max(0.5, said('refusals.stores.theMostIs50')),
    ),
  }),
});

export const stockFile = fileEndpoint({
  path: '/api/stores/stock.:format',
  access: 'helper',
  types: tableTypes,
  query: ['lang'],
});
export const stockFilePath = (format: TableFormat, lang: string) =>
  addressOf(stockFile, { format }, { lang });

export const ledgerFile = fileEndpoint({
  path: '/api/stores/items/:itemId/ledger.:format',
  access: 'helper',
  types: tableTypes,
  query: ['lang'],
});
export const ledgerFilePath = (itemId: string, format: TableFormat, lang: string) =>
  addressOf(ledgerFile, { itemId, format }, { lang });

export const needsFile = fileEndpoint({
  path: '/api/stores/needs.:format',
  access: 'helper',
  types: tableTypes,
  query: ['for', 'risk', 'lang'],
});
export const needsFilePath = (
  workshopIds: readonly string[],
  runOut: number,
  format: TableFormat,
  lang: string,
) => addressOf(needsFile, { format }, { for: workshopIds.join(','), risk: String(runOut), lang });
