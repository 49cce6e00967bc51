import { getPracticeItems, getSeatPractice, type SeatPractice } from '#contract/practice';
import { byTime } from '#core/learning/builds';
import { answersOf } from '#core/learning/practice/answers';
import { talliesOf } from '#core/learning/practice/difficulty';
import { slipsOf } from '#core/learning/practice/weaknesses';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { linkOver, noSuchSeat, selectSeatByToken } from '../seats/queries.ts';
import { linkState } from '../seats/seatLink.ts';
import { practiceKitOf } from './practiceKit.ts';
import { selectNextBuild } from './queries.ts';

/** How often each exercise went right at this site: figures of nobody in particular. */
const itemsAnswered = async (db: Database, memory: LogMemory) =>
  talliesOf(
    (await selectBuilds(db, memory, 'everybody')).flatMap(({ practice }) => answersOf(practice)),
  );

/** What a learner practises, from the link of a seat: their next kit, their earlier answers, their own mistakes. */
export function practiceRoutes(api: Api, db: Database, memory: LogMemory, now: () => Date): void {
  api.serve(getSeatPractice, async ({ params }): Promise<SeatPractice> => {
    const seat = await selectSeatByToken(db, params.token);
    if (!seat) throw noSuchSeat();
    if (linkState(seat, now()) === 'over') throw linkOver();
    const { learnerId, seatId } = seat;
    // The link is on paper: it shows this evening's records, and others only where the learner may keep them.
    const builds =
      learnerId === null
        ? []
        : (await selectBuilds(db, memory, { learnerId })).filter(
            (build) => seat.keepsPage || build.seatId === seatId,
          );
    const next = (learnerId === null ? undefined : await selectNextBuild(db, learnerId)) ?? seat;
    return {
      kitName: next.kitName,
      kit: await practiceKitOf(db, next),
      earlier: builds
        .filter((build) => build.seatId !== seatId)
        .flatMap(({ practice }) => answersOf(practice))
        .sort(byTime),
      slips: builds.flatMap(slipsOf).sort(byTime),
      items: await itemsAnswered(db, memory),
    };
  });

  api.serve(getPracticeItems, () => itemsAnswered(db, memory));
}
