import * as yup from 'yup';
import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import { flag, wholeNumber } from './leaves.ts';
import { fields, leaf } from './schema.ts';

/** Pieces taken out of one drawer. */
export interface Taken {
  readonly itemId: string;
  readonly pieces: number;
}

/** How far the packing of a workshop is. */
export interface Packing {
  /** `bag:` with the id of its seat, or `part:` with the place of its line in the list, from 0. */
  readonly ticked: readonly string[];
  /** When the bags were booked out of the drawers; null while they are not. */
  readonly bookedAt: string | null;
  /** Bags that were booked out, less those that went back unopened. */
  readonly bagsOut: number;
  /** Pieces that no drawer had when they were booked. */
  readonly missing: number;
}

export const tickKey = /^(bag:[0-9a-f-]{36}|part:\d{1,4})$/;

export const getPacking = endpoint<Packing>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/packing',
  access: 'helper',
});

/** Ticks something or takes the tick back; said twice it is the same. */
export const tickPacking = endpoint<Packing>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/packing/ticks',
  access: 'helper',
  body: fields({
    key: leaf(
      yup
        .string()
        .strict()
        .required()
        .matches(tickKey, { message: said('refusals.stores.tickABagOrAPart') }),
    ),
    ticked: flag,
  }),
});

/** Books what all bags hold out of the drawers, or puts it back. */
export const bookPacking = endpoint<Packing>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/packing/booked',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ booked: flag }),
});

/** Puts back what bags hold that nobody has opened. */
export const returnBags = endpoint<Packing>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/packing/returned',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ unopened: wholeNumber(1, 500) }),
});
