import { said } from '#core/learning/said';
import {
  fewestColumns,
  mostCells,
  mostColumns,
  type RoomPlan,
  type RoomThing,
} from '#core/pace/seating/roomPlan';
import { basedOnVersion } from './basedOn.ts';
import { endpoint } from './endpoint.ts';
import { trimmed, uuid, wholeNumber } from './leaves.ts';
import { fields, list, literal, nullable, oneOfKind, record, type Schema } from './schema.ts';

type ThingOf<Kind extends RoomThing['kind']> = Extract<RoomThing, { readonly kind: Kind }>;

export const longestThing = 30;

export const roomPlanSchema: Schema<RoomPlan> = record<RoomPlan>({
  columns: wholeNumber(fewestColumns, mostColumns),
  cells: list(
    nullable(
      oneOfKind<RoomThing>({
        seat: record<ThingOf<'seat'>>({
          kind: literal('seat'),
          seat: uuid(
            said('refusals.workshops.sayWhichSeat'),
            said('refusals.workshops.reloadThePage'),
          ),
        }),
        thing: record<ThingOf<'thing'>>({
          kind: literal('thing'),
          thing: trimmed(longestThing, said('refusals.workshops.sayWhatStandsThere')),
        }),
      }),
    ),
    (array) => array.required().max(mostCells),
  ),
});

/** The room of a workshop, with the version that a change is made from. */
export interface WorkshopRoom {
  readonly plan: RoomPlan;
  readonly version: number;
}

export const getWorkshopRoom = endpoint<WorkshopRoom>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/room-plan',
  access: 'helper',
});

export const changeWorkshopRoom = endpoint<WorkshopRoom>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/room-plan',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ plan: roomPlanSchema, version: basedOnVersion }),
});
