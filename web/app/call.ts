import { t } from 'i18next';
import type { Endpoint, PathParameter } from '#contract/endpoint';
import type { Problem } from '#contract/problem';

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
  throw new CallProblem(readProblem(text, response.status));
}

async function reach(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init);
  } catch {
    throw new CallProblem({
      type: 'about:blank',
      title: t('ui.call.noConnection'),
      status: 0,
      detail: t('ui.call.cannotBeReached'),
    });
  }
}

function readProblem(text: string, status: number): Problem {
  try {
    return JSON.parse(text) as Problem;
  } catch {
    return {
      type: 'about:blank',
      title: t('ui.call.thatDidNotWork'),
      status,
      detail: t('ui.call.theServerGaveNoAnswerThat'),
    };
  }
}
