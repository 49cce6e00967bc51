import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import { uuid, wholeNumber } from './leaves.ts';
import { fields, list, nullable, oneOf } from './schema.ts';
import { maxSeats, setAsides, workshopFields } from './workshops.ts';

/** Calls a workshop off, puts it away, or takes either back. The seats of one that is called off are told so. */
export const setWorkshopAside = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/set-aside',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({
    setAside: nullable(
      oneOf(setAsides, {
        wrong: said('refusals.workshops.cancelledArchivedOrNeither'),
        missing: said('refusals.workshops.cancelledArchivedOrNeither'),
      }),
    ),
  }),
});

/** Only one at which nothing was recorded or booked; it can be brought back for some days. */
export const removeWorkshop = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/workshops/:workshopId',
  access: 'instructor',
  recorded: 'workshop-removed',
});

export const bringWorkshopBack = endpoint<Record<string, never>>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/back',
  access: 'instructor',
  recorded: 'workshop-changed',
});

/** What planning a workshop again with a kit, as that is now, would mean for the seats that have begun. */
export interface KitChange {
  readonly revision: number;
  readonly steps: number;
  /** Seats at which a step is done. */
  readonly begun: number;
  /** Done steps of these seats that the new plan does not have: they stay in the log and count no more. */
  readonly lost: number;
}

export const getKitChange = endpoint<KitChange>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/kit/:kitId',
  access: 'instructor',
});

/** The latest revision of that kit takes the place of what was planned; refused where more seats have begun than somebody saw. */
export const changeWorkshopKit = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/kit',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ kitId: workshopFields.kitId, begun: wholeNumber(0, maxSeats) }),
});

/** The seat is there no more, and its link ends; what was recorded at it stays with the person. */
export const removeSeat = endpoint<Record<string, never>>()({
  method: 'DELETE',
  path: '/api/workshops/:workshopId/seats/:seatId',
  access: 'instructor',
  recorded: 'workshop-changed',
});

export const bringSeatBack = endpoint<{ number: number }>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats/:seatId/back',
  access: 'instructor',
  recorded: 'workshop-changed',
});

/** Two change places with all that was recorded; their links go with them. */
export const swapSeats = endpoint<Record<string, never>>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats/:seatId/swap',
  access: 'helper',
  recorded: 'workshop-changed',
  body: fields({
    with: uuid(said('refusals.workshops.sayWhichSeat'), said('refusals.workshops.reloadThePage')),
  }),
});

/** Everybody gets the number of their place in this order, with name, records, link and partner. */
export const arrangeSeats = endpoint<Record<string, never>>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/arrangement',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({
    order: list(
      uuid(said('refusals.workshops.sayWhichSeat'), said('refusals.workshops.reloadThePage')),
      (array) => array.required(said('refusals.workshops.sayWhoSitsWhere')).max(maxSeats),
    ),
  }),
});
