import { t } from 'i18next';
import type { FieldError } from '#contract/problem';
import { saying } from '#core/words/sayings';
import { loadWords } from './words.ts';

/** So long a refusal waits for its words where the Wi-Fi is bad; then it is told as it came. */
const patienceMs = 3000;

/** The words of refusals come with the first one: at most evenings there is none. */
export const canSayRefusals = (): Promise<boolean> =>
  Promise.race([
    loadWords('refusals', 'lists').then(
      () => true,
      () => false,
    ),
    new Promise<boolean>((resolve) => {
      setTimeout(() => resolve(false), patienceMs);
    }),
  ]);

/** What is wrong with fields, in the language that is spoken. */
export const toldOf = <E extends FieldError>(
  errors: readonly E[],
): (E & { readonly message: string })[] =>
  errors.map((error) => ({ ...error, message: saying(t, error.says) }));
