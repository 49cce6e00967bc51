/** Sizes of chip parts by the code of their length and width in hundredths of an inch, as lists have them. */
export const chipSizeCodes = [
  '0402',
  '0603',
  '0805',
  '1206',
  '1210',
  '1812',
  '2010',
  '2512',
] as const;

export type ChipSizeCode = (typeof chipSizeCodes)[number];
