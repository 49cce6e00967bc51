import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const connectors = {
  connector: {
    assumedFor: null,
    pinsVary: true,
    not: /\b(battery|batterie|9v|dc|barrel|audio|usb)\b/,
  },
  jack: {
    assumedFor: null,
    // One that is for a power plug has three tags; of any other each maker has another number.
    pinsVary:
      /^(?!.*(?:\b(?:dc|power|barrel|hohl\w*|netzteil\w*|strom\w*|5[.,]5|2[.,][15])(?!\d)))|\busb|\b(?:audio|stereo|mono|head ?phones?|ear ?phones?|kopfhorer\w*|auriculares|klinke\w*|phono|rca|cinch|xlr|din|midi|bnc)\b|\b(?:2[.,]5|3[.,]5|6[.,]3\d?) ?(?:mm)?\b(?! ?x)/,
    // Sockets of 2 and 4 mm take banana plugs.
    not: /\b(usb-?c|type-?c|micro-?usb|mini-?usb|micro usb)\b|banan|(?<![\d.,x×])[24] ?mm\b|\b(cord|cable|kabel|lead)\b/,
  },
  'pin-header': {
    assumedFor: null,
    pinsVary: true,
    not: /female|socket|buchse|femelle|hembra|shrouded|box header|\bidc\b/,
  },
  'socket-strip': {
    assumedFor: null,
    pinsVary: true,
    // So many pins in two rows have the sockets of chips (common practice); these others have a shell of their own.
    not: /\b(?:6|8|14|16|18|20|22|24|28|40)[- ]?pins? socket\b|\b(?:din|rca|phono|cinch|midi|xlr|bnc|usb|jack)\b/,
  },
  'terminal-block': {
    assumedFor: null,
    pinsVary: true,
    not: /banana|bananen|binding post|polklemme/,
    types: [/\b(?:KF|DG)-?(?:128|300|301|306|350)\b/],
  },
} as const satisfies RecognisedBy;
