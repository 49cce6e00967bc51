/** What to do about a pair (common practice), in the order in which it is worth trying. */
export const remedyWords = {
  'one-value-at-once': 'Hand out one value, let everybody fit all of it, then hand out the other.',
  measure: 'Measure each one before it is fitted; the meter tells them apart at once.',
  'read-print': 'Read the print aloud with a magnifier, in pairs, before it is fitted.',
  'light-up': 'Light it with the diode test of a meter before it is fitted.',
  'separate-bags': 'Pack them in separate bags, with the place names on the bag.',
  'tape-label': 'Tape a label with the place name on one of the two when you pack.',
  'other-bands': 'Order the {{what}} with five bands instead: {{bands}}.',
} as const;

export type RemedyId = keyof typeof remedyWords;
