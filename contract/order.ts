import * as yup from 'yup';
import { hardRules } from '#core/order/rules/index';
import type { OrderSettings } from '#core/order/settings';
import { styles } from '#core/order/styles/index';

const key = yup.string().strict().required('Name the part or check.').max(120);

const batchSchema = yup.lazy((batch: unknown) =>
  typeof batch === 'object' && batch !== null && 'kind' in batch && batch.kind === 'pieces'
    ? yup.object({
        kind: yup.string().oneOf(['pieces']).required(),
        most: yup
          .number()
          .typeError('Write how many parts are put in at a time.')
          .integer('Write a whole number of parts.')
          .min(1, 'Put in at least 1 part at a time.')
          .max(50, 'Put in at most 50 parts at a time.')
          .required('Say how many parts are put in at a time.'),
      })
    : yup.object({
        kind: yup
          .string()
          .oneOf(['value'], 'Put in one value at a time, or so many pieces.')
          .required('Say how many parts are put in at a time.'),
      }),
);

const blockSchema = yup.object({
  name: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the name.')
    .required('Give the block a name.')
    .max(40, 'A block’s name has at most 40 characters.'),
  places: yup.array(key).required('Say which parts belong to the block.').max(500),
  test: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the text.')
    .max(300, 'Say in at most 300 characters what is seen when the block works.')
    .nullable()
    .defined('Say what is seen when the block works, or nothing.'),
});

const exceptionSchema = yup.object({
  rule: yup
    .string()
    .strict()
    .oneOf(
      hardRules.map(({ id }) => id),
      'This rule is not known.',
    )
    .required('Say which rule is broken.'),
  before: key,
  after: key,
  reason: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the reason.')
    .required('Say why the rule is broken here.')
    .max(300, 'A reason has at most 300 characters.'),
});

/** How an instructor wants a kit built. */
export const orderSchema = yup.object({
  styles: yup
    .array(
      yup
        .string()
        .strict()
        .oneOf(
          styles.map(({ id }) => id),
          'This style is not known.',
        )
        .required(),
    )
    .required('Choose a style.')
    .min(1, 'Choose at least one style.')
    .max(styles.length, 'Choose each style once.')
    .test('once', 'Choose each style once.', (ids) => new Set(ids).size === ids?.length),
  batch: batchSchema,
  checks: yup
    .string()
    .strict()
    .oneOf(['blocks', 'end'], 'Test block by block or at the end.')
    .required('Say when it is tested.'),
  access: yup
    .object({
      coneDegrees: yup
        .number()
        .typeError('Write the angle of the iron in degrees.')
        .min(0, 'The angle is from 0 to 60 degrees.')
        .max(60, 'The angle is from 0 to 60 degrees.')
        .required('Write the angle of the iron in degrees.'),
      clearanceMm: yup
        .number()
        .typeError('Write the clearance in mm.')
        .min(0, 'The clearance is from 0 to 10 mm.')
        .max(10, 'The clearance is from 0 to 10 mm.')
        .required('Write the clearance in mm.'),
    })
    .required('Say how much room an iron needs.'),
  blocks: yup
    .array(blockSchema)
    .max(30, 'A kit has at most 30 blocks.')
    .nullable()
    .defined('Name the blocks, or take those of the nets.')
    .test(
      'names',
      'Give each block a name of its own.',
      (blocks) => !blocks || new Set(blocks.map(({ name }) => name)).size === blocks.length,
    ),
  arrangement: yup
    .array(yup.array(key).required().min(1, 'A step has at least one part.').max(500))
    .max(500, 'A kit has at most 500 steps.')
    .nullable()
    .defined('Give the steps in order, or leave the order to the styles.')
    .test('once', 'A part or check stands in two steps.', (steps) => {
      const keys = steps?.flat() ?? [];
      return new Set(keys).size === keys.length;
    }),
  exceptions: yup
    .array(exceptionSchema)
    .required('List the rules that are broken, or none.')
    .max(200, 'At most 200 rules can be broken.'),
}) as unknown as yup.ISchema<OrderSettings>;
