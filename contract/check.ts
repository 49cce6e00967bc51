import { ValidationError } from 'yup';
import { isSaid, type Said, said } from '#core/learning/said';
import { notPlain } from './plainData.ts';
import type { FieldError } from './problem.ts';
import type { Schema } from './schema.ts';

/** What is wrong with a value, field by field; at most so many are told. */
const mostErrors = 20;

/** All that is wrong is told; where in the code it was found is nobody's to know, and takes long to find out. */
const asked = { abortEarly: false, disableStackTrace: true };

export type Checked<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly errors: readonly FieldError[] };

/** What was sent or typed, as the schema has it: numbers written as text become numbers. */
export function check<T>(schema: Schema<T>, value: unknown): Checked<T> {
  const unfit = notPlain(value);
  if (unfit) return { ok: false, errors: [unfit] };
  try {
    return { ok: true, value: schema.yup.validateSync(value, asked) as T };
  } catch (error) {
    return { ok: false, errors: errorsOf(error) };
  }
}

/** A value that a program wrote: it is as the schema says, or it is not that. */
export function checkStrictly<T>(schema: Schema<T>, value: unknown): Checked<T> {
  try {
    return { ok: true, value: schema.yup.validateSync(value, { strict: true }) as T };
  } catch (error) {
    return { ok: false, errors: errorsOf(error) };
  }
}

function errorsOf(error: unknown): readonly FieldError[] {
  if (!(error instanceof ValidationError)) throw error;
  const found = error.inner.length > 0 ? error.inner : [error];
  return found
    .slice(0, mostErrors)
    .map(({ path, message }) => ({ field: path ?? '', says: asSaid(message) }));
}

/** A rule that says nothing of its own. */
const asSaid = (message: unknown): Said =>
  isSaid(message) ? message : said('refusals.any.cannotBeTaken');
