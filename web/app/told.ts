import { t } from 'i18next';
import type { FieldError } from '#contract/problem';
import { saying } from '#core/words/sayings';
import { loadWords } from './words.ts';

/** The words of refusals come with the first one: at most evenings there is none. */
export const canSayRefusals = (): Promise<boolean> =>
  loadWords('refusals', 'lists').then(
    () => true,
    () => false,
  );

/** What is wrong with fields, in the language that is spoken. */
export const toldOf = <E extends FieldError>(
  errors: readonly E[],
): (E & { readonly message: string })[] =>
  errors.map((error) => ({ ...error, message: saying(t, error.says) }));
