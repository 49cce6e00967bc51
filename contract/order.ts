import * as yup from 'yup';
import { type Said, said } from '#core/learning/said';
import type { Block } from '#core/order/block';
import { type RuleId, ruleIds } from '#core/order/rules/ids';
import type { Access, Batch, Exception, OrderSettings } from '#core/order/settings';
import { styleIds } from '#core/order/styles/ids';
import { trimmed, trimmedOrEmpty } from './leaves.ts';
import { doneKey, ownStepsSchema } from './ownSteps.ts';
import {
  leaf,
  list,
  literal,
  nullable,
  oneOf,
  oneOfKind,
  optional,
  record,
  type Schema,
} from './schema.ts';

const batchSchema = oneOfKind<Batch>(
  {
    value: record<Extract<Batch, { kind: 'value' }>>({ kind: literal('value') }),
    pieces: record<Extract<Batch, { kind: 'pieces' }>>({
      kind: literal('pieces'),
      most: leaf(
        yup
          .number()
          .typeError(said('refusals.order.writeHowManyPartsArePutIn'))
          .integer(said('refusals.order.writeAWholeNumberOfParts'))
          .min(1, said('refusals.order.putInAtLeast1PartAt'))
          .max(50, said('refusals.order.putInAtMost50PartsAt'))
          .required(said('refusals.order.sayHowManyPartsArePutIn')),
      ),
    }),
  },
  said('refusals.order.putInOneValueAtATime'),
);

const blockSchema: Schema<Block> = record<Block>({
  name: trimmed(40, said('refusals.order.giveTheBlockAName')),
  places: list(doneKey, (array) =>
    array.required(said('refusals.order.sayWhichPartsBelongToTheBlock')).max(500),
  ),
  test: nullable(
    trimmedOrEmpty(300, said('refusals.order.sayWhatIsSeenWhenTheBlock')),
    said('refusals.order.sayWhatIsSeenWhenTheBlock'),
  ),
});

const exceptionSchema: Schema<Exception> = record<Exception>({
  rule: oneOf<RuleId>(ruleIds, {
    wrong: said('refusals.order.thisRuleIsNotKnown'),
    missing: said('refusals.order.sayWhichRuleIsBroken'),
  }),
  before: doneKey,
  after: doneKey,
  reason: trimmed(300, said('refusals.order.sayWhyTheRuleIsBrokenHere')),
});

const figure = (wrong: Said, most: number, missing: Said) =>
  leaf(yup.number().typeError(missing).min(0, wrong).max(most, wrong).required(missing));

const accessSchema: Schema<Access> = record<Access>(
  {
    coneDegrees: figure(
      said('refusals.order.theAngleIsFrom0To60'),
      60,
      said('refusals.order.writeTheAngleOfTheIronIn'),
    ),
    clearanceMm: figure(
      said('refusals.order.theClearanceIsFrom0To10'),
      10,
      said('refusals.order.writeTheClearanceInMm'),
    ),
  },
  said('refusals.order.sayHowMuchRoomAnIronNeeds'),
);

const isOnce = (texts: readonly unknown[] | undefined) =>
  new Set(texts).size === (texts?.length ?? 0);

/** How an instructor wants a kit built. */
export const orderSchema: Schema<OrderSettings> = record<OrderSettings>({
  styles: list(oneOf(styleIds, { wrong: said('refusals.order.thisStyleIsNotKnown') }), (array) =>
    array
      .required(said('refusals.order.chooseAStyle'))
      .min(1, said('refusals.order.chooseAtLeastOneStyle'))
      .max(styleIds.length, said('refusals.order.chooseEachStyleOnce'))
      .test('once', said('refusals.order.chooseEachStyleOnce'), isOnce),
  ),
  batch: batchSchema,
  checks: oneOf(['blocks', 'end'], {
    wrong: said('refusals.order.testBlockByBlockOrAtThe'),
    missing: said('refusals.order.sayWhenItIsTested'),
  }),
  access: accessSchema,
  blocks: nullable(
    list(blockSchema, (array) =>
      array
        .max(30, said('refusals.order.aKitHasAtMost30Blocks'))
        .required()
        .test('names', said('refusals.order.giveEachBlockANameOfIts'), (blocks) =>
          isOnce((blocks as readonly Partial<Block>[] | undefined)?.map((block) => block?.name)),
        ),
    ),
    said('refusals.order.nameTheBlocksOrTakeThoseOf'),
  ),
  arrangement: nullable(
    list(
      list(doneKey, (array) =>
        array.required().min(1, said('refusals.order.aStepHasAtLeastOnePart')).max(500),
      ),
      (array) =>
        array
          .max(500, said('refusals.order.aKitHasAtMost500Steps'))
          .required()
          .test('once', said('refusals.order.aPartOrCheckStandsInTwo'), (steps: unknown) =>
            isOnce((steps as readonly unknown[] | undefined)?.flat()),
          ),
    ),
    said('refusals.order.giveTheStepsInOrderOrLeave'),
  ),
  exceptions: list(exceptionSchema, (array) =>
    array
      .required(said('refusals.order.listTheRulesThatAreBrokenOr'))
      .max(200, said('refusals.order.atMost200RulesCanBeBroken')),
  ),
  own: optional(ownStepsSchema),
});
