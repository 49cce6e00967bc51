import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const leds = {
  'display-digit': {
    assumedFor: null,
    types: [/\b[2358][016]\d\d[AB][HSBGR]?\b/i, /\b(SA|SC)\d\d-11\w*\b/i],
    not: /socket|fassung|sockel|driver|treiber|decoder/,
  },
  'display-matrix': {
    assumedFor: null,
    not: /\b(driver|treiber|module|modul|modulo)\b/,
  },
  'flash-tube': {
    assumedFor: null,
  },
  'infrared-receiver': {
    assumedFor: null,
  },
  lamp: {
    assumedFor: null,
    not: /\b(neon|flash|led|holder|fassung|socket|uv)\b/,
  },
  'laser-diode': {
    assumedFor: null,
  },
  'led-3mm': {
    assumedFor: null,
    types: [/\b\d+ ?mcd\b/i],
    needs: /\b(?:d ?)?3(?:[.,]0)?\s?-?mm\b|\bt-?1\b(?![ -]?(?:3\/4|¾))/,
    otherSize: /\b(5|8|10)\s?-?mm\b/,
    not: /\b(rectangular|rechteck\w*|square|quadrat\w*|oval|triangular|dreieck\w*|piranha|superflux|rectangulaire|cuadrad[oa]|smd|smt|0603|0805|1206|rgb|bar|filament|duo|bicolou?r|bi-colou?r|infra\w*|ir|matrix|star|stern|stab|balken|strip|streifen|driver|holder|treiber|uv|ultraviolet\w*)\b/,
  },
  'led-5mm': {
    assumedFor: null,
    types: [/\b\d+ ?mcd\b/i],
    otherSize: /\b(?:d ?)?3(?:[.,]0)?\s?-?mm\b/,
    saysBody: /\d\s?-?mm(?![a-z\d])|\bt-?1/,
    not: /\b(rectangular|rechteck\w*|square|quadrat\w*|oval|triangular|dreieck\w*|piranha|superflux|rectangulaire|cuadrad[oa]|smd|smt|0603|0805|1206|rgb|bar|filament|duo|bicolou?r|bi-colou?r|infra\w*|ir|matrix|star|stern|stab|balken|strip|streifen|driver|holder|treiber)\b|\b(uv|ultraviolet\w*|ultraviolett\w*)\b/,
  },
  'led-addressable': {
    assumedFor: null,
    not: /\b(strip|streifen|tira|ruban)\b/,
  },
  'led-bar': {
    assumedFor: null,
    needs: /\b(bar|filament|stab|balken|leuchtstab|staaf|barre)\b/,
  },
  'led-chip': {
    assumedFor: null,
    needs: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b/,
  },
  'led-infrared': {
    assumedFor: null,
    not: /\b(receiver|empfanger|recepteur|receptor|phototransistor|fototransistor)\b/,
  },
  'led-power': {
    assumedFor: null,
    not: /\b(driver|treiber|holder)\b/,
  },
  'led-rgb': {
    assumedFor: null,
    needs: /\brgb\b|colou?r|farbwechsel/,
  },
  'led-two-colour': {
    assumedFor: null,
    pinsVary: true,
  },
  'neon-lamp': {
    assumedFor: null,
  },
  'nixie-tube': {
    assumedFor: null,
    not: /digit|\b0\.?\d{1,2}\b|segment|common|bit\b/,
    types: [/\bIN-?(4|8|12|14|16|17|18)\b/i],
  },
  phototransistor: {
    assumedFor: null,
    not: /\b(ldr|resistor|lm393|module|modul)\b/,
  },
} as const satisfies RecognisedBy;
