import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const chips = {
  'chip-power': {
    assumedFor: null,
    needs:
      /\b(to-?\s?220-?(5|11)|pentawatt|multiwatt|tda20[0-9]\w*|lm1875\w*|lm3886\w*|l298\w*|lm25[79]\w+)\b/,
  },
  'chip-row': {
    assumedFor: null,
    needs: /\b(sip|sil)-?\s?\d*\b|\b(ka2284|an6884|ba6124)\b/,
    not: /\b(resistor|widerstand|netzwerk|network|array|socket|header|strip)\b/,
  },
  'chip-to92': {
    assumedFor: null,
    not: /\b(ntc|ptc|thermistor|smd|module|modul|so-?8)\b/,
  },
  'ic-dip': {
    assumedFor: null,
    not: /\b(so|soic|sop|ssop)-?\s?\d*\b|\bsmd\b|socket|\bbases?\b|fassung|sockel|voet|zocalo|support|regulator|regler|holder|\b\w*7[89]l?\d\d\b|\blm3(17|37)\w*|\b(lm1117|lm2940)\w*|\b(1n|2n|bc)\s?\d+/,
    types: [
      /\b(NE|LM|TLC|SE|ICM|NA)?(7?555|556)[A-Z]*\b/i,
      /\bLM\d{3,4}[A-Z]*\b/i,
      /\bTL0\d{2}\b/i,
      /\b(CD|HEF|HCF)4\d{3}\w*\b/i,
      /\b40\d{2}B?E?\b/i,
      /\b(SN)?74(HC|LS|HCT|AHC)?\d{2,3}\w*\b/i,
      /\bATTINY\d+\b/i,
    ],
  },
  'ic-so': {
    assumedFor: null,
    types: [/\b(NE|LM|TLC|SE)?555\b/i, /\bLM\d{3,4}\b/i, /\bATTINY\d+\b/i],
    needs: /\b(so|soic|sop|ssop|tssop)-?\s?\d*\b|\bsmd\b/,
    not: /\b(resistor|widerstand|led|diode|kondensator|capacitor|transistor|sot-?23|adapter|sop adapter)\b/,
  },
  module: {
    assumedFor: null,
    pinsVary: true,
    not: /\b(battery|holder|halter|led strip)\b/,
  },
  optocoupler: {
    assumedFor: null,
    types: [/\b(PC817|PC8\d\d|4N(25|28|35|37)|CNY17|MOC30\d\d|6N13\d|LTV-?8\d)\w*/i],
  },
  'socket-dip': {
    assumedFor: null,
    pinsVary: true,
    // “Base 16 pines”, as Spanish sheets of the Americas have it.
    types: [
      /\bbases? (?:de )?\d{1,2} ?(?:pines|patas|p)\b/i,
      /\b\d{1,2}[ -]?pins? (?:ic )?bases?\b/i,
    ],
    not: /\b(usb\w*|audio|jack|dc|power|mains|lamp|bulb|fuse|piles?|rj\d+|rca|phono|cinch|din|midi|xlr|bnc)\b/,
  },
} as const satisfies RecognisedBy;
