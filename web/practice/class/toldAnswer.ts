import type { TFunction } from 'i18next';
import type { Exercise } from '#core/learning/drills/exercise';
import { saying } from '#core/words/sayings';

/** An answer in words. One from a page of another version may be none that the exercise knows. */
export function toldAnswer(t: TFunction, { kind, task }: Exercise, answer: unknown): string {
  try {
    return saying(t, kind.tell(task, answer));
  } catch {
    return t('practice.toldAnswer.anAnswerThatCannotBeRead');
  }
}
