import { type Closing, closeEvening, getClosing, writeNextTime } from '#contract/closing';
import type { KitEvening } from '#contract/kitShelf';
import type { Database } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { changedMeanwhile, notFound } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { selectEvenings } from '../../kits/shelf/queries.ts';
import type { SeatTokens } from '../../seats/seatTokens.ts';
import { selectSeats, selectWorkshop } from '../queries.ts';
import { selectClosing, updateClosed, updateNextTime } from './queries.ts';

interface ClosingDependencies {
  readonly db: Database;
  readonly tokens: SeatTokens;
  readonly now: () => Date;
}

/** The end of an evening: its seats are locked, and what it taught is kept with the kit. */
export function closingRoutes(api: Api, { db, tokens, now }: ClosingDependencies): void {
  const closingOf = async (workshopId: string): Promise<Closing> => {
    const [workshop, closing] = isUuid(workshopId)
      ? await Promise.all([selectWorkshop(db, workshopId), selectClosing(db, workshopId)])
      : [];
    if (!workshop || !closing) throw notFound('workshop');
    const evenings = await selectEvenings(db, workshop.kitId);
    const isLesson = (one: KitEvening) => one.nextTime !== '' && one.workshopId !== workshopId;
    return { ...closing, earlier: evenings.filter(isLesson) };
  };

  api.serve(getClosing, ({ params }) => closingOf(params.workshopId));

  api.serve(closeEvening, async ({ params: { workshopId }, body: { isClosed, linksEnd } }) => {
    await closingOf(workshopId);
    await updateClosed(db, workshopId, isClosed ? now() : null, isClosed && linksEnd);
    tokens.changed((await selectSeats(db, workshopId)).map(({ id }) => id));
    return closingOf(workshopId);
  });

  api.serve(writeNextTime, async ({ params: { workshopId }, body }) => {
    await closingOf(workshopId);
    if (!(await updateNextTime(db, workshopId, body))) throw changedMeanwhile();
    return closingOf(workshopId);
  });
}
