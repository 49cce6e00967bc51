import { validate as isUuid } from 'uuid';
import * as yup from 'yup';
import { type Said, said } from '#core/learning/said';
import { leaf, type Schema } from './schema.ts';

// Texts and numbers that many bodies have.

/** Blanks before and behind are nobody's intention: the keyboards of phones leave them. */
const tidied = () =>
  yup.string().transform((_, typed: unknown) => (typeof typed === 'string' ? typed.trim() : typed));

/** A text without the blanks around it. */
export const trimmed = (most: number, missing: Said): Schema<string> =>
  leaf(
    tidied()
      .typeError(missing)
      .required(missing)
      .max(most, said('refusals.any.atMostCharacters', { most })),
  );

/** May be empty. */
export const trimmedOrEmpty = (most: number, missing: Said): Schema<string> =>
  leaf(
    tidied()
      .typeError(missing)
      .defined(missing)
      .max(most, said('refusals.any.atMostCharacters', { most })),
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
export const anyText = (most: number): Schema<string> =>
  leaf(yup.string().strict().max(most, said('refusals.any.atMostCharacters', { most })).defined());

export const someText = (most: number, missing: Said): Schema<string> =>
  leaf(
    yup
      .string()
      .strict()
      .max(most, said('refusals.any.atMostCharacters', { most }))
      .required(missing),
  );

export const wholeNumber = (least: number, most: number): Schema<number> => {
  const wrong = said('refusals.any.wholeNumberFromTo', { least, most });
  return leaf(
    yup.number().typeError(wrong).integer(wrong).min(least, wrong).max(most, wrong).required(wrong),
  );
};

/** Any number, as programs write it. */
export const number: Schema<number> = leaf(yup.number().required());

export const flag: Schema<boolean> = leaf(yup.boolean().strict().required());

/** Yup’s own test does not know version 7 (RFC 9562). */
export const uuid = (missing: Said, wrong = missing): Schema<string> =>
  leaf(
    yup
      .string()
      .strict()
      .required(missing)
      .test('uuid', wrong, (text) => text === undefined || isUuid(text)),
  );

/** Of a kit’s own supply; null where nobody has said it. */
export const supplyVolt = leaf(
  yup
    .number()
    .typeError(said('refusals.kits.writeTheSupplyVoltageAsANumber'))
    .moreThan(0, said('refusals.kits.theSupplyVoltageMustBeAbove0'))
    .max(60, said('refusals.kits.kitsAbove60VAreNotFor'))
    .nullable()
    .defined(said('refusals.kits.sayTheSupplyVoltageOrNullWhere')),
);
