import { families } from '../parts/families/index.ts';
import { recognised } from '../parts/families/recognised.ts';

/** Whether the whole of a number is how parts are numbered that no catalogue of types has: `GL5528`, `SS12D00`. */
export const isOwnNumber = (written: string): boolean => {
  const number = written.toUpperCase();
  return families.some(
    (family) =>
      family.kinds === undefined &&
      recognised(family).types?.some((type) => type.exec(number)?.[0] === number),
  );
};
