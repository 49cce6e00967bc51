import * as yup from 'yup';
import type { Block } from '#core/order/block';
import { type RuleId, ruleIds } from '#core/order/rules/ids';
import type { Access, Batch, Exception, OrderSettings } from '#core/order/settings';
import { styleIds } from '#core/order/styles/ids';
import { trimmed, trimmedOrEmpty } from './leaves.ts';
import { leaf, list, literal, nullable, oneOf, oneOfKind, record, type Schema } from './schema.ts';

const key = leaf(yup.string().strict().required('Name the part or check.').max(120));

const batchSchema = oneOfKind<Batch>(
  {
    value: record<Extract<Batch, { kind: 'value' }>>({ kind: literal('value') }),
    pieces: record<Extract<Batch, { kind: 'pieces' }>>({
      kind: literal('pieces'),
      most: leaf(
        yup
          .number()
          .typeError('Write how many parts are put in at a time.')
          .integer('Write a whole number of parts.')
          .min(1, 'Put in at least 1 part at a time.')
          .max(50, 'Put in at most 50 parts at a time.')
          .required('Say how many parts are put in at a time.'),
      ),
    }),
  },
  'Put in one value at a time, or so many pieces.',
);

const blockSchema: Schema<Block> = record<Block>({
  name: trimmed('the name', 40, 'Give the block a name.'),
  places: list(key, (array) => array.required('Say which parts belong to the block.').max(500)),
  test: nullable(
    trimmedOrEmpty('the text', 300, 'Say what is seen when the block works, or nothing.'),
    'Say what is seen when the block works, or nothing.',
  ),
});

const exceptionSchema: Schema<Exception> = record<Exception>({
  rule: oneOf<RuleId>(ruleIds, {
    wrong: 'This rule is not known.',
    missing: 'Say which rule is broken.',
  }),
  before: key,
  after: key,
  reason: trimmed('the reason', 300, 'Say why the rule is broken here.'),
});

const figure = (wrong: string, most: number, missing: string) =>
  leaf(yup.number().typeError(missing).min(0, wrong).max(most, wrong).required(missing));

const accessSchema: Schema<Access> = record<Access>(
  {
    coneDegrees: figure(
      'The angle is from 0 to 60 degrees.',
      60,
      'Write the angle of the iron in degrees.',
    ),
    clearanceMm: figure('The clearance is from 0 to 10 mm.', 10, 'Write the clearance in mm.'),
  },
  'Say how much room an iron needs.',
);

const isOnce = (texts: readonly unknown[] | undefined) =>
  new Set(texts).size === (texts?.length ?? 0);

/** How an instructor wants a kit built. */
export const orderSchema: Schema<OrderSettings> = record<OrderSettings>({
  styles: list(oneOf(styleIds, { wrong: 'This style is not known.' }), (array) =>
    array
      .required('Choose a style.')
      .min(1, 'Choose at least one style.')
      .max(styleIds.length, 'Choose each style once.')
      .test('once', 'Choose each style once.', isOnce),
  ),
  batch: batchSchema,
  checks: oneOf(['blocks', 'end'], {
    wrong: 'Test block by block or at the end.',
    missing: 'Say when it is tested.',
  }),
  access: accessSchema,
  blocks: nullable(
    list(blockSchema, (array) =>
      array
        .max(30, 'A kit has at most 30 blocks.')
        .required()
        .test('names', 'Give each block a name of its own.', (blocks) =>
          isOnce((blocks as readonly Partial<Block>[] | undefined)?.map((block) => block?.name)),
        ),
    ),
    'Name the blocks, or take those of the nets.',
  ),
  arrangement: nullable(
    list(
      list(key, (array) => array.required().min(1, 'A step has at least one part.').max(500)),
      (array) =>
        array
          .max(500, 'A kit has at most 500 steps.')
          .required()
          .test('once', 'A part or check stands in two steps.', (steps: unknown) =>
            isOnce((steps as readonly unknown[] | undefined)?.flat()),
          ),
    ),
    'Give the steps in order, or leave the order to the styles.',
  ),
  exceptions: list(exceptionSchema, (array) =>
    array
      .required('List the rules that are broken, or none.')
      .max(200, 'At most 200 rules can be broken.'),
  ),
});
