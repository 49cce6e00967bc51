import { getBoardOfSeat } from '#contract/faults';
import { wiredKitOf } from '#contract/kits';
import { foldSeat } from '#core/build/foldSeat';
import { circuitOf } from '#core/circuit/circuitOf';
import { supplyOf } from '#core/circuit/supplyOf';
import { answersOfReadings, notFitted } from '#core/faults/atSeat';
import { stateOfBuild } from '#core/learning/builds';
import { familyOf } from '#core/parts/families/index';
import { isInstructor } from '../auth/sessions.ts';
import { emptyLog, type LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import type { StoredRevision } from '../kits/queries.ts';
import { selectSeats, selectWorkshop } from '../workshops/queries.ts';
import { faultsOfRevision, revisionOfWorkshop } from './faultsOfKit.ts';

/** What is known of the board of one seat before anybody looks at it. */
export function boardOfSeatRoutes(api: Api, db: Database, memory: LogMemory): void {
  api.serve(getBoardOfSeat, async ({ params: { workshopId, seatId }, response }) => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(db, workshopId) : undefined;
    const seats = workshop ? await selectSeats(db, workshop.id) : [];
    const seat = seats.find(({ id }) => id === seatId);
    const revision = workshop && (await revisionOfWorkshop(db, workshop.id));
    if (!workshop || !seat || !revision) throw notFound('seat');
    const log = (await memory.logsOf(db, [seat.id])).get(seat.id) ?? emptyLog();
    const { steps } = workshop;
    const state = foldSeat(
      steps.map(({ id }) => id),
      log.board,
    );
    const faults = await faultsOfRevision(db, revision);
    // What somebody did on other evenings is a record of a person, which helpers do not see.
    const others =
      seat.learnerId !== null && isInstructor(response)
        ? (await selectBuilds(db, memory, { learnerId: seat.learnerId })).filter(
            ({ seatId: other }) => other !== seat.id,
          )
        : [];
    const { mistakes, replaced } = state;
    return {
      revision: workshop.revision,
      board: revision.board,
      parts: revision.lines.map(({ part }) => part),
      faults,
      missing: notFitted({ steps, state }),
      supply: supplyPlaces(revision),
      readings: faults ? answersOfReadings(faults, { steps, state }) : [],
      habit: {
        builds: 1 + others.length,
        mistakes: [...mistakes, ...others.flatMap((build) => stateOfBuild(build).mistakes)].map(
          ({ mistake }) => mistake,
        ),
      },
      happened: { mistakes, replaced },
    };
  });
}

/** Where the supply comes in, and whatever holds or is a battery. */
function supplyPlaces(revision: StoredRevision): string[] {
  const kit = wiredKitOf(revision);
  const place = supplyOf(circuitOf(kit), kit.circuitNotes)?.place;
  const feeding = kit.parts.filter((part) => familyOf(part).power !== 'none');
  return [...new Set([...(place ? [place] : []), ...feeding.flatMap((part) => part.designators)])];
}
