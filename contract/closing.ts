import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import type { KitEvening } from './kitShelf.ts';
import { flag, trimmedOrEmpty } from './leaves.ts';
import { fields } from './schema.ts';

/** How a workshop was closed, and what is to be different next time. */
export interface Closing {
  /** When the seats were locked; null while they are not. */
  readonly closedAt: string | null;
  /** The links ended with it, and not some days after the evening. */
  readonly linksEnd: boolean;
  /** Empty where nobody has written anything. */
  readonly nextTime: string;
  /** Other workshops with this kit that left something for the next one, the latest first. */
  readonly earlier: readonly KitEvening[];
}

export const getClosing = endpoint<Closing>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/closing',
  access: 'helper',
});

/** Locks the seats, or opens them again. What was done before that and comes later is taken all the same. */
export const closeEvening = endpoint<Closing>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/closing',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ isClosed: flag, linksEnd: flag }),
});

export const longestNextTime = 1000;
const text = () =>
  trimmedOrEmpty(longestNextTime, said('refusals.workshops.writeWhatToChangeOrNothing'));

/** Refused where the text is not the one any more that was read. */
export const writeNextTime = endpoint<Closing>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/next-time',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ text: text(), basedOn: text() }),
});
