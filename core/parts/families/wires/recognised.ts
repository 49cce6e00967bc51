import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const wires = {
  'wire-link': {
    assumedFor: null,
  },
  wire: {
    assumedFor: null,
    not: /\b(link|jumper|bridge|terminal|jst|wirewound)\b|brucke|\b(tie|ties|binder)\b|kabelbinder|\b(solar|cell|ear ?(phone|piece)|ohrhorer|piano)/,
  },
} as const satisfies RecognisedBy;
