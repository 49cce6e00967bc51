import { getLookFirst } from '#contract/seats';
import { lookFirst } from '#core/faults/lookFirst';
import { weightsOf } from '#core/faults/seenBefore';
import { seenIn } from '#core/faults/seenIn';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { linkOver, noSuchSeat, selectSeatByToken } from '../seats/queries.ts';
import { linkState } from '../seats/seatLink.ts';
import { revisionOfWorkshop } from './faultsOfKit.ts';

/** What a learner looks at on a board that does not work, by what went wrong at earlier builds of the kit. */
export function lookFirstRoutes(api: Api, db: Database, memory: LogMemory, now: () => Date): void {
  api.serve(getLookFirst, async ({ params }) => {
    const seat = await selectSeatByToken(db, params.token);
    if (!seat) throw noSuchSeat();
    if (linkState(seat, now()) === 'over') throw linkOver();
    const kit = await revisionOfWorkshop(db, seat.workshopId);
    const builds = kit ? await selectBuilds(db, memory, { kitId: kit.id }) : [];
    const { parts, board } = kitOfSteps(seat, seat.board);
    const { supplyVolt = null, circuitNotes = {} } = kit ?? {};
    return lookFirst({ parts, board, circuitNotes, supplyVolt }, weightsOf(seenIn(builds)));
  });
}
