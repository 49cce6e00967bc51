import type { FieldError, Problem } from '#contract/problem';

/** Thrown by routes and services; the error handler turns it into application/problem+json (RFC 9457). */
export class Refusal extends Error {
  readonly problem: Problem;

  constructor(status: number, title: string, detail: string, errors?: readonly FieldError[]) {
    super(detail);
    this.problem = { type: 'about:blank', title, status, detail, ...(errors ? { errors } : {}) };
  }
}

export const notFound = (what: string, wayOut: string) =>
  new Refusal(404, 'Not found', `There is no such ${what}. ${wayOut}`);

/** Input that is well-formed but cannot be taken; the first field's message doubles as the detail. */
export const invalid = (errors: readonly FieldError[]) =>
  new Refusal(
    422,
    'Please correct the input',
    errors[0]?.message ?? 'The input cannot be taken.',
    errors,
  );

export const forbidden = (detail: string, errors?: readonly FieldError[]) =>
  new Refusal(403, 'Not allowed', detail, errors);

/** @param what is written back, such as `the board of this kit` */
export const changedMeanwhile = (what: string) =>
  new Refusal(
    409,
    'Changed meanwhile',
    `Somebody else has changed ${what} since you opened it. What you typed is still here, but not saved yet.`,
  );
