/** Every hard rule by its id; where two contradict each other, the one further down gives way. */
export const ruleIds = [
  'links-first',
  'socket-before-chip',
  'screws-before-solder',
  'ties-after-solder',
  'sink-before-its-part',
  'sink-before-power',
  'feet-last',
  'unplaced-last',
  'case-last',
  'battery-last',
  'holder-tried-first',
  'all-soldered-before-look',
  'look-before-measuring',
  'supply-before-measuring',
  'resistance-before-power',
  'chips-after-supply',
  'power-before-function',
  'function-last',
  'covers-pads',
  'under-body',
  'iron-access',
  'middle-first',
  'surface-before-tall',
  'far-side-last',
] as const;

export type RuleId = (typeof ruleIds)[number];
