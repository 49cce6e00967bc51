/** The schools of soldering order by their ids, the most common first. */
export const styleIds = [
  'lowest-first',
  'toughest-first',
  'by-sheet',
  'surface-first',
  'by-block',
  'anchors-first',
] as const;

export type StyleId = (typeof styleIds)[number];

/** What most instructors of beginners do, and what decides where nothing else does (common practice). */
export const usualStyle: StyleId = 'lowest-first';
