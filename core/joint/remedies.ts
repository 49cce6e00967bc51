/** What is done about a joint (common practice). */
export const remedyIds = [
  'leave',
  'reheat-flux',
  'add-solder',
  'braid',
  'drag-bridge',
  'pull-spike',
  'wire-repair',
  'brush-off',
  'take-out',
  'both-ends',
] as const;
export type RemedyId = (typeof remedyIds)[number];

export const remedyWords: Readonly<Record<RemedyId, string>> = {
  leave: 'Leave it as it is',
  'reheat-flux':
    'Flux, then heat pad and lead together until it flows; hold still until it is solid',
  'add-solder': 'Heat pad and lead, and add a little solder',
  braid: 'Soak up what is too much with braid',
  'drag-bridge': 'Draw a clean hot tip through between the two, or use braid',
  'pull-spike': 'A touch of flux and a clean tip; take the tip away quickly along the lead',
  'wire-repair': 'Stop heating. Follow the track to the next pad and bridge it with a wire',
  'brush-off': 'Pick or brush it off before the power comes',
  'take-out': 'Take the part out, straighten the lead, put it through its hole',
  'both-ends': 'Flux, melt both ends in turn with little solder, and press it down flat',
};
