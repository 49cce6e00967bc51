import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const coils = {
  crystal: {
    assumedFor: 'value-alone',
    not: /\b(ear ?(phone|piece)|ohrhorer|mikrofon)/,
  },
  'inductor-axial': {
    assumedFor: 'value-alone',
    // So wide and as high is a drum that stands (common practice).
    otherSize: /\b(?:[5-9]|1\d)(?:[.,]\d)?\s?[x×]\s?\d/,
    not: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b|\b(i-shaped|hollow|air coil|luftspule|radial\w*|stehend\w*|upright|power|drum|ferrite (?:rod|bar)|ferritstab|rod|aerial|antenn\w*|wound|variable|toroid\w*|ringkern\w*)\b/,
  },
  'inductor-chip': {
    assumedFor: null,
    needs: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b/,
  },
  'inductor-radial': {
    assumedFor: null,
    needs:
      /\b(i-shaped|radial\w*|stehend|drum|toroid\w*|ringkern\w*|speicherdrossel|power choke|upright)\b|\b(?:[5-9]|1\d)(?:[.,]\d)?\s?[x×]\s?\d/,
    not: /\b(smd|smt|capacitor|kondensator|elko|electrolytic)\b/,
  },
  resonator: {
    assumedFor: null,
  },
  transformer: {
    assumedFor: null,
  },
} as const satisfies RecognisedBy;
