import type { BuildEvent } from '#core/build/event';
import { isPractice } from '#core/learning/practice/answers';
import type { Queryable } from '../db/database.ts';
import { selectLastSeqs, selectLogsOfSeats, selectSeatsByWorkshop } from '../events/queries.ts';

/** The log of a seat, parted: what happened at the board, and what was practised. */
export interface SeatLog {
  readonly board: readonly BuildEvent[];
  readonly practice: readonly BuildEvent[];
}

interface Known {
  readonly seq: number;
  readonly log: SeatLog;
}

/**
 * Logs that were read lately. A log only ever grows, so one that has not grown is the same, and what was worked out of
 * it is kept with it. Only what has changed is read again.
 */
export class LogMemory {
  readonly #known = new Map<string, Known>();
  readonly #most: number;

  /** @param most logs that are kept; those read longest ago are forgotten first */
  constructor(most = mostKnown) {
    this.#most = most;
  }

  /** The logs of some seats, each in the order it was received; a seat where nothing was logged has none. */
  async logsOf(db: Queryable, seatIds: readonly string[]): Promise<ReadonlyMap<string, SeatLog>> {
    const last = await selectLastSeqs(db, seatIds);
    const grown = [...last].filter(([id, seq]) => this.#known.get(id)?.seq !== seq);
    const read = await selectLogsOfSeats(
      db,
      grown.map(([id]) => id),
    );
    // Before anything is forgotten: what is remembered now may push out a log that is asked for as well.
    const logs = new Map(
      [...last.keys()].map((id) => {
        const grew = read.get(id);
        return [id, grew ? partedLog(grew) : (this.#known.get(id)?.log ?? emptyLog())];
      }),
    );
    for (const [id, seq] of grown) this.#remember(id, { seq, log: logs.get(id) ?? emptyLog() });
    return logs;
  }

  /** Reads all logs, an evening at a time, so that the first report need not; others are served in between. */
  async warm(db: Queryable): Promise<void> {
    for (const seatIds of await selectSeatsByWorkshop(db)) await this.logsOf(db, seatIds);
  }

  /** Forgets all: what was logged has been changed, as by erasing a name. */
  clear(): void {
    this.#known.clear();
  }

  #remember(id: string, known: Known): void {
    this.#known.delete(id);
    this.#known.set(id, known);
    for (const oldest of this.#known.keys()) {
      if (this.#known.size <= this.#most) break;
      this.#known.delete(oldest);
    }
  }
}

/** A list of its own each time: what is worked out of a log is kept by it. */
export const emptyLog = (): SeatLog => ({ board: [], practice: [] });

/** An undo belongs to what it undoes. */
function partedLog(log: readonly BuildEvent[]): SeatLog {
  const practised = new Set(log.filter(isPractice).map(({ id }) => id));
  const isOfPractice = (event: BuildEvent) =>
    practised.has(event.id) || (event.kind === 'undo' && practised.has(event.undoes));
  return {
    board: log.filter((event) => !isOfPractice(event)),
    practice: log.filter(isOfPractice),
  };
}

/** Some three years of evenings; a log of 60 steps is about 20 kB. */
const mostKnown = 1500;
