import * as yup from 'yup';
import { type Said, said } from '#core/learning/said';
import { isRange, measuredUnits } from '#core/order/checks/limits';
import { openOhm } from '#core/order/checks/readings';
import { mostRepeats, type OwnMeasure, type Repeat } from '#core/order/own/measure';
import { type OwnWords, ownTextFields } from '#core/order/own/own';
import {
  markSorts,
  mostMarks,
  mostPictures,
  type PictureMark,
  type PicturePoint,
  type StepPicture,
} from '#core/order/own/pictures';
import type { OwnText } from '#core/words/ownText';
import { wholeNumber } from './leaves.ts';
import { pictureHash } from './pictures.ts';
import { holding, leaf, list, oneOf, optional, record, type Schema, sameFor } from './schema.ts';

export const ownTextSchema: Schema<OwnText> = leaf(
  yup
    .object()
    .required(said('refusals.order.writeTheText'))
    .test('own-text', said('refusals.order.aTextByItsLanguages'), isOwnText),
) as Schema<OwnText>;

const share = leaf(yup.number().min(0).max(1).required());
const point = record<PicturePoint>({ x: share, y: share });
const dots = wholeNumber(1, 4000);
const stepPicture = record<StepPicture>({
  hash: pictureHash,
  widthPx: dots,
  heightPx: dots,
  alt: ownTextSchema,
  marks: list(
    record<PictureMark>({
      sort: oneOf(markSorts),
      from: point,
      to: point,
      label: optional(ownTextSchema),
    }),
    (array) => array.required().max(mostMarks),
  ),
});

const limit = optional(
  leaf(
    yup
      .number()
      .typeError(said('refusals.order.aLimitIsANumber'))
      .min(0, said('refusals.order.aLimitIsANumber'))
      .max(openOhm, said('refusals.order.aLimitIsANumber'))
      .required(),
  ),
);
const measure = holding(
  record<OwnMeasure>({ unit: oneOf(measuredUnits), at: ownTextSchema, least: limit, most: limit }),
  'least',
  said('refusals.order.fromLeastToMost'),
  isRange,
);
const minutes = (least: number, message: Said) =>
  leaf(yup.number().typeError(message).min(least, message).max(480, message).required(message));
const repeat = record<Repeat>({
  times: wholeNumber(2, mostRepeats),
  jig: optional(ownTextSchema),
  minutesEach: optional(minutes(0.05, said('refusals.order.minutesOfAPiece'))),
});

export const ownWordsSchema: Schema<OwnWords> = record<OwnWords>({
  ...sameFor(ownTextFields, optional(ownTextSchema)),
  minutes: optional(minutes(0.5, said('refusals.order.minutesFromHalf'))),
  measure: optional(measure),
  repeat: optional(repeat),
  pictures: optional(
    list(stepPicture, (array) =>
      array
        .required()
        .max(mostPictures, said('refusals.pictures.atMostAtAStep', { most: mostPictures })),
    ),
  ),
});

/** Texts of people, by the two letters of their languages; each says something. */
function isOwnText(value: unknown): boolean {
  const entries = Object.entries((value ?? {}) as object);
  return (
    entries.length > 0 &&
    entries.length <= 12 &&
    entries.every(
      ([tongue, text]) =>
        /^[a-z]{2}$/.test(tongue) &&
        typeof text === 'string' &&
        text.trim() !== '' &&
        text.length <= longestOwnText,
    )
  );
}

/** Characters of one text in one language. */
export const longestOwnText = 2000;
