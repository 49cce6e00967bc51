/** Every check by its id, in the order in which they follow one another where nothing else decides. */
export const checkIds = [
  'try-holder',
  'look',
  'supply-resistance',
  'first-power',
  'function',
] as const;

export type CheckId = (typeof checkIds)[number];
