import type { FieldError, Problem } from '#contract/problem';
import { type Said, said } from '#core/learning/said';
import { inEnglish } from '../words/speak.ts';

/** Thrown by routes and services; the error handler turns it into application/problem+json (RFC 9457). */
export class Refusal extends Error {
  readonly problem: Problem;

  constructor(status: number, title: Said, detail: Said, errors?: readonly FieldError[]) {
    super(inEnglish(detail));
    this.problem = problemOf(status, title, detail, errors);
  }
}

export const problemOf = (
  status: number,
  title: Said,
  detail: Said,
  errors?: readonly FieldError[],
): Problem => ({
  type: 'about:blank',
  title: inEnglish(title),
  status,
  detail: inEnglish(detail),
  says: { title, detail },
  ...(errors
    ? { errors: errors.map((error) => ({ ...error, message: inEnglish(error.says) })) }
    : {}),
});

/** What is asked for by an id that nothing has. */
type Missing =
  | 'account'
  | 'address'
  | 'backup'
  | 'checklistLine'
  | 'circuit'
  | 'finishedBoard'
  | 'item'
  | 'kit'
  | 'learner'
  | 'needs'
  | 'number'
  | 'paper'
  | 'picture'
  | 'recordPage'
  | 'revision'
  | 'seat'
  | 'seatOfWorkshop'
  | 'session'
  | 'supplier'
  | 'workshop';

export const notFound = (what: Missing) =>
  new Refusal(404, said('refusals.any.notFound'), said(`refusals.notFound.${what}`));

/** Input that is well-formed but cannot be taken; what is wrong with the first field doubles as the detail. */
export const invalid = (errors: readonly FieldError[]) =>
  new Refusal(
    422,
    said('refusals.any.pleaseCorrectTheInput'),
    errors[0]?.says ?? said('refusals.any.theInputCannotBeTaken'),
    errors,
  );

export const forbidden = (detail: Said, errors?: readonly FieldError[]) =>
  new Refusal(403, said('refusals.any.notAllowed'), detail, errors);

/** Somebody else has written what is written back. */
export const changedMeanwhile = () =>
  new Refusal(
    409,
    said('refusals.any.changedMeanwhile'),
    said('refusals.any.somebodyElseHasChangedThis'),
  );
