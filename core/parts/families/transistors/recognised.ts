import type { RecognisedBy } from '../recognisedBy.ts';

const inMetal = /\bto-?\s?3\b/;

/** See RecognisedBy. */
export const transistors = {
  'mosfet-sot23': {
    assumedFor: null,
    types: [/\bBSS\d+\b/i, /\b2N7002\b/i, /\bAO34\d\d\b/i],
    needs: /\bsot-?23\b|\b(mmbt\w*|bc8[45]\d\w*|bss\d+|2n7002|ao34\d\d)\b|\bsmd\b/,
  },
  'mosfet-to220': {
    assumedFor: null,
    types: [/\bIR[FL][A-Z]?\d\w*/i, /\bBUZ\d\w*/i],
    needs: /\bto-?220\b|\b(tip\d\w*|bd(13[5-9]|140|24\d)\w*|mje\d+|ir[fl]\w+|buz\d+)\b/,
  },
  'mosfet-to92': {
    assumedFor: null,
    types: [
      /\b2N700[02]\b/i,
      /\bBS170\b/i,
      /\bBS250\b/i,
      /\b(J|BF)\d{3}[A-C]?\b(?=.*fet)/i,
      /\b2N5457\b/i,
    ],
    not: /\bto-?220\b|\bsot-?23\b|\bsmd\b|\bir[fl]\w+|\b(npn|pnp)\b/,
  },
  'regulator-sot': {
    assumedFor: null,
    needs:
      /\bsot-?\s?(223|23|89)\b|\b(smd|smt|cms)\b|\b(to-?252|dpak)\b|\b(ams|lm|ld)1117\w*|xc6206|me6211/,
    not: /\bto-?(220|92)\b|\bld1117v\d+/,
  },
  'regulator-to220': {
    assumedFor: null,
    types: [
      /\b(LM|UA|L|MC)?7[89]M?(05|06|08|09|10|12|15|18|24)\w*\b/i,
      /\bLM317(?!L)T?\b/i,
      /\bLM(337|1117|2940)\w*\b/i,
      /\bLD1117\w*\b/i,
    ],
    not: /\b\w*7[89]l\d\d|to-?92|lm317l|lp2950|mcp170|sot|smd/,
  },
  'regulator-to92': {
    assumedFor: null,
    types: [
      /\b(LM|UA|L|MC)?7[89]L\d\d\w*\b/i,
      /\bLM317L\w*\b/i,
      /\bLP2950\w*\b/i,
      /\bMCP170[02]\w*\b/i,
    ],
    needs: /\b\w*7[89]l\d\d\w*\b|to-?92|lm317l|lp2950|mcp170|ht73/,
  },
  'transistor-can': {
    assumedFor: null,
    needs: /\bto-?\s?(18|39|5)\b|\bmetal can\b/,
  },
  'transistor-sot23': {
    assumedFor: null,
    types: [/\bMMBT\w+\b/i, /\bBC8[45]\d\w*\b/i],
    needs: /\bsot-?23\b|\b(mmbt\w*|bc8[45]\d\w*|bss\d+|2n7002|ao34\d\d)\b|\bsmd\b/,
    not: /mosfet|\bfet\b|\b(bss\d+|2n7002)\b|led|regulator/,
  },
  'transistor-to220': {
    assumedFor: null,
    types: [/\bTIP\d+[A-C]?\b/i, /\bBD(13[5-9]|140|24\d)\w*\b/i, /\bMJE\d+\b/i],
    needs: /\bto-?220\b|\b(tip\d\w*|bd(13[5-9]|140|24\d)\w*|mje\d+|ir[fl]\w+|buz\d+)\b/,
    not: /\b(mosfet|fet|irf\w*|irl\w*|78\d\d|regulator|spannungsregler)\b/,
  },
  'transistor-to92': {
    assumedFor: null,
    not: /to-?220|sot-?23|\bsmd\b|mosfet|\b[np]-?(channel|kanal)\b|\bfet\b|\b(2n700[02]|bs170|bs250|tip\d\w*|mmbt\w+)\b|regulator|phototransistor/,
    types: [
      /\b(2N|PN)\s?\d{4}[A-Z]?\b/i,
      /\bBC\s?\d{3}[A-C]?\b/i,
      /\bS(8050|8550|9012|9013|9014)\b/i,
    ],
  },
  'triac-to220': {
    assumedFor: null,
    not: /\bto-?\s?92\b|\b(mac97\w*|z0103\w*|bt169\w*|brx49|mcr100\w*|2n506\d|2n602[78])\b|\b(opto\w*|moc\d+)\b/,
  },
  'triac-to92': {
    assumedFor: null,
    needs: /\bto-?\s?92\b|\b(mac97\w*|z0103\w*|bt169\w*|brx49|mcr100\w*|2n506\d|2n602[78])\b/,
    not: /\b(opto\w*|moc\d+)\b/,
  },
  'regulator-to3': { assumedFor: null, needs: inMetal },
  'transistor-to3': { assumedFor: null, needs: inMetal },
} as const satisfies RecognisedBy;
