import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const mechanical = {
  adhesive: {
    assumedFor: null,
    not: /copper|kupfer|cobre|conductive|leitf|wire glue|led tape|led strip|antenna/,
  },
  board: {
    assumedFor: null,
    // “PCB mount”, “for PCB”: how something else is fixed.
    not: /\b(?:sockets?|clips?|jack|pot|potentiometer|switch|terminals?|term|blk|connector|transformer|relay|fuse|holder|mount\w*|stand-?off|spacers?)\b/,
  },
  'cable-tie': {
    assumedFor: null,
  },
  'case-part': {
    assumedFor: null,
    not: /push|taste|tast|switch|schalter|pulsador|pot\b|resist|transistor|battery|batterie|akku|pila|smd|led\b|holder|halter|fuse|sicherung|connector|stecker|photo|foto/,
  },
  fixing: {
    assumedFor: null,
    not: /mica|insulat|isolier|glimmer|encoder|winkelsensor|sensor|pin|header|stift|buchse|connector|stecker/,
  },
  'heat-sink': {
    assumedFor: null,
  },
  insulator: {
    assumedFor: null,
    // “51p silver mica”.
    not: /\bsilver|capacitor|condensador|kondensator|\d ?p\b/,
  },
  'rubber-foot': {
    assumedFor: null,
  },
  'screw-nylon': {
    assumedFor: null,
    needs: /nylon|plast|kunststoff|nailon|polyamid/,
  },
  screw: {
    assumedFor: null,
    not: /stand-?off|spacer|abstand|distanz|entretoise|separador|afstand|nylon|kunststoff|plastic|terminal|klemme|insulat|isolier/,
    types: [/\bM[2345]\s*x\s*\d+\b/i],
  },
  'stand-off-nylon': {
    assumedFor: null,
    needs: /nylon|plast|kunststoff|nailon|polyamid/,
  },
  'stand-off': {
    assumedFor: null,
    not: /nylon|plast|kunststoff|nailon|polyamid/,
  },
} as const satisfies RecognisedBy;
