import type { RequestHandler } from 'express';
import { memo } from '#core/memo';
import type { Database } from '../db/database.ts';
import type { SeatOfPlan } from '../events/eventLog.ts';
import { noSuchSeat, selectSeatByToken } from './queries.ts';

/** A full house of several evenings; what is forgotten is read again. */
const mostKept = 400;

/** What a token can be: nothing else is asked for in the database. */
const tokenForm = /^[\w-]{10,64}$/;

/** The seats that tokens open. The way from a token to its plan never changes once made, so it is asked for once. */
export class SeatTokens {
  readonly #db: Database;
  readonly #known = memo<string, SeatOfPlan>({ name: 'seats by token', most: mostKept });

  constructor(db: Database) {
    this.#db = db;
  }

  async find(token: string): Promise<SeatOfPlan | undefined> {
    const known = this.#known.get(token);
    if (known) return known;
    if (!tokenForm.test(token)) return undefined;
    const seat = await selectSeatByToken(this.#db, token);
    if (!seat) return undefined;
    const { seatId, workshopId, steps } = seat;
    return this.#known.set(token, { seatId, workshopId, steps });
  }

  /** @throws Refusal 404 */
  async existing(token: string): Promise<SeatOfPlan> {
    const seat = await this.find(token);
    if (seat) return seat;
    throw noSuchSeat();
  }

  /** Lets pass whoever has the token of a seat; a wrong one goes by way of `ofWrong`, which may refuse it first. */
  readonly required =
    (ofWrong: RequestHandler): RequestHandler =>
    async (request, response, next) => {
      if (await this.find(String(request.params.token))) return next();
      return ofWrong(request, response, (error?: unknown) => next(error ?? noSuchSeat()));
    };
}
