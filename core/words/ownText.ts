import type { TFunction } from 'i18next';

/** A text that somebody wrote, by the language that it is in (ISO 639-1): there is at least one. */
export type OwnText = Readonly<Record<string, string>>;

/** The language that the catalogues speak. */
export const tongueOf = (t: TFunction): string => t('step.tongue');

/** The text in the reader’s language; where it was not written in that one, as it was written first. */
export const ownWords = (t: TFunction, text: OwnText): string =>
  text[tongueOf(t)] ?? Object.values(text)[0] ?? '';

/** The same as lines, without empty ones. */
export const ownLines = (t: TFunction, text: OwnText): readonly string[] =>
  ownWords(t, text)
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** A text with what it says in one language now; undefined where nothing is left in any. */
export function withTongue(
  text: OwnText | undefined,
  tongue: string,
  says: string,
): OwnText | undefined {
  const { [tongue]: _, ...others } = text ?? {};
  const all = says.trim() === '' ? others : { ...others, [tongue]: says.trim() };
  return Object.keys(all).length === 0 ? undefined : all;
}
