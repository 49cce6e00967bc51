import type { RecognisedBy } from '../recognisedBy.ts';

/** A can with four pins that wants a supply, and no crystal. */
const anOscillator = /\b(?:osc\b|oscillator|oszillator|oscilador)/;

/** See RecognisedBy. */
export const coils = {
  crystal: {
    assumedFor: 'value-alone',
    not: new RegExp(
      String.raw`\b(?:ear ?(?:phone|piece)|ohrhorer|mikrofon)|${anOscillator.source}`,
    ),
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
    not: anOscillator,
  },
  transformer: {
    assumedFor: null,
    pinsVary: true,
  },
  'coil-air': {
    assumedFor: null,
    // Turns alone may be those of a trimmer or of a core.
    needs:
      /\b(?:wire|draht|kupfer\w*|lackdraht|cul|hilo|alambre|fil|draad|enamel\w*|esmaltado|air|luft\w*|lucht\w*|aire|hollow|hand|drill|bohrer|broca)\b/,
    not: /\b(?:trimmer|trimm\w*|pot\w*|toroid\w*|ringkern\w*|ferrit\w*|transform\w*|kern|core (?!coil|inductor)|t ?(?:37|50|68)|air ?quality)\b/,
  },
  'antenna-rod': {
    assumedFor: null,
    pinsVary: true,
    not: /\b(?:wire|draht|telescop\w*|teleskop\w*|wifi|gps|gsm|whip)\b/,
  },
} as const satisfies RecognisedBy;
