/** Every class of mistake by its id, the commonest first (common practice). */
export const mistakeIds = [
  'wrong-value',
  'backwards',
  'wrong-place',
  'bridge',
  'dry-joint',
  'lead-missed',
  'lifted-pad',
  'bent-pin',
  'broken-part',
  'lost-part',
  'check-failed',
  'check-skipped',
] as const;

export type MistakeId = (typeof mistakeIds)[number];
