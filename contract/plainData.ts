import { type Said, said } from '#core/learning/said';
import type { FieldError } from './problem.ts';

/** Deeper than anything that a page sends. */
const mostDepth = 40;
/** A parts list of 2000 lines has some 100,000 values. */
const mostValues = 300_000;

const tooMany: FieldError = {
  field: '',
  says: said('refusals.any.thereAreMoreThanValuesInThis', { mostValues }),
};

/**
 * What makes a value unfit to be looked at any closer, whatever it is to be: how deep and how large it is, texts that
 * are none (half an emoji, U+0000), a key that no field can have. Takes time by the number of values, and no stack.
 *
 * @returns undefined where it is fit
 */
export function notPlain(value: unknown): FieldError | undefined {
  const open: { readonly value: unknown; readonly field: string; readonly depth: number }[] = [
    { value, field: '', depth: 0 },
  ];
  let left = mostValues;
  for (let next = open.pop(); next; next = open.pop()) {
    const { value: one, field, depth } = next;
    left -= 1;
    if (left < 0) return tooMany;
    if (depth > mostDepth) {
      return { field: '', says: said('refusals.any.thisIsNestedDeeperThanLevels', { mostDepth }) };
    }
    if (typeof one === 'string') {
      const why = wrongText(one);
      if (why) return { field, says: why };
    } else if (Array.isArray(one)) {
      if (one.length > left) return tooMany;
      for (const [at, item] of one.entries()) {
        open.push({ value: item, field: `${field}[${at}]`, depth: depth + 1 });
      }
    } else if (typeof one === 'object' && one !== null) {
      for (const [key, item] of Object.entries(one)) {
        const below = field === '' ? key : `${field}.${key}`;
        // Names that every object has, such as toString: code that meets one of them as data breaks.
        if (key in Object.prototype || wrongText(key)) {
          return { field, says: said('refusals.any.oneOfTheFieldsHereHasA') };
        }
        open.push({ value: item, field: below, depth: depth + 1 });
      }
    }
  }
  return undefined;
}

/** Why a text is none that can be stored and sent again as it is. */
function wrongText(text: string): Said | undefined {
  if (text.includes('\u0000')) return said('refusals.any.thereIsASignInThisThat');
  // Half of a pair: some keyboards leave it where an emoji is deleted.
  if (/\p{Surrogate}/u.test(text)) return said('refusals.any.thereIsHalfAnEmojiInThis');
  return undefined;
}
