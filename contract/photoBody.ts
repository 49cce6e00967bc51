import * as yup from 'yup';
import { said } from '#core/learning/said';
import { fields, leaf } from './schema.ts';

/** A photo is at most so large, in bytes; browsers make cameras’ pictures smaller before they send them. */
export const largestPhoto = 1_000_000;

/** With its data in the address (RFC 2397), in base64. */
export const photoBody = fields({
  image: leaf(
    yup
      .string()
      .strict()
      .required(said('refusals.photos.takeAPhoto'))
      .matches(/^data:image\/jpeg;base64,[A-Za-z0-9+/]+=*$/, {
        message: said('refusals.photos.takeAPhoto'),
      })
      .max(
        Math.ceil(largestPhoto / 3) * 4 + 40,
        said('refusals.photos.tooLarge', { megabytes: largestPhoto / 1_000_000 }),
      ),
  ),
});
