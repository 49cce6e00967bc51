/** How a part that hands, light or warmth move stands while the board is measured. */
export const states = [
  'middle',
  'at-first-end',
  'at-last-end',
  'first-side',
  'other-side',
  'at-rest',
  'pressed',
  'lit-room',
  'dark',
  'bright-light',
  'room-warm',
  'hand-warm',
  'all-open',
  'all-closed',
] as const;
export type State = (typeof states)[number];
