import { t } from 'i18next';
import type { Endpoint, PathParameter } from '#contract/endpoint';
import type { Problem } from '#contract/problem';
import { type Said, said } from '#core/learning/said';
import { saying } from '#core/words/sayings';
import { canSayRefusals, toldOf } from './told.ts';

/** A refusal by the server, or no answer at all (status 0). */
export class CallProblem extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }

  /** The same refusal with more to say. */
  with(more: string): CallProblem {
    return new CallProblem({ ...this.problem, detail: `${this.problem.detail} ${more}` });
  }

  /** Somebody else was first: what was read is not what is stored any more. */
  get isConflict(): boolean {
    return this.problem.status === 409;
  }

  /** What the server says about one field of the body. */
  about(field: string): string | undefined {
    return this.problem.errors?.find((error) => error.field === field)?.message;
  }
}

type Input<Path extends string, Body> = ([PathParameter<Path>] extends [never]
  ? { readonly params?: undefined }
  : { readonly params: Readonly<Record<PathParameter<Path>, string>> }) &
  (Body extends undefined ? { readonly body?: undefined } : { readonly body: Body });

/**
 * Calls an endpoint of the contract.
 *
 * @throws CallProblem for every refusal, and with status 0 where the server cannot be reached
 */
export async function call<Path extends string, Body, Reply>(
  endpoint: Endpoint<Path, Body, Reply>,
  input: Input<Path, Body>,
): Promise<Reply> {
  const params = (input.params ?? {}) as Readonly<Record<string, string>>;
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(params[name] ?? ''),
  );
  const response = await reach(path, {
    method: endpoint.method,
    ...(input.body === undefined
      ? {}
      : { body: JSON.stringify(input.body), headers: { 'Content-Type': 'application/json' } }),
  });
  const text = await response.text();
  if (response.ok) return JSON.parse(text) as Reply;
  throw new CallProblem(await readProblem(text, response.status));
}

async function reach(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init);
  } catch {
    throw new CallProblem(
      problemOf(0, said('ui.call.noConnection'), said('ui.call.cannotBeReached')),
    );
  }
}

async function readProblem(text: string, status: number): Promise<Problem> {
  try {
    return await inWords(JSON.parse(text) as Problem);
  } catch {
    return problemOf(
      status,
      said('ui.call.thatDidNotWork'),
      said('ui.call.theServerGaveNoAnswerThat'),
    );
  }
}

/** In the language that is spoken, where the words can be loaded; else as it came. */
async function inWords(problem: Problem): Promise<Problem> {
  const { title, detail } = problem.says;
  if (!(await canSayRefusals())) return problem;
  return {
    ...problem,
    ...problemOf(problem.status, title, detail),
    ...(problem.errors ? { errors: toldOf(problem.errors) } : {}),
  };
}

const problemOf = (status: number, title: Said, detail: Said): Problem => ({
  type: 'about:blank',
  title: saying(t, title),
  status,
  detail: saying(t, detail),
  says: { title, detail },
});
