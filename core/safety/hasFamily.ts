import type { Part } from '../parts/part.ts';

/** Whether one of the parts is of one of the families. */
export const hasFamily =
  (...families: readonly string[]) =>
  ({ parts }: { readonly parts: readonly Part[] }): boolean =>
    parts.some(({ family }) => families.includes(family));
