import { validate as isUuid } from 'uuid';
import * as yup from 'yup';
import { leaf, type Schema } from './schema.ts';

// Texts and numbers that many bodies have.

/** Blanks before and behind are nobody's intention: the keyboards of phones leave them. */
const tidied = () =>
  yup.string().transform((_, typed: unknown) => (typeof typed === 'string' ? typed.trim() : typed));

/** A text without the blanks around it. */
export const trimmed = (what: string, most: number, missing: string): Schema<string> =>
  leaf(
    tidied()
      .typeError(missing)
      .required(missing)
      .max(most, `${upper(what)} has at most ${most} characters.`),
  );

/** May be empty. */
export const trimmedOrEmpty = (what: string, most: number, missing: string): Schema<string> =>
  leaf(
    tidied()
      .typeError(missing)
      .defined(missing)
      .max(most, `${upper(what)} has at most ${most} characters.`),
  );

/** ISO 8601 with its offset (RFC 3339), of a day that exists, in years that a workshop can be in. */
export const isTime = (text: string | undefined): boolean => {
  const parts = /^(20\d\d)-(\d\d)-(\d\d)T\d\d:\d\d(:\d\d(\.\d{1,3})?)?(Z|[+-]\d\d:\d\d)$/.exec(
    text ?? '',
  );
  if (!parts || Number.isNaN(Date.parse(text ?? ''))) return false;
  const [year, month, day] = [parts[1], parts[2], parts[3]].map(Number) as [number, number, number];
  // Date.parse takes 30 February for 2 March.
  return new Date(Date.UTC(year, month - 1, day)).getUTCDate() === day;
};

/** Any text, may be empty. */
export const anyText = (what: string, most: number): Schema<string> =>
  leaf(yup.string().strict().max(most, `${what} has at most ${most} characters.`).defined());

export const someText = (what: string, most: number, missing: string): Schema<string> =>
  leaf(
    yup.string().strict().max(most, `${what} has at most ${most} characters.`).required(missing),
  );

export const wholeNumber = (what: string, least: number, most: number): Schema<number> =>
  leaf(
    yup
      .number()
      .typeError(`Write ${what} as a whole number.`)
      .integer(`Write ${what} as a whole number.`)
      .min(least, `The least is ${least}.`)
      .max(most, `The most is ${most}.`)
      .required(`Write ${what}.`),
  );

/** Any number, as programs write it. */
export const number: Schema<number> = leaf(yup.number().required());

export const flag: Schema<boolean> = leaf(yup.boolean().strict().required());

/** Yup’s own test does not know version 7 (RFC 9562). */
export const uuid = (missing: string, wrong = missing): Schema<string> =>
  leaf(
    yup
      .string()
      .strict()
      .required(missing)
      .test('uuid', wrong, (text) => text === undefined || isUuid(text)),
  );

const upper = (text: string) => text.slice(0, 1).toUpperCase() + text.slice(1);
