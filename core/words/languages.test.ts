import i18next from 'i18next';
import { describe, expect, it } from 'vitest';
import { german } from './de.ts';
import { english } from './en.ts';
import { spanish } from './es.ts';

type Tree = Readonly<Record<string, unknown>>;

/** Every text of a catalogue by its path; a list of sentences is one text. */
function texts(tree: Tree, path = ''): Map<string, string> {
  return new Map(
    Object.entries(tree).flatMap(([key, value]) => {
      const at = path === '' ? key : `${path}.${key}`;
      if (typeof value === 'string') return [[at, value] as const];
      if (Array.isArray(value)) return [[at, value.join('\n')] as const];
      return [...texts(value as Tree, at)];
    }),
  );
}

/** What only the instructor’s pages and the parts guide show. */
const notAtTheSeat = [
  /^(swap|remedy|print|lead|meaning|order)\./,
  /^rule\.[^.]+\.wayOut$/,
  /^family\.[^.]+\.(hold|mistakes)$/,
  /^mistake\.[^.]+\.cause$/,
  /^checkForm\.short\./,
];

const needed = [...texts(english as Tree)].filter(
  ([path]) => !notAtTheSeat.some((not) => not.test(path)),
);
const blanks = (text: string) => [...text.matchAll(/{{(\w+)}}/g)].map(([, name]) => name).sort();
/** Languages count in their own ways: `_many` stands where `_other` does. */
const likeEnglish = (path: string) => path.replace(/_many$/, '_other');

describe.each([
  ['German', german],
  ['Spanish', spanish],
])('the %s catalogue', (_name, words) => {
  const own = texts(words as Tree);

  it('has every text that a seat shows', () => {
    expect(needed.map(([path]) => path).filter((path) => !own.has(path))).toEqual([]);
  });

  it('keeps what is filled in, and as many sentences', () => {
    const all = texts(english as Tree);
    for (const [path, text] of own) {
      if (/^(seat|practice)\./.test(path)) continue;
      const original = all.get(likeEnglish(path));
      expect(original, path).toBeDefined();
      expect(blanks(text), path).toEqual(blanks(original ?? ''));
      if (/\.(how)$/.test(path))
        expect(text.split('\n').length, path).toBe(original?.split('\n').length);
    }
  });

  it('is translated: sentences are not those of English', () => {
    for (const [path, text] of needed) {
      if (text.split(' ').length > 3) expect(own.get(path), path).not.toBe(text);
    }
  });

  it('counts', async () => {
    const speaker = i18next.createInstance();
    await speaker.init({
      lng: words === german ? 'de' : 'es',
      resources: { de: { translation: german }, es: { translation: spanish } },
      interpolation: { escapeValue: false },
      showSupportNotice: false,
    });
    expect(speaker.t('step.joints', { count: 1 })).toBe(
      words === german ? '1 Lötstelle' : '1 soldadura',
    );
    expect(speaker.t('step.joints', { count: 4 })).toBe(
      words === german ? '4 Lötstellen' : '4 soldaduras',
    );
  });
});
