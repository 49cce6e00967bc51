import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';

/** Whether the board can have power: cells, a regulator, or a way in for a supply. */
export const hasSupply = (parts: readonly Part[]): boolean =>
  parts.some((part) => {
    const { power, job } = familyOf(part);
    return (
      power !== 'none' ||
      job === 'supply' ||
      job === 'regulator' ||
      (job === 'connector' &&
        /\b(dc|power|supply|usb|strom\w*|netzteil|hohlbuchse|alimenta\w*)\b/i.test(
          part.description,
        ))
    );
  });
