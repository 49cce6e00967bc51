import express, { type Request, type RequestHandler, type Response, Router } from 'express';
import { check } from '#contract/check';
import {
  type Access,
  type AnyEndpoint,
  bodyBytes,
  bodyOf,
  type Endpoint,
  type FileEndpoint,
  type PathParameter,
  type RateClass,
  type StreamEndpoint,
  wrongLinks,
} from '#contract/endpoint';
import type { RecordedDeed } from '#contract/recordedDeeds';
import type { Schema } from '#contract/schema';
import { said } from '#core/learning/said';
import { isInstructor, staffOf } from '../auth/sessions.ts';
import { forbidden, invalid } from './refusal.ts';
import { guessLimit } from './security.ts';
import { isUuid } from './uuid.ts';

export interface Call<Path extends string, Body> {
  readonly params: Readonly<Record<PathParameter<Path>, string>>;
  readonly body: Body;
  readonly request: Request;
  readonly response: Response;
}

export interface Doors {
  /** Lets pass whoever is signed in, and says who it is; see `staffOf`. */
  readonly signedIn: RequestHandler;
  /** Stops helpers at evenings that are not of their day. */
  readonly ofTheirDay: RequestHandler;
  /** Lets pass whoever has the token of a seat; a wrong one goes by way of `ofWrong`. */
  readonly atSeat: (ofWrong: RequestHandler) => RequestHandler;
  /** Counts what comes by a seat's link. */
  readonly ofSeat: RequestHandler;
  /** Stops what must not come over the room's network without encryption. */
  readonly refusePlain: (endpoint: AnyEndpoint) => RequestHandler;
}

/** Writes down what was done, by whom and to what. */
export type Recorder = (
  what: RecordedDeed,
  done: {
    readonly accountId: string | null;
    readonly request: Request;
    readonly about?: string | null;
  },
) => Promise<void>;

/**
 * The calls that the server answers. Who may make one stands on its record in the contract, and so do the size of its
 * body and how often one may guess: a call goes through the door of its record, or it is not answered at all.
 */
export class Api {
  readonly router = Router();
  readonly #served = new Set<AnyEndpoint>();
  readonly #refusePlain: Doors['refusePlain'];
  readonly #record: Recorder;
  readonly #tellChanged: (workshopId: string) => void;
  readonly #doors: Readonly<Record<Access, readonly RequestHandler[]>>;
  /** Before the door; wrong links are counted in it. */
  readonly #rates: Readonly<Record<RateClass, readonly RequestHandler[]>>;

  constructor(
    { signedIn, ofTheirDay, atSeat, ofSeat, refusePlain }: Doors,
    record: Recorder,
    tellChanged: (workshopId: string) => void,
  ) {
    this.#refusePlain = refusePlain;
    this.#record = record;
    this.#tellChanged = tellChanged;
    // A room full of seats may share one address: only wrong links count.
    const ofWrongLinks = guessLimit(wrongLinks);
    this.#doors = {
      public: [],
      seat: [atSeat(ofWrongLinks), ofSeat],
      helper: [signedIn, ofTheirDay],
      instructor: [signedIn, instructorOnly],
    };
    this.#rates = {
      // By the account, not by the address: see Guesses.
      passphrase: [],
      'seat-link': [],
    };
  }

  /** What has been given an answer so far. */
  get served(): ReadonlySet<AnyEndpoint> {
    return this.#served;
  }

  /**
   * Answers a call with data: checks the body by its schema, and sends what `answer` returns.
   *
   * @param answer gets a body that satisfies the schema
   */
  serve<Path extends string, Body, Reply>(
    endpoint: Endpoint<Path, Body, Reply>,
    answer: (call: Call<Path, Body>) => Promise<Reply>,
  ): void {
    const { bodySize = 'small' } = endpoint;
    const read = endpoint.body ? [express.json({ limit: bodyBytes[bodySize] })] : [];
    this.#mount(endpoint, read, async (request, response) => {
      const schema = await bodyOf(endpoint);
      const body = schema ? checked(schema, request.body) : (undefined as Body);
      const params = request.params as Readonly<Record<PathParameter<Path>, string>>;
      const reply = await answer({ params, body, request, response });
      await this.#recordDone(endpoint, request, response, reply);
      if (!response.headersSent) response.json(reply);
    });
  }

  /** Answers with a file, or with a stream of events: `answer` sends it. */
  send<Path extends string>(
    endpoint: FileEndpoint<Path> | StreamEndpoint<Path>,
    answer: (call: Omit<Call<Path, undefined>, 'body'>) => Promise<void>,
  ): void {
    this.#mount(endpoint, [], async (request, response) => {
      const params = request.params as Readonly<Record<PathParameter<Path>, string>>;
      await answer({ params, request, response });
      await this.#recordDone(endpoint, request, response, undefined);
    });
  }

  /** What has an id of its own in the path, or was made just now, is what it was done to. */
  async #recordDone(
    { recorded }: AnyEndpoint,
    request: Request,
    response: Response,
    reply: unknown,
  ): Promise<void> {
    if (recorded === undefined) return;
    const { workshopId } = request.params;
    if (recorded === 'workshop-changed' && typeof workshopId === 'string')
      this.#tellChanged(workshopId);
    const made = (reply as { readonly id?: unknown } | null | undefined)?.id;
    const ids = [...Object.values(request.params), made];
    const about = ids.find((id) => typeof id === 'string' && isUuid(id));
    await this.#record(recorded, {
      accountId: staffOf(response).accountId,
      request,
      about: (about as string | undefined) ?? null,
    });
  }

  #mount(endpoint: AnyEndpoint, read: readonly RequestHandler[], answer: RequestHandler): void {
    const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    const { rate, access, path } = endpoint;
    this.#served.add(endpoint);
    this.router[method](
      path,
      this.#refusePlain(endpoint),
      ...(rate ? this.#rates[rate] : []),
      ...this.#doors[access],
      ...read,
      answer,
    );
  }
}

/** Helpers log on the floor and look things up; kits, stores, plans and records are the instructor's. */
const instructorOnly: RequestHandler = (_request, response, next) => {
  if (isInstructor(response)) return next();
  throw forbidden(said('refusals.any.thisIsForTheInstructorHelpersLook'));
};

function checked<Body>(schema: Schema<Body>, body: unknown): Body {
  const found = check(schema, body ?? {});
  if (!found.ok) throw invalid(found.errors);
  return found.value;
}
