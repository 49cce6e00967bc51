import { toNestErrors } from '@hookform/resolvers';
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import { check } from '#contract/check';
import type { Schema } from '#contract/schema';
import { canSayRefusals, toldOf } from './told.ts';

/** Checks a form by a schema of the contract: the same sentences, before anything is sent. */
export const resolverOf =
  <T extends FieldValues>(schema: Schema<T>): Resolver<T> =>
  async (values, _context, options) => {
    const found = check(schema, values);
    if (found.ok) return { values: found.value, errors: {} };
    await canSayRefusals();
    const errors: FieldErrors = Object.fromEntries(
      // The first thing that is wrong with a field is enough.
      toldOf(found.errors)
        .reverse()
        .map(({ field, message }) => [field, { type: 'invalid', message }]),
    );
    return { values: {}, errors: toNestErrors<T>(errors, options) };
  };
