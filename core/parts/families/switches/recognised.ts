import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const switches = {
  'push-button': {
    assumedFor: null,
    types: [
      /\b6 ?[x×] ?6(?: ?[x×] ?\d+(?:[.,]\d)?)?(?: ?mm)?\b/,

      /\bB3F-?\d{4}\b/,
    ],
    // One in a round hole of a case has two tags, and no legs in its corners.
    not: /\b(smd|smt|round|rund\w*|redondo|panel|einbau\w*)\b/,
  },
  'reed-switch': {
    assumedFor: null,
    not: /\brela(y|is)\b/,
  },
  relay: {
    assumedFor: null,
    pinsVary: true,
    not: /\b(module|modul|modulo|driver|socket|board)\b/,
  },
  'rotary-encoder': {
    assumedFor: null,
    not: /\b(module|modul|pt2262|ic)\b/,
  },
  'switch-chip': {
    assumedFor: null,
    needs: /\b(smd|smt)\b/,
  },
  'switch-dip': {
    assumedFor: null,
    pinsVary: true,
  },
  'switch-slide': {
    assumedFor: null,
    types: [/\bS[SK]-?[12][2-4][DEF]\d\d\w*\b/],
    not: /\b(smd|smt|toggle|tact|tactile|push|kipp\w*|rotary|dip)\b|\b(rocker|wipp\w*)\b/,
  },
  'switch-toggle': {
    assumedFor: null,
    // With two tags, three or six (common practice).
    pinsVary: true,
    // Turned by a knob, a key or a foot it has another body and other tags.
    not: /\b(rotary|drehschalter|giratorio|rotatif|key|schlüsselschalter|foot|fußschalter)\b/,
  },
  'tilt-switch': {
    assumedFor: null,
  },
} as const satisfies RecognisedBy;
