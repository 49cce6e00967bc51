import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import type { Problem } from '#contract/problem';
import { StoredProblem } from '#contract/stored';
import { notFound, Refusal } from './refusal.ts';

/** Answers every error as application/problem+json; what nobody foresaw is logged and told without its inside. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error, _request, response, next) => {
    if (response.headersSent) return next(error);
    const refusal = refusalOf(error, log);
    response.set('Cache-Control', 'no-store');
    send(response, refusal.problem);
  };
}

function refusalOf(error: unknown, log: Logger): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof StoredProblem) return unreadable(error, log);
  return known(error) ?? unforeseen(error, log);
}

/** For paths of the API that nothing answers. */
export const noSuchEndpoint: RequestHandler = () => {
  throw notFound('address', 'Go back to the start page.');
};

export function send(response: Response, problem: Problem): void {
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}

/** Errors of the body parser, told in our own words. */
function known(error: unknown): Refusal | undefined {
  const type = (error as { type?: string } | null)?.type;
  if (type === 'entity.too.large') {
    return new Refusal(
      413,
      'Too large',
      'That is larger than can be taken. A parts list has at most 1 MB.',
    );
  }
  if (
    type === 'entity.parse.failed' ||
    type === 'charset.unsupported' ||
    type === 'encoding.unsupported'
  ) {
    return new Refusal(400, 'Not readable', 'The request is not JSON text in UTF-8.');
  }
  if (error instanceof URIError)
    return new Refusal(400, 'Not readable', 'The address is not well-formed.');
  return ofHttp(error) ?? ofDatabase(error);
}

/** What Express and its parts know to be the caller's: a file that is not there, a body that breaks off. */
function ofHttp(error: unknown): Refusal | undefined {
  const { status } = (error ?? {}) as { status?: unknown };
  if (typeof status !== 'number' || status < 400 || status > 499) return undefined;
  return status === 404
    ? new Refusal(404, 'Not found', 'There is no such file. Reload the page.')
    : new Refusal(
        status,
        'Not readable',
        'The request cannot be read. Reload the page and try again.',
      );
}

/** Classes and codes of PostgreSQL (appendix A of its manual) that say what was wrong with the data, or with the disk. */
function ofDatabase(error: unknown): Refusal | undefined {
  const { code } = (error ?? {}) as { code?: unknown };
  if (typeof code !== 'string') return undefined;
  if (code === '23505') {
    return new Refusal(409, 'Taken', 'There is one of this name already. Choose another.');
  }
  if (code === '53100' || code === 'ENOSPC') {
    return new Refusal(
      507,
      'The disk is full',
      'The disk of the computer that Ozzet runs on is full. What was saved before is safe; this was not saved. Make room there, then try again.',
    );
  }
  return /^2[23]/.test(code)
    ? new Refusal(
        422,
        'Please correct the input',
        'Something in this cannot be stored. Nothing was changed.',
      )
    : undefined;
}

/** Stored data that cannot be read is named: nothing of it is shown half, and nothing is written over it. */
function unreadable(error: StoredProblem, log: Logger): Refusal {
  log.error({ err: error }, 'stored data cannot be read');
  return new Refusal(
    500,
    'Stored data cannot be read',
    `${error.message}. Nothing was changed. Start the version of Ozzet that wrote it, or bring back a copy of the data folder.`,
  );
}

function unforeseen(error: unknown, log: Logger): Refusal {
  // No parameters and no texts: they are people's names and what they wrote.
  const { code, name, routine } = (error ?? {}) as Record<string, unknown>;
  const at =
    error instanceof Error
      ? error.stack
          ?.split('\n')
          .filter((line) => /^\s+at /.test(line))
          .slice(0, 8)
      : undefined;
  log.error({ name, code, routine, at }, 'a request failed');
  return new Refusal(
    500,
    'That did not work',
    'Something went wrong on the server. Nothing was changed; please try again.',
  );
}
