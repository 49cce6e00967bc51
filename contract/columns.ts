import * as yup from 'yup';
import { said } from '#core/learning/said';
import { anyText } from './leaves.ts';
import { leaf, list } from './schema.ts';

/** A column of a list, counted from 0. */
export const columnIndex = leaf(
  yup
    .number()
    .integer()
    .min(0, said('refusals.kits.aColumnIsCountedFrom0'))
    .max(200, said('refusals.kits.aPartsListHasAtMost200')),
);

/** What stands above the columns of a list. */
export const headings = list(anyText(500), (array) => array.required().max(200));
