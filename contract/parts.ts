import * as yup from 'yup';
import type { BandCount } from '#core/bands/encode';
import { said } from '#core/learning/said';
import { chipSizeCodes } from '#core/parts/chipSizeCodes';
import type { Erratum } from '#core/parts/erratum';
import { familyIds } from '#core/parts/families/ids';
import { heldKinds, type Mounting, mostHeld, mostRaisedMm, mostWireMm } from '#core/parts/mounting';
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
  either,
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
    unit: oneOf(unitIds, { missing: said('refusals.parts.sayTheUnit') }),
    amount: leaf(
      yup
        .number()
        .typeError(said('refusals.parts.writeTheValueAsANumber'))
        .min(0, said('refusals.parts.aValueIsNotBelow0'))
        .max(1e12, said('refusals.parts.thisValueIsTooLargeToBe'))
        .required(said('refusals.parts.writeTheValue')),
    ),
    tolerancePercent: leaf(
      yup
        .number()
        .moreThan(0, said('refusals.parts.aToleranceIsAbove0'))
        .max(100, said('refusals.parts.aToleranceIsAtMost100')),
    ),
    minusPercent: leaf(
      yup
        .number()
        .moreThan(0, said('refusals.parts.aToleranceIsAbove0'))
        .max(100, said('refusals.parts.aToleranceIsAtMost100')),
    ),
    ratedVolt: leaf(yup.number().moreThan(0, said('refusals.parts.aVoltageIsAbove0V')).max(2000)),
    bandCount: optional(oneOfNumbers(bandCounts, said('refusals.parts.write345Or6Bands'))),
  }),
  type: record<ValueOf<'type'>>({
    kind: literal('type'),
    print: someText(60, said('refusals.parts.writeTheTypeNumber')),
  }),
  colour: record<ValueOf<'colour'>>({
    kind: literal('colour'),
    colour: oneOf(lightColours, { wrong: said('refusals.parts.chooseOneOfTheColours') }),
  }),
  none: record<ValueOf<'none'>>({ kind: literal('none') }),
});

const placeName = leaf(
  yup
    .string()
    .strict()
    .matches(/^(?:[A-Z]{1,4}\d{1,4}[A-Z]?|[A-Z]{2,12})$/, {
      message: said('refusals.parts.aPlaceNameIsLettersAndA'),
    })
    .defined(),
);

const placeNames = list(placeName, (array) =>
  array
    .max(200, said('refusals.parts.aLineHasAtMost200Places'))
    .required(said('refusals.parts.listThePlacesOrAnEmptyList')),
);

export const lotNoteSchema = record<LotNote>({
  text: someText(300, said('refusals.parts.sayWhatIsDifferentAboutThisLot')),
  turned: optional(list(oneOf(signMarks), (array) => array.max(8).required())),
  pinout: optional(list(anyText(20), (array) => array.max(8).required())),
});

const family = oneOf(familyIds, { wrong: said('refusals.parts.chooseTheKindOfPartFromThe') });

/** What lies in a drawer. */
export const stockPartSchema: Schema<StockPart> = record<StockPart>({
  family,
  value: valueSchema,
  pins: leaf(yup.number().integer(said('refusals.parts.writeAWholeNumberOfPins')).min(1).max(64)),
  size: optional(
    oneOf(chipSizeCodes, {
      wrong: said('refusals.any.oneOf', { values: chipSizeCodes.join(', ') }),
    }),
  ),
});

export const mountingSchema = oneOfKind<Mounting>({
  'bent-over': record<Extract<Mounting, { kind: 'bent-over' }>>({ kind: literal('bent-over') }),
  raised: record<Extract<Mounting, { kind: 'raised' }>>({
    kind: literal('raised'),
    mm: leaf(
      yup
        .number()
        .moreThan(0, said('refusals.parts.writeHowFarItStandsOffUp', { mostRaisedMm }))
        .max(mostRaisedMm, said('refusals.parts.aPartStandsOffByMmAt', { mostRaisedMm }))
        .required(said('refusals.parts.writeHowFarItStandsOffIn')),
    ),
  }),
  'on-wires': record<Extract<Mounting, { kind: 'on-wires' }>>({
    kind: literal('on-wires'),
    mm: optional(
      leaf(
        yup
          .number()
          .moreThan(0, said('refusals.parts.writeTheLengthOfTheWires', { most: mostWireMm }))
          .max(mostWireMm, said('refusals.parts.writeTheLengthOfTheWires', { most: mostWireMm }))
          .required(said('refusals.parts.writeTheLengthOfTheWires', { most: mostWireMm })),
      ),
    ),
    colours: optional(
      list(leaf(yup.string().strict().required().max(20)), (array) => array.required().max(12)),
    ),
  }),
  holds: record<Extract<Mounting, { kind: 'holds' }>>({
    kind: literal('holds'),
    what: either(
      (what) => typeof what === 'string',
      oneOf(heldKinds),
      list(placeName, (array) =>
        array
          .min(1, said('refusals.parts.nameThePartsThatItHolds'))
          .max(mostHeld, said('refusals.parts.nameThePartsThatItHolds'))
          .required(said('refusals.parts.nameThePartsThatItHolds')),
      ),
    ),
  }),
});

export const partSchema: Schema<Part> = record<Part>({
  designators: placeNames,
  quantity: leaf(
    yup
      .number()
      .integer(said('refusals.parts.writeAWholeNumberOfPieces'))
      .min(1, said('refusals.parts.thereIsAtLeastOnePiece'))
      .max(9999, said('refusals.parts.thereAreAtMost9999Pieces'))
      .required(said('refusals.parts.writeTheNumberOfPieces')),
  ),
  family,
  value: valueSchema,
  pins: leaf(yup.number().integer(said('refusals.parts.writeAWholeNumberOfPins'))),
  description: anyText(500),
  package: leaf(
    yup
      .string()
      .strict()
      .max(60, said('refusals.parts.aBodyHasAtMost60Characters'))
      .min(1, said('refusals.parts.writeTheBodyOrLeaveItOut')),
  ),
  remarks: leaf(
    yup
      .string()
      .strict()
      .max(500, said('refusals.parts.remarksHaveAtMost500Characters'))
      .min(1, said('refusals.parts.writeARemarkOrLeaveItOut')),
  ),
  showRemarks: leaf(yup.boolean()),
  supply: oneOf(supplies),
  mounting: optional(mountingSchema),
  lotNote: optional(lotNoteSchema),
});

/** What an instructor said of a number that the catalogue does not know. */
export const ownTypeSchema: Schema<OwnType> = record<OwnType>({
  family,
  pins: leaf(yup.number().integer(said('refusals.parts.writeAWholeNumberOfPins')).min(1).max(64)),
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
      .max(200, said('refusals.parts.aLineHasAtMost200Places'))
      .min(1, said('refusals.parts.sayWhichPlacesItConcernsSuchAs'))
      .required(said('refusals.parts.listThePlacesOrAnEmptyList')),
  ),
  text: someText(500, said('refusals.parts.sayWhatIsWrongAndWhatTo')),
});
