import { randomBytes } from 'node:crypto';
import type { RequestHandler } from 'express';
import { memo } from '#core/memo';
import type { Database, Queryable } from '../db/database.ts';
import type { SeatOfPlan } from '../events/eventLog.ts';
import { type OpenStreams, seatOwner } from '../events/openStreams.ts';
import { endedLink, noSuchSeat, replaceTokens, selectSeatByToken } from './queries.ts';
import type { LinkTimes } from './seatLink.ts';

/** A full house of several evenings; what is forgotten is read again. */
const mostKept = 400;

/** What a token can be: nothing else is asked for in the database. */
const tokenForm = /^[\w-]{10,64}$/;

/** 192 bits, so that no token can be guessed. */
export const newToken = () => randomBytes(24).toString('base64url');

/** The seat of a token: its plan, and when its link opens and ends. */
export type SeatOfToken = SeatOfPlan & LinkTimes;

/** The seats that tokens open: asked for once, and again after anything about links has changed. */
export class SeatTokens {
  readonly #db: Database;
  readonly #streams: OpenStreams;
  readonly #known = memo<string, SeatOfToken>({ name: 'seats by token', most: mostKept });

  constructor(db: Database, streams: OpenStreams) {
    this.#db = db;
    this.#streams = streams;
  }

  async find(token: string): Promise<SeatOfToken | undefined> {
    const known = this.#known.get(token);
    if (known) return known;
    if (!tokenForm.test(token)) return undefined;
    const seat = await selectSeatByToken(this.#db, token);
    if (!seat) return undefined;
    const { seatId, workshopId, steps, startsAt, lengthMinutes, openedAt, keepsPage, closedAt } =
      seat;
    return this.#known.set(token, {
      seatId,
      workshopId,
      steps,
      startsAt,
      lengthMinutes,
      openedAt,
      keepsPage,
      closedAt,
      linksEnd: seat.linksEnd,
    });
  }

  /** @throws Refusal 404, or 410 where the token opened a seat once */
  async existing(token: string): Promise<SeatOfToken> {
    const seat = await this.find(token);
    if (seat) return seat;
    throw (tokenForm.test(token) && (await endedLink(this.#db, token))) || noSuchSeat();
  }

  /** Gives seats new links inside a transaction; call `changed` once it is through. */
  async renew(tx: Queryable, seatIds: readonly string[]): Promise<void> {
    if (seatIds.length === 0) return;
    await replaceTokens(
      tx,
      seatIds.map((seatId) => ({ seatId, token: newToken() })),
    );
  }

  /** Whatever was known of links may be wrong now; whoever listens at these seats comes back by their link. */
  changed(seatIds: readonly string[] = []): void {
    this.#known.clear();
    for (const seatId of seatIds) this.#streams.end(seatOwner(seatId));
  }

  /** Lets pass whoever has the token of a seat; a wrong one goes by way of `ofWrong`, which may refuse it first. */
  readonly required =
    (ofWrong: RequestHandler): RequestHandler =>
    async (request, response, next) => {
      const token = String(request.params.token);
      if (await this.find(token)) return next();
      const error = await this.existing(token).catch((refusal: unknown) => refusal);
      return ofWrong(request, response, (limit?: unknown) => next(limit ?? error));
    };
}
