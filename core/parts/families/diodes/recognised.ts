import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const diodes = {
  'bridge-rectifier': {
    assumedFor: null,
    not: /\b(smd|mbs|mb\d+s)\b/,
  },
  'diode-axial': {
    assumedFor: null,
    not: /\b(smd|smt|melf|minimelf|sod-?\d{3}|led|zener\w*|z-?diode|bzx\w*|ll4148)\b|\bz-diode/,
    types: [
      /\b1N\s?\d{3,4}[A-Z]?\b/i,
      /\bBAT\d{2}\b/i,
      /\bBAV\d{2}\b/i,
      /\bUF400\d\b/i,
      /\bSB1\d0\b/i,
    ],
  },
  'diode-chip': {
    assumedFor: null,
    types: [/\b(1N4148W|SS[1-3]\d|M7|BAT54)\b/i],
    needs: /\b(smd|smt|chip|sod-?\d{3}|sma|do-?214\w*)\b|\b(1n4148w|ss\d4|m7)\b/,
    not: /melf|led/,
  },
  'diode-melf': {
    assumedFor: null,
    types: [/\bLL\d{4}\b/i],
    needs: /melf|\bll4148\b|\bll41\b/,
  },
  'zener-axial': {
    assumedFor: null,
    types: [
      /\bBZX\d{2}\w*/i,
      /\b1N47[2-6]\d[A-Z]?\b/i,
      /\b1N52[2-6]\d[A-Z]?\b/i,
      /\bZPD?\s?\d+\w*/i,
      /\b\d{1,2}[.,]\d\s?V\b/i,
      /\b\d{1,2}V\d?\b/i,
    ],
    needs: /zener|\bz-?\s?diode|\bbzx\d|\b1n47[2-6]\d|\b1n52[2-6]\d|\bzpd?\s?\d/,
    not: /\b(smd|melf|sod-?\d+|sot-?23|minimelf)\b/,
  },
} as const satisfies RecognisedBy;
