import type { PackageId } from '../packages/index.ts';
import { partTypes } from './index.ts';
import { isMakersPrefix, isMakersSuffix, packageFromSuffix } from './makers.ts';
import type { PartType } from './type.ts';

export interface FoundType {
  readonly type: PartType;
  /** The number as it was written, without blanks. */
  readonly print: string;
  /** The body, where the letters behind the number tell it. */
  readonly package?: PackageId;
  /** They tell one that the record of the type does not have, or may tell one. */
  readonly inOtherBody?: true;
  /**
   * The number alone could mean something else (`7805` is a number, `M4` a screw): something beside it must say that
   * it is such a part.
   */
  readonly needsWord: boolean;
}

const bare = (number: string) => number.replace(/[\s_-]/g, '').toUpperCase();

const byNumber: ReadonlyMap<string, PartType> = (() => {
  const map = new Map<string, PartType>();
  // The number itself comes before what it is also called.
  for (const type of partTypes) if (!map.has(bare(type.number))) map.set(bare(type.number), type);
  for (const type of partTypes) {
    for (const also of type.also ?? []) if (!map.has(bare(also))) map.set(bare(also), type);
  }
  return map;
})();
const longest = Math.max(...[...byNumber.keys()].map((number) => number.length));
const longestPrefix = 4;

/** Digits alone, or a letter and one or two digits. */
const ambiguous = /^\d+$|^[A-Z]\d{1,3}$/;

/** A type by its number as written, with whatever makers put before and behind it; undefined where none is known. */
export function typeByNumber(written: string): FoundType | undefined {
  // `LM7809_TO220`: what stands behind the line is the name of a symbol.
  const print = written
    .trim()
    .replace(/\s+/g, '')
    .replace(/_(?=[A-Za-z]).*$/, '');
  // An I is often written for the 1 of a diode.
  const plain = bare(print.replace(/[µμ]/g, 'U')).replace(/^IN(?=\d{3})/, '1N');
  for (let length = Math.min(longest, plain.length); length >= 2; length -= 1) {
    for (let before = 0; before <= Math.min(longestPrefix, plain.length - length); before += 1) {
      const type = byNumber.get(plain.slice(before, before + length));
      if (!type) continue;
      const prefix = plain.slice(0, before);
      const rest = plain.slice(before + length);
      const dashed = restAsWritten(print.toUpperCase(), before + length);
      if (!isMakersPrefix(type, prefix)) continue;
      // “WS2812B-Mini” is another one, in another body.
      if (/^-[A-Z]{4,}$/.test(dashed)) continue;
      if (!isMakersSuffix(type, rest) && !isMakersSuffix(type, dashed)) continue;
      const body = packageFromSuffix(
        type,
        plain.slice(0, before + length),
        dashed.includes('/') ? dashed : rest,
      );
      return {
        type,
        print,
        needsWord: ambiguous.test(plain.slice(before)) && prefix === '',
        ...(body === 'unlisted' ? { inOtherBody: true } : body ? { package: body } : {}),
      };
    }
  }
  // ZPD3.3 is printed ZPD3V3.
  return print.includes('.') ? typeByNumber(print.replace('.', 'V')) : undefined;
}

/** What is left of a number after so many characters that are no hyphen. */
function restAsWritten(print: string, taken: number): string {
  let seen = 0;
  let index = 0;
  while (seen < taken && index < print.length) {
    if (!/[_-]/.test(print[index] ?? '')) seen += 1;
    index += 1;
  }
  return print.slice(index);
}

/** A piece of text that a number may begin in: “LM 358”, “2N 3904”, “BC 547”. */
const head = /^(?:[A-Za-zµμ]{1,8}|[1-9][A-Z]|2S[A-D])$/;

/**
 * The first type that a text names; a type that needs a word beside it comes after those that need none.
 *
 * @param text a cell or a whole line, at most a few hundred characters
 */
export function findType(text: string): FoundType | undefined {
  const found = findTypes(text);
  return found.find(({ needsWord }) => !needsWord) ?? found[0];
}

/** Every type that a text names, in its order. */
export function findTypes(text: string): readonly FoundType[] {
  // “1 N 4001”, as typed with blanks.
  const joined = text.replace(/(?<![\w.,])([12])\s([NS])\s?(?=\d{3,4}\b)/g, '$1$2');
  const pieces = joined.split(/[\s,;:()[\]"“”]+/).flatMap((piece) => [piece, ...piece.split('/')]);
  const words = pieces.filter((piece) => piece !== '');
  return words.flatMap((word, index): FoundType[] => {
    const next = words[index + 1] ?? '';
    const whole = head.test(word) && /^\d/.test(next) ? typeByNumber(`${word}${next}`) : undefined;
    const found = whole ?? (/\d/.test(word) ? typeByNumber(word) : undefined);
    return found ? [found] : [];
  });
}
