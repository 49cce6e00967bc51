import { vi } from 'vitest';
import type { Endpoint, PathParameter } from '#contract/endpoint';
import type { Problem } from '#contract/problem';
import { said } from '#core/learning/said';

interface Asked<Path extends string, Body> {
  readonly params: Readonly<Record<PathParameter<Path>, string>>;
  readonly body: Body;
}

interface WrongField {
  readonly field: string;
  readonly message: string;
}

/** Thrown by an answer: what the server says where it refuses, in words of the test’s own. */
export class Refused extends Error {
  readonly status: number;
  readonly errors: readonly WrongField[];

  constructor(status: number, detail: string, errors: readonly WrongField[] = []) {
    super(detail);
    this.status = status;
    this.errors = errors;
  }
}

interface Answer {
  readonly method: string;
  readonly pattern: RegExp;
  readonly reply: (params: Record<string, string>, body: unknown) => unknown;
}

/** A server that answers what a test says, by the contract; everything else is a call too many. */
export class FakeServer {
  readonly #answers: Answer[] = [];
  /** Every call, as `PUT /api/…`. */
  readonly calls: string[] = [];

  constructor() {
    vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => this.#answer(path, init));
  }

  /** The last answer that was given for an endpoint counts; a promise is a server that takes its time. */
  on<Path extends string, Body, Reply>(
    { method, path }: Endpoint<Path, Body, Reply>,
    reply: (asked: Asked<Path, Body>) => Reply | Promise<Reply>,
  ): void {
    this.#answers.unshift({
      method,
      pattern: new RegExp(`^${path.replace(/:(\w+)/g, '(?<$1>[^/]+)')}$`),
      reply: (params, body) => reply({ params, body } as Asked<Path, Body>),
    });
  }

  async #answer(path: string, { method = 'GET', body }: RequestInit): Promise<Response> {
    this.calls.push(`${method} ${path}`);
    const answer = this.#answers.find((one) => one.method === method && one.pattern.test(path));
    if (!answer) throw new Error(`nobody answers ${method} ${path}`);
    const params = { ...answer.pattern.exec(path)?.groups };
    try {
      const reply = await answer.reply(
        params,
        body === undefined ? undefined : JSON.parse(String(body)),
      );
      return new Response(JSON.stringify(reply), { status: 200 });
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      const { status, message: detail, errors } = error;
      const problem: Problem = {
        type: 'about:blank',
        title: 'No',
        status,
        detail,
        says: { title: said('No'), detail: said(detail) },
        errors: errors.map((error) => ({ ...error, says: said(error.message) })),
      };
      return new Response(JSON.stringify(problem), { status });
    }
  }
}
