import dayjs from 'dayjs';
import * as yup from 'yup';
import { leaf } from '#contract/schema';
import { said } from '#core/learning/said';

/** The start as a form has it: in the time of the site, `2026-03-05T18:30`. */
export const localStart = leaf(
  yup
    .string()
    .required(said('workshops.newWorkshopPage.chooseDateAndStart'))
    .test('time', said('workshops.newWorkshopPage.chooseADateAndATime'), (text) =>
      dayjs(text).isValid(),
    ),
);
