import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import type { Problem } from '#contract/problem';
import { StoredProblem } from '#contract/stored';
import { said } from '#core/learning/said';
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
  throw notFound('address');
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
      said('refusals.any.tooLarge'),
      said('refusals.any.thatIsLargerThanCanBeTaken'),
    );
  }
  if (
    type === 'entity.parse.failed' ||
    type === 'charset.unsupported' ||
    type === 'encoding.unsupported'
  ) {
    return new Refusal(
      400,
      said('refusals.any.notReadable'),
      said('refusals.any.theRequestIsNotJsonTextIn'),
    );
  }
  if (error instanceof URIError)
    return new Refusal(
      400,
      said('refusals.any.notReadable'),
      said('refusals.any.theAddressIsNotWellFormed'),
    );
  return ofHttp(error) ?? ofDatabase(error);
}

/** What Express and its parts know to be the caller's: a file that is not there, a body that breaks off. */
function ofHttp(error: unknown): Refusal | undefined {
  const { status } = (error ?? {}) as { status?: unknown };
  if (typeof status !== 'number' || status < 400 || status > 499) return undefined;
  return status === 404
    ? new Refusal(
        404,
        said('refusals.any.notFound'),
        said('refusals.any.thereIsNoSuchFileReloadThe'),
      )
    : new Refusal(
        status,
        said('refusals.any.notReadable'),
        said('refusals.any.theRequestCannotBeReadReloadThe'),
      );
}

/** Classes and codes of PostgreSQL (appendix A of its manual) that say what was wrong with the data, or with the disk. */
function ofDatabase(error: unknown): Refusal | undefined {
  const { code } = (error ?? {}) as { code?: unknown };
  if (typeof code !== 'string') return undefined;
  if (code === '23505') {
    return new Refusal(
      409,
      said('refusals.any.taken'),
      said('refusals.any.thereIsOneOfThisNameAlready'),
    );
  }
  if (code === '53100' || code === 'ENOSPC') {
    return new Refusal(
      507,
      said('refusals.any.theDiskIsFull'),
      said('refusals.any.theDiskOfTheComputerThatOzzet'),
    );
  }
  return /^2[23]/.test(code)
    ? new Refusal(
        422,
        said('refusals.any.pleaseCorrectTheInput'),
        said('refusals.any.somethingInThisCannotBeStored'),
      )
    : undefined;
}

/** Stored data that cannot be read is named: nothing of it is shown half, and nothing is written over it. */
function unreadable(error: StoredProblem, log: Logger): Refusal {
  log.error({ err: error }, 'stored data cannot be read');
  return new Refusal(
    500,
    said('refusals.any.storedDataCannotBeRead'),
    said('refusals.any.nothingWasChangedStartTheVersionOf', { message: error.message }),
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
    said('refusals.any.thatDidNotWork'),
    said('refusals.any.somethingWentWrongOnTheServer'),
  );
}
