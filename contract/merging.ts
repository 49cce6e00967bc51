import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import { uuid, wholeNumber } from './leaves.ts';
import { fields, list, type TypeOf } from './schema.ts';
import { itemIds } from './stores.ts';

const offerIds = list(uuid(said('refusals.stores.takeBackAMergeAsItWas')), (array) =>
  array.max(20_000).required(said('refusals.stores.takeBackAMergeAsItWas')),
);
const most = 500;

/** What came out of a drawer when it was put into another: as it is needed to take that back. */
const takenDrawer = fields({
  itemId: uuid(said('refusals.stores.chooseDrawersFromTheList')),
  pieces: wholeNumber(0, 1_000_000),
  offerIds,
});
export type TakenDrawer = TypeOf<typeof takenDrawer>;

const takenSupplier = fields({
  supplierId: uuid(said('refusals.stores.chooseTheSupplier')),
  offerIds,
});
export type TakenSupplier = TypeOf<typeof takenSupplier>;

export interface Merged<Taken> {
  readonly taken: readonly Taken[];
}

/** Puts what lies in other drawers, and their offers, into one; those are deleted. */
export const mergeDrawers = endpoint<Merged<TakenDrawer>>()({
  method: 'POST',
  path: '/api/stores/items/:itemId/merged',
  access: 'instructor',
  body: fields({ itemIds }),
});

/** Takes a merge back: what it brought goes where it was. Refused where less than that is left by now. */
export const partDrawers = endpoint<Record<string, never>>()({
  method: 'POST',
  path: '/api/stores/items/:itemId/parted',
  access: 'instructor',
  bodySize: 'large',
  body: fields({
    taken: list(takenDrawer, (array) =>
      array.max(most).required(said('refusals.stores.takeBackAMergeAsItWas')),
    ),
  }),
});

/** One supplier from now on sells what others did; those are deleted. */
export const mergeSuppliers = endpoint<Merged<TakenSupplier>>()({
  method: 'POST',
  path: '/api/stores/suppliers/:supplierId/merged',
  access: 'instructor',
  body: fields({
    supplierIds: list(uuid(said('refusals.stores.chooseTheSupplier')), (array) =>
      array.min(1, said('refusals.stores.chooseTheSupplier')).max(most).required(),
    ),
  }),
});

export const partSuppliers = endpoint<Record<string, never>>()({
  method: 'POST',
  path: '/api/stores/suppliers/:supplierId/parted',
  access: 'instructor',
  bodySize: 'large',
  body: fields({
    taken: list(takenSupplier, (array) =>
      array.max(most).required(said('refusals.stores.takeBackAMergeAsItWas')),
    ),
  }),
});
