import type { Retention } from '#contract/people';
import type { LogMemory } from '../builds/logMemory.ts';
import type { Database } from '../db/database.ts';
import type { SeatTokens } from '../seats/seatTokens.ts';
import {
  eraseLearner,
  type StoredLearner,
  scrub,
  selectDue,
  selectKeepPeopleMonths,
  selectSeatsOfLearner,
  updateKeepPeopleMonths,
} from './queries.ts';

interface ForgettingDependencies {
  readonly db: Database;
  readonly memory: LogMemory;
  readonly tokens: SeatTokens;
  readonly now: () => Date;
}

/** Erasing people: one by hand, or all for whom the time that was set is over. */
export class Forgetting {
  readonly #parts: ForgettingDependencies;

  constructor(parts: ForgettingDependencies) {
    this.#parts = parts;
  }

  /** Takes the names off the seats, the logs and the disk, and ends their links. */
  async erase(learners: readonly Pick<StoredLearner, 'id' | 'name'>[]): Promise<void> {
    if (learners.length === 0) return;
    const { db, memory, tokens } = this.#parts;
    const seats: string[] = [];
    for (const { id, name } of learners) {
      await db.transaction(async (tx) => {
        const own = await selectSeatsOfLearner(tx, id);
        await tokens.renew(tx, own);
        await eraseLearner(tx, id, name);
        seats.push(...own);
      });
    }
    tokens.changed(seats);
    memory.clear();
    await scrub(db);
  }

  /** @param months null keeps everybody */
  async tryOut(months: number | null): Promise<Retention> {
    const due = await this.#due(months);
    return { months, due: due.map(({ name }) => name) };
  }

  kept = async (): Promise<Retention> => this.tryOut(await selectKeepPeopleMonths(this.#parts.db));

  async set(months: number | null): Promise<Retention> {
    await updateKeepPeopleMonths(this.#parts.db, months);
    await this.eraseDue();
    return this.kept();
  }

  async eraseDue(): Promise<void> {
    await this.erase(await this.#due(await selectKeepPeopleMonths(this.#parts.db)));
  }

  async #due(months: number | null): Promise<StoredLearner[]> {
    const { db, now } = this.#parts;
    return months === null ? [] : selectDue(db, months, now());
  }
}
