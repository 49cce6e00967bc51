import type { Case } from './case.ts';
import { casesOfDoubt } from './casesOfDoubt.ts';
import { casesOfRadios } from './casesOfRadios.ts';
import { casesOfThings } from './casesOfThings.ts';
import { casesOfTypes } from './casesOfTypes.ts';
import { casesOfValues } from './casesOfValues.ts';
import { casesOfWriting } from './casesOfWriting.ts';

/** By what is tried; every one is asked of the reader as a row of one cell beside its place. */
export const cases: Readonly<Record<string, readonly Case[]>> = {
  ...casesOfDoubt,
  ...casesOfRadios,
  ...casesOfThings,
  ...casesOfTypes,
  ...casesOfValues,
  ...casesOfWriting,
};
