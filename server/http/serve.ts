import type { Request, Response, Router } from 'express';
import { ValidationError } from 'yup';
import type { Endpoint, PathParameter } from '#contract/endpoint';
import { invalid } from './refusal.ts';

export interface Call<Path extends string, Body> {
  readonly params: Readonly<Record<PathParameter<Path>, string>>;
  readonly body: Body;
  readonly request: Request;
  readonly response: Response;
}

/**
 * Puts an endpoint of the contract on a router: checks the body by its schema, and sends what `answer` returns.
 *
 * @param answer gets a body that satisfies the schema, with unknown fields removed
 */
export function serve<Path extends string, Body, Reply>(
  router: Router,
  endpoint: Endpoint<Path, Body, Reply>,
  answer: (call: Call<Path, Body>) => Promise<Reply>,
): void {
  const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  router[method](endpoint.path, async (request: Request, response: Response) => {
    const body = endpoint.body ? await checked(endpoint.body, request.body) : (undefined as Body);
    const params = request.params as Readonly<Record<PathParameter<Path>, string>>;
    const reply = await answer({ params, body, request, response });
    if (!response.headersSent) response.json(reply);
  });
}

async function checked<Body>(
  schema: NonNullable<Endpoint<string, Body, unknown>['body']>,
  body: unknown,
): Promise<Body> {
  try {
    return await schema.validate(body ?? {}, { abortEarly: false, stripUnknown: true });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const found = error.inner.length > 0 ? error.inner : [error];
    throw invalid(found.slice(0, 20).map(({ path, message }) => ({ field: path ?? '', message })));
  }
}
