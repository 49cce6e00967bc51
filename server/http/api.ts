import express, { type Request, type RequestHandler, type Response, Router } from 'express';
import { check } from '#contract/check';
import {
  type Access,
  type AnyEndpoint,
  bodyBytes,
  type Endpoint,
  type FileEndpoint,
  type PathParameter,
  type RateClass,
  type StreamEndpoint,
  wrongTries,
} from '#contract/endpoint';
import type { Schema } from '#contract/schema';
import { staffOf } from '../auth/sessions.ts';
import { forbidden, invalid } from './refusal.ts';
import { guessLimit } from './security.ts';

export interface Call<Path extends string, Body> {
  readonly params: Readonly<Record<PathParameter<Path>, string>>;
  readonly body: Body;
  readonly request: Request;
  readonly response: Response;
}

export interface Doors {
  /** Lets pass whoever is signed in, and says who it is; see `staffOf`. */
  readonly signedIn: RequestHandler;
  /** Lets pass whoever has the token of a seat; a wrong one goes by way of `ofWrong`. */
  readonly atSeat: (ofWrong: RequestHandler) => RequestHandler;
  /** Counts what comes by a seat's link. */
  readonly ofSeat: RequestHandler;
  /** Stops what must not come over the room's network without encryption. */
  readonly refusePlain: (endpoint: AnyEndpoint) => RequestHandler;
}

/**
 * The calls that the server answers. Who may make one stands on its record in the contract, and so do the size of its
 * body and how often one may guess: a call goes through the door of its record, or it is not answered at all.
 */
export class Api {
  readonly router = Router();
  readonly #served = new Set<AnyEndpoint>();
  readonly #refusePlain: Doors['refusePlain'];
  readonly #doors: Readonly<Record<Access, readonly RequestHandler[]>>;
  /** Before the door; wrong links are counted in it. */
  readonly #rates: Readonly<Record<RateClass, readonly RequestHandler[]>>;

  constructor({ signedIn, atSeat, ofSeat, refusePlain }: Doors) {
    this.#refusePlain = refusePlain;
    // A room full of seats may share one address: only wrong links count.
    const wrongLinks = guessLimit(wrongTries['seat-link']);
    this.#doors = {
      public: [],
      seat: [atSeat(wrongLinks), ofSeat],
      helper: [signedIn],
      instructor: [signedIn, instructorOnly],
    };
    this.#rates = {
      passphrase: [guessLimit(wrongTries.passphrase)],
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
    const { body: schema, bodySize = 'small' } = endpoint;
    const read = schema ? [express.json({ limit: bodyBytes[bodySize] })] : [];
    this.#mount(endpoint, read, async (request, response) => {
      const body = schema ? await checked(schema, request.body) : (undefined as Body);
      const params = request.params as Readonly<Record<PathParameter<Path>, string>>;
      const reply = await answer({ params, body, request, response });
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
  if (staffOf(response).helper === null) return next();
  throw forbidden('This is for the instructor. Helpers look things up and log on the floor.');
};

async function checked<Body>(schema: Schema<Body>, body: unknown): Promise<Body> {
  const found = await check(schema, body ?? {});
  if (!found.ok) throw invalid(found.errors);
  return found.value;
}
