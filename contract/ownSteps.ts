import * as yup from 'yup';
import { said } from '#core/learning/said';
import {
  type AddedStep,
  type ChangedStep,
  type HiddenStep,
  type OwnSteps,
  ownSorts,
} from '#core/order/own/own';
import { trimmed } from './leaves.ts';
import { ownWordsSchema } from './ownWords.ts';
import { leaf, list, nullable, oneOf, record } from './schema.ts';

/** Something that is done, as arrangements call it. */
export const doneKey = leaf(
  yup.string().strict().required(said('refusals.order.nameThePartOrCheck')).max(120),
);

const changedStep = record<ChangedStep>({
  at: doneKey,
  words: ownWordsSchema,
  basis: leaf(yup.string().strict().defined().max(400)),
});
const addedStep = record<AddedStep>({
  id: leaf(
    yup
      .string()
      .strict()
      .required()
      .matches(/^[a-z0-9-]{1,40}$/),
  ),
  sort: oneOf(ownSorts),
  after: nullable(doneKey),
  words: ownWordsSchema,
});
const hiddenStep = record<HiddenStep>({
  at: doneKey,
  reason: trimmed(300, said('refusals.order.sayWhyTheStepIsLeftOut')),
});
export const ownStepsSchema = record<OwnSteps>({
  changed: list(changedStep, (array) => array.required().max(500)),
  added: list(addedStep, (array) =>
    array.required().max(100, said('refusals.order.atMost100OwnSteps')),
  ),
  hidden: list(hiddenStep, (array) => array.required().max(500)),
});
