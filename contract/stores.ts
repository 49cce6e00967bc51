import { validate as isUuid } from 'uuid';
import * as yup from 'yup';
import type { Move, MoveKind } from '#core/stores/ledger';
import { moveKinds } from '#core/stores/ledger';
import type { Need } from '#core/stores/needs';
import { breaksProblem, type Offer, type PriceBreak, type Supplier } from '#core/stores/offers';
import type { StockPart } from '#core/stores/stockPart';
import { endpoint } from './endpoint.ts';
import { stockPartSchema } from './parts.ts';

export interface StockItem {
  readonly id: string;
  readonly part: StockPart;
  readonly location: string;
  readonly minimum: number;
  /** Pieces by the ledger. */
  readonly level: number;
  readonly offers: readonly Offer[];
}

export interface Stores {
  readonly items: readonly StockItem[];
  readonly suppliers: readonly Supplier[];
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

const wholeNumber = (what: string, least: number, most: number) =>
  yup
    .number()
    .typeError(`Write ${what} as a whole number.`)
    .integer(`Write ${what} as a whole number.`)
    .min(least, `The least is ${least}.`)
    .max(most, `The most is ${most}.`)
    .required(`Write ${what}.`);

const text = (most: number) =>
  yup
    .string()
    .strict()
    .trim('Remove the blanks around it.')
    .max(most, `At most ${most} characters.`);

const itemFields = {
  part: stockPartSchema,
  location: text(60).defined('Say where it lies, or leave it empty.'),
  minimum: wholeNumber('the least number to have', 0, 1_000_000),
};

export const getStores = endpoint<Stores>()({ method: 'GET', path: '/api/stores' });
export const createStockItem = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/stores/items',
  body: yup.object(itemFields),
});
export const changeStockItem = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/items/:itemId',
  body: yup.object(itemFields),
});
export const getItemLedger = endpoint<ItemLedger>()({
  method: 'GET',
  path: '/api/stores/items/:itemId/ledger',
});

/** The id is made by the device, so that sending a move twice books it once. */
export const bookMove = endpoint<{ level: number }>()({
  method: 'POST',
  path: '/api/stores/items/:itemId/moves',
  body: yup.object({
    id: yup
      .string()
      .strict()
      .required('A move has an id of its own.')
      .test('uuid', 'A move has an id of its own, a UUID.', (text) => isUuid(text)),
    kind: yup
      .string()
      .oneOf([...moveKinds], 'Choose in, out, count or spoiled.')
      .required('Say what happened.') as unknown as yup.ISchema<MoveKind>,
    pieces: wholeNumber('the pieces', 0, 1_000_000),
    note: text(200).defined(),
  }),
});

const cents = (what: string) => wholeNumber(what, 0, 100_000_000);

export const supplierBody = yup.object({
  name: text(60).required('Give the supplier a name.'),
  deliveryCents: cents('the delivery cost in cents'),
  days: wholeNumber('the days until it arrives', 0, 365),
});
export const createSupplier = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/stores/suppliers',
  body: supplierBody,
});
export const changeSupplier = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/suppliers/:supplierId',
  body: supplierBody,
});

const breaks = yup
  .array(
    yup
      .object({
        fromPacks: wholeNumber('the number of packs', 1, 100_000),
        packCents: cents('the price of a pack in cents'),
      })
      .required(),
  )
  .min(1, 'Write at least one price.')
  .max(12, 'At most 12 price breaks.')
  .required('Write at least one price.')
  .test('rising', (value, context) => {
    const problem = breaksProblem((value ?? []) as readonly PriceBreak[]);
    return problem === undefined || context.createError({ message: problem });
  });

/** All offers of an item; what is not in the list is gone. */
export const changeOffers = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/stores/items/:itemId/offers',
  body: yup.object({
    offers: yup
      .array(
        yup
          .object({
            supplierId: yup.string().strict().uuid().required('Choose the supplier.'),
            packSize: wholeNumber('the pieces in a pack', 1, 1_000_000),
            breaks,
          })
          .required(),
      )
      .max(40, 'At most 40 offers.')
      .required('List the offers, or an empty list.'),
  }),
});

/** The chance to run out of anything that is accepted where nobody says another. */
export const usualRunOut = 0.05;

export const computeNeeds = endpoint<NeedsReply>()({
  method: 'POST',
  path: '/api/stores/needs',
  body: yup.object({
    workshopIds: yup
      .array(yup.string().strict().uuid().required())
      .min(1, 'Choose at least one workshop.')
      .max(40, 'Choose at most 40 workshops.')
      .required('Choose at least one workshop.'),
    runOut: yup
      .number()
      .min(0.001, 'The least is 0.1 %.')
      .max(0.5, 'The most is 50 %.')
      .default(usualRunOut),
  }),
});

export const stockCsvPath = '/api/stores/stock.csv';
export const ledgerCsvPath = (itemId: string) => `/api/stores/items/${itemId}/ledger.csv`;
export const needsCsvPath = (workshopIds: readonly string[], runOut: number) =>
  `/api/stores/needs.csv?for=${workshopIds.join(',')}&risk=${runOut}`;
