import * as yup from 'yup';
import type { BandCount } from '#core/bands/encode';
import { chipSizeCodes } from '#core/parts/chipSizeCodes';
import type { Erratum } from '#core/parts/erratum';
import { familyIds } from '#core/parts/families/ids';
import { type Mounting, mostRaisedMm } from '#core/parts/mounting';
import { type LotNote, lightColours, type Part, type PartValue, supplies } from '#core/parts/part';
import { signMarks } from '#core/parts/sign';
import type { OwnType } from '#core/parts/types/ownType';
import {
  type Confidence,
  confidences,
  type Doubt,
  doubtsOfReading,
} from '#core/partslist/confidence';
import { type UnitId, units } from '#core/quantity/unit';
import type { StockPart } from '#core/stores/stockPart';
import { anyText, someText } from './leaves.ts';
import {
  leaf,
  list,
  literal,
  oneOf,
  oneOfKind,
  oneOfNumbers,
  optional,
  record,
  type Schema,
} from './schema.ts';

type ValueOf<Kind extends PartValue['kind']> = Extract<PartValue, { readonly kind: Kind }>;

const unitIds = Object.keys(units) as UnitId[];
const bandCounts: readonly BandCount[] = [3, 4, 5, 6];

export const valueSchema = oneOfKind<PartValue>({
  amount: record<ValueOf<'amount'>>({
    kind: literal('amount'),
    unit: oneOf(unitIds, { missing: 'Say the unit.' }),
    amount: leaf(
      yup
        .number()
        .typeError('Write the value as a number.')
        .min(0, 'A value is not below 0.')
        .max(1e12, 'This value is too large to be one.')
        .required('Write the value.'),
    ),
    tolerancePercent: leaf(
      yup
        .number()
        .moreThan(0, 'A tolerance is above 0 %.')
        .max(100, 'A tolerance is at most 100 %.'),
    ),
    minusPercent: leaf(
      yup
        .number()
        .moreThan(0, 'A tolerance is above 0 %.')
        .max(100, 'A tolerance is at most 100 %.'),
    ),
    ratedVolt: leaf(yup.number().moreThan(0, 'A voltage is above 0 V.').max(2000)),
    bandCount: optional(oneOfNumbers(bandCounts, 'Write 3, 4, 5 or 6 bands.')),
  }),
  type: record<ValueOf<'type'>>({
    kind: literal('type'),
    print: someText('A type number', 60, 'Write the type number.'),
  }),
  colour: record<ValueOf<'colour'>>({
    kind: literal('colour'),
    colour: oneOf(lightColours, { wrong: 'Choose one of the colours.' }),
  }),
  none: record<ValueOf<'none'>>({ kind: literal('none') }),
});

const placeName = leaf(
  yup
    .string()
    .strict()
    .matches(/^[A-Z]{1,4}\d{1,4}$/, 'A place name is letters and a number, such as R1.')
    .defined(),
);

const placeNames = list(placeName, (array) =>
  array.max(200, 'A line has at most 200 places.').required('List the places, or an empty list.'),
);

export const lotNoteSchema = record<LotNote>({
  text: someText('A lot note', 300, 'Say what is different about this lot.'),
  turned: optional(list(oneOf(signMarks), (array) => array.max(8).required())),
  pinout: optional(list(anyText('The name of a lead', 20), (array) => array.max(8).required())),
});

const family = oneOf(familyIds, { wrong: 'Choose the kind of part from the list.' });

/** What lies in a drawer. */
export const stockPartSchema: Schema<StockPart> = record<StockPart>({
  family,
  value: valueSchema,
  pins: leaf(yup.number().integer('Write a whole number of pins.').min(1).max(64)),
  size: optional(
    oneOf(chipSizeCodes, { wrong: `The size is one of ${chipSizeCodes.join(', ')}.` }),
  ),
});

export const mountingSchema = oneOfKind<Mounting>({
  'bent-over': record<Extract<Mounting, { kind: 'bent-over' }>>({ kind: literal('bent-over') }),
  raised: record<Extract<Mounting, { kind: 'raised' }>>({
    kind: literal('raised'),
    mm: leaf(
      yup
        .number()
        .moreThan(0, `Write how far it stands off, up to ${mostRaisedMm} mm.`)
        .max(mostRaisedMm, `A part stands off by ${mostRaisedMm} mm at most.`)
        .required('Write how far it stands off, in mm.'),
    ),
  }),
});

export const partSchema: Schema<Part> = record<Part>({
  designators: placeNames,
  quantity: leaf(
    yup
      .number()
      .integer('Write a whole number of pieces.')
      .min(1, 'There is at least one piece.')
      .max(9999, 'There are at most 9999 pieces.')
      .required('Write the number of pieces.'),
  ),
  family,
  value: valueSchema,
  pins: leaf(yup.number().integer('Write a whole number of pins.')),
  description: anyText('A description', 500),
  package: leaf(
    yup
      .string()
      .strict()
      .max(60, 'A body has at most 60 characters.')
      .min(1, 'Write the body, or leave it out.'),
  ),
  remarks: leaf(
    yup
      .string()
      .strict()
      .max(500, 'Remarks have at most 500 characters.')
      .min(1, 'Write a remark, or leave it out.'),
  ),
  showRemarks: leaf(yup.boolean()),
  supply: oneOf(supplies),
  mounting: optional(mountingSchema),
  lotNote: optional(lotNoteSchema),
});

/** What an instructor said of a number that the catalogue does not know. */
export const ownTypeSchema: Schema<OwnType> = record<OwnType>({
  family,
  pins: leaf(yup.number().integer('Write a whole number of pins.').min(1).max(64)),
  package: leaf(yup.string().strict().max(60).min(1)),
  lotNote: optional(lotNoteSchema),
});

/** A line of a kit's list, and how sure the import was of what it is; `told` where a person said it. */
export interface KitLine {
  readonly part: Part;
  readonly confidence: Confidence;
  /** What of the reading nobody has confirmed. */
  readonly doubts?: readonly Doubt[];
}

export const kitLineSchema: Schema<KitLine> = record<KitLine>({
  part: partSchema,
  confidence: oneOf(confidences),
  doubts: optional(list(oneOf(doubtsOfReading), (array) => array.max(4).required())),
});

export const erratumSchema: Schema<Erratum> = record<Erratum>({
  designators: list(placeName, (array) =>
    array
      .max(200, 'A line has at most 200 places.')
      .min(1, 'Say which places it concerns, such as R1.')
      .required('List the places, or an empty list.'),
  ),
  text: someText('An erratum', 500, 'Say what is wrong and what to do instead.'),
});
