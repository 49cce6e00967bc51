import * as yup from 'yup';
import { said } from '#core/learning/said';
import { fields, leaf, oneOfNumbers } from './schema.ts';
import { hoursOfClocks, isTimeZone } from './timeZone.ts';

export const siteClockBody = fields({
  timeZone: leaf(
    yup
      .string()
      .strict()
      .max(60)
      .required(said('refusals.site.chooseATimeZone'))
      .test('zone', said('refusals.site.chooseATimeZone'), isTimeZone),
  ),
  hours: oneOfNumbers(hoursOfClocks, said('refusals.site.choose12Or24')),
});
