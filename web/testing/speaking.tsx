import i18next from 'i18next';
import type { ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { installAllWords } from './allWords.ts';

installAllWords();

/** What a component shows at first, as markup, in a language. */
export function markupOf(node: ReactNode, language: 'en' | 'de' | 'es' = 'en'): string {
  void i18next.changeLanguage(language);
  return renderToStaticMarkup(node);
}

/** Every tag of some markup with its attributes, in the order of the text. */
export function tagsOf(markup: string): { name: string; attributes: Record<string, string> }[] {
  return [...markup.matchAll(/<([a-zA-Z][\w-]*)([^>]*)>/g)].map(([, name = '', rest = '']) => ({
    name,
    attributes: Object.fromEntries(
      [...rest.matchAll(/([\w:-]+)="([^"]*)"/g)].map(([, key = '', value = '']) => [key, value]),
    ),
  }));
}

/** What is read aloud or seen of it: texts and labels, without tags. */
export const wordsOf = (markup: string): string =>
  [
    ...tagsOf(markup).flatMap(({ attributes }) => attributes['aria-label'] ?? []),
    markup.replaceAll(/<style[^>]*>[^<]*<\/style>/g, ' ').replaceAll(/<[^>]*>/g, ' '),
  ].join(' ');
