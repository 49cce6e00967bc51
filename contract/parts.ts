import * as yup from 'yup';
import type { BandCount } from '#core/bands/encode';
import { chipSizes } from '#core/parts/bodyOf';
import type { Erratum } from '#core/parts/erratum';
import { families } from '#core/parts/families/index';
import { lightColours, type Part, type PartValue, supplies } from '#core/parts/part';
import { signMarks } from '#core/parts/sign';
import { confidences } from '#core/partslist/recognise';
import { units } from '#core/quantity/unit';
import type { StockPart } from '#core/stores/stockPart';

const text = (what: string, most: number) =>
  yup.string().strict().max(most, `${what} has at most ${most} characters.`);

const unitIds = Object.keys(units) as (keyof typeof units)[];
const bandCounts: readonly BandCount[] = [3, 4, 5, 6];

const percent = yup
  .number()
  .moreThan(0, 'A tolerance is above 0 %.')
  .max(100, 'A tolerance is at most 100 %.');

const values = {
  amount: yup.object({
    kind: yup.string().oneOf(['amount']).required(),
    unit: yup.string().oneOf(unitIds).required('Say the unit.'),
    amount: yup
      .number()
      .typeError('Write the value as a number.')
      .min(0, 'A value is not below 0.')
      .max(1e12, 'This value is too large to be one.')
      .required('Write the value.'),
    tolerancePercent: percent,
    ratedVolt: yup.number().moreThan(0, 'A voltage is above 0 V.').max(2000),
    bandCount: yup.number().oneOf([...bandCounts], 'Write 3, 4, 5 or 6 bands.'),
  }),
  type: yup.object({
    kind: yup.string().oneOf(['type']).required(),
    print: text('A type number', 60).required('Write the type number.'),
  }),
  colour: yup.object({
    kind: yup.string().oneOf(['colour']).required(),
    colour: yup
      .string()
      .oneOf([...lightColours], 'Choose one of the colours.')
      .required(),
  }),
  none: yup.object({ kind: yup.string().oneOf(['none']).required() }),
} as const;

const isValueKind = (kind: unknown): kind is keyof typeof values =>
  typeof kind === 'string' && kind in values;

const valueSchema = yup.lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | undefined)?.kind;
  return isValueKind(kind) ? values[kind] : values.none;
}) as unknown as yup.ISchema<PartValue>;

const placeNames = yup
  .array(
    yup
      .string()
      .strict()
      .matches(/^[A-Z]{1,4}\d{1,4}$/, 'A place name is letters and a number, such as R1.')
      .defined(),
  )
  .max(200, 'A line has at most 200 places.')
  .required('List the places, or an empty list.');

const lotNoteSchema = yup
  .object({
    text: text('A lot note', 300).required('Say what is different about this lot.'),
    turned: yup.array(yup.string().oneOf(signMarks).defined()).max(8),
    pinout: yup.array(text('The name of a lead', 20).defined()).max(8),
  })
  .default(undefined)
  .optional();

const familySchema = yup
  .string()
  .oneOf(
    families.map(({ id }) => id),
    'Choose the kind of part from the list.',
  )
  .required();
const pinsSchema = yup.number().integer('Write a whole number of pins.').min(1).max(64);

const sizeCodes = Object.keys(chipSizes).sort();

/** What lies in a drawer. */
export const stockPartSchema = yup.object({
  family: familySchema,
  value: valueSchema,
  pins: pinsSchema,
  size: yup.string().oneOf(sizeCodes, `The size is one of ${sizeCodes.join(', ')}.`),
}) as unknown as yup.ISchema<StockPart>;

const partSchema = yup.object({
  designators: placeNames,
  quantity: yup
    .number()
    .integer('Write a whole number of pieces.')
    .min(1, 'There is at least one piece.')
    .max(9999, 'There are at most 9999 pieces.')
    .required('Write the number of pieces.'),
  family: familySchema,
  value: valueSchema,
  pins: yup.number().integer('Write a whole number of pins.'),
  description: text('A description', 500).defined(),
  supply: yup
    .string()
    .oneOf([...supplies])
    .required(),
  lotNote: lotNoteSchema,
}) as unknown as yup.ISchema<Part>;

export const kitLineSchema = yup.object({
  part: partSchema,
  confidence: yup
    .string()
    .oneOf([...confidences])
    .required(),
}) as unknown as yup.ISchema<{ part: Part; confidence: (typeof confidences)[number] }>;

export const erratumSchema = yup.object({
  designators: placeNames.min(1, 'Say which places it concerns, such as R1.'),
  text: text('An erratum', 500).required('Say what is wrong and what to do instead.'),
}) as unknown as yup.ISchema<Erratum>;
