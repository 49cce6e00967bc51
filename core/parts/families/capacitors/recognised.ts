import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const capacitors = {
  'capacitor-can-chip': {
    assumedFor: null,
    needs: /\b(smd|smt|cms|cp elec)\b/,
    not: /tantal|\b(mlcc|x7r|x5r|np0|c0g|resistor|widerstand|led|diode)\b/,
  },
  'capacitor-ceramic': {
    assumedFor: 'below-1-µF',
    // Discs end where multilayer ones with wires begin: 220 nF.
    rareFrom: 0.2e-6,
    not: /\b(smd|smt|0402|0603|0805|1206|resonator|keramikresonator|mlcc|multilayer|x7r|tantal|film)\b|\b(super-?cap\w*|gold-?cap\w*|ultra-?cap\w*|edlc)\b|\d ?w(?:att)?\b/,
  },
  'capacitor-chip': {
    assumedFor: null,
    needs: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b/,
    not: /\b(resistor|widerstand|led|cp elec|elko|elektrolyt\w*|electrol\w*|polari[sz]ed|polarizado)\b/,
  },
  'capacitor-electrolytic-axial': {
    assumedFor: 'from-1-µF',
    // Without a word, only what is too large for a film (common practice).
    needs:
      /^(?=.*\baxial)(?=.*(\b(elk|elc|elektrol|electrol|cp\b|polari|alu\b|chimique)|electroquim|[1-9]\d{1,5}\s?[uµμ]))/,
    not: /\b(smd|smt|tantal|tantalum|film|folie|polyester|mkt|mkp|ceramic|keramik|radial)\b/,
  },
  'capacitor-electrolytic': {
    assumedFor: 'from-1-µF',
    not: /\b(smd|smt|0402|0603|0805|1206|resonator|keramikresonator|mlcc|multilayer|x7r|tantal|tantalum|axial\w*)\b/,
  },
  'capacitor-film': {
    assumedFor: null,
    // The class of one at the mains; “10 µF x2” are two of them.
    types: [/(?<![\w.])X2(?!\w)/, /\d\s?V(?:AC|~)?\s?x2(?!\w)/i],
    not: /\b(smd|smt|0402|0603|0805|1206|resonator|keramikresonator|mlcc|multilayer|x7r|tantal|elko)\b|\b(super-?cap\w*|gold-?cap\w*|ultra-?cap\w*|edlc)\b/,
  },
  'capacitor-multilayer': {
    assumedFor: null,
    not: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b|\b(super-?cap\w*|gold-?cap\w*|ultra-?cap\w*|edlc)\b/,
  },
  'capacitor-tantalum-chip': {
    assumedFor: null,
    // A letter beside the word is its size.
    needs:
      /\b(smd|smt|cms|case|gehause|bauform|eia|1411|2312|2917|3216|3528|6032|7343)\b|\btan\w* [abcdex]\b|\b[abcdex] tan/,
    not: /\b(resistor|widerstand|led|diode)\b/,
  },
  'capacitor-tantalum': {
    assumedFor: null,
    saysBody:
      /\d\s?-?mm(?![a-z\d])|(?:bead|dipped|\bdrop|radial|perle|tropfen|\bgota|\bgoutte|druppel|\btht\b|bedrahtet)/,
    // A letter beside it is the size of one on the surface.
    not: /\b(smd|smt|chip|0402|0603|0805|1206|1210|1411|2312|2917|3216|3528|6032|7343)\b|\btan\w* [abcdex]\b|\b[abcdex] tan/,
  },
  'capacitor-trimmer': {
    assumedFor: null,
    // A tuning capacitor has a shaft, and sections with a lead each.
    not: /\b(tuning|variable|drehko\w*|drehkondensator\w*|polyvaricon|gang|sintonia|pvc)\b/,
  },
  'capacitor-tuning': {
    assumedFor: null,
    pinsVary: true,
    types: [/\b(?:CBM-?)?[24]23[PF]\b/],
    not: /\b(trimmer|trimm\w*|preset|diode|varactor|varicap|knob|knopf|boton)\b/,
  },
} as const satisfies RecognisedBy;
