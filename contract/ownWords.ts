import * as yup from 'yup';
import { said } from '#core/learning/said';
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
import { leaf, list, oneOf, optional, record, type Schema, sameFor } from './schema.ts';

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

export const ownWordsSchema: Schema<OwnWords> = record<OwnWords>({
  ...sameFor(ownTextFields, optional(ownTextSchema)),
  minutes: optional(
    leaf(
      yup
        .number()
        .typeError(said('refusals.order.minutesFromHalf'))
        .min(0.5, said('refusals.order.minutesFromHalf'))
        .max(480, said('refusals.order.minutesFromHalf'))
        .required(said('refusals.order.minutesFromHalf')),
    ),
  ),
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
