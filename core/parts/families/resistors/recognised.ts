import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const resistors = {
  'light-resistor': {
    assumedFor: null,
    types: [/\bGL55\d\d\b/i],
  },
  potentiometer: {
    assumedFor: null,
    // The letter of its curve before or behind its value: `A100K`, `50KB` (common practice).
    types: [/(?<![\w.])(?:[ABW]\d{1,4}[kKM]|\d{1,4}[kK][AB])(?!\w)/],
    pinsVary:
      /\b(?:dual|double|stereo|tandem|doppel\w*|doble|duo|dubbel\w*|(?:2|two|zwei)[ -]?(?:gang|fach))\b|2x(?=\s?\d+ ?k)/,
    not: /\b(trimmer|trimpot|trim|preset|cermet)\b|\b(3296\w?|3362\w?|rm-?065|pt-?(?:6|10|15)\w*|precision)\b|(?<!(?:with|mit|con|avec|met|incl|inkl|[+&]) )\b(?:knob|drehknopf)\b/,
  },
  'resistor-axial': {
    assumedFor: 'value-alone',
    not: /\b(smd|smt|chip|0402|0603|0805|1206|network|array|netzwerk|si[lp]-?\d*|rm-?06[35]|3296\w?|33[68]6\w?|ldr|photo|foto|ntc|ptc|thermistor|variable|poti|pot|trim\w*|lin|log)\b|\b(photosensitive|photoresist\w*|adjustable|ajustable|regelbar\w*|einstellbar\w*|sensitive|dependent)\b/,
  },
  'resistor-chip': {
    assumedFor: null,
    needs: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b/,
    not: /\b(array|network|netzwerk|kerko|capacitor|kondensator)\b/,
  },
  'resistor-network': {
    assumedFor: null,
    pinsVary: true,
    types: [
      /\b[AL]\d{2}-?\d{3}[JGK]?\b/,
      /^(?!.*(?:sensor|modul|display|\bic\b|chip|converter|dht)).*\bSI[PL]-?\d{1,2}\b/i,
    ],
  },
  thermistor: {
    assumedFor: null,
    // Sold by its current it is a fuse that comes back.
    not: /\b\d+(?:[.,]\d+)?\s?m?a\b/,
  },
  trimmer: {
    assumedFor: null,
    types: [/\b(?:3296|3362|3386)[A-Z]?\b/, /\bRM-?06[35]\b/, /\bPT-?(?:6|10|15)[A-Z]{0,3}\b/],
    not: /\d\s?pf\b|\b(lin|log|shaft|stereo)\b|^(?!.*\b(precision|3296\w?|3362\w?)\b).*\bpotentiometer\b/,
  },
  varistor: {
    assumedFor: null,
    types: [/\b\d{1,2}[DK]\d{3}K?\b/],
  },
} as const satisfies RecognisedBy;
