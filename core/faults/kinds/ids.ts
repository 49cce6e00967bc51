/** Every kind of fault by its id. */
export const faultKindIds = [
  'backwards',
  'missing',
  'exchanged',
  'other-value',
  'other-leads',
  'open-joint',
  'pin-bent',
  'bridge',
  'strips-bridged',
  'cut-not-made',
  'link-forgotten',
  'one-hole-off',
  'wrong-pad',
  'cells-reversed',
  'cells-flat',
  'broken-open',
  'broken-short',
] as const;
export type FaultKindId = (typeof faultKindIds)[number];

/** What eyes are asked to look at; see core/faults/benchTests. */
export const lookAts = [
  'way-round',
  'value',
  'there',
  'joints',
  'between',
  'copper',
  'seat',
] as const;
export type LookAt = (typeof lookAts)[number];
