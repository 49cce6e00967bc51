import type { RecognisedBy } from '../recognisedBy.ts';

/** See RecognisedBy. */
export const sound = {
  buzzer: {
    assumedFor: null,
    // A bare disc on wires has no plus, and is no pick-up either.
    not: /\b(dis[ck]s?|scheiben?|disco|disque|element\w*|transducer|wandler|transductor|pick-?up|(?:1[5-9]|[2-4]\d) ?mm)\b|\bpiezo\w*scheibe\b/,
  },
  microphone: {
    assumedFor: null,
    not: /\b(module|modul|modulo|jack)\b/,
  },
  motor: {
    assumedFor: null,
    not: /\b(driver|treiber|l293\w*|l298\w*|shield|module)\b/,
  },
  'piezo-disc': {
    assumedFor: null,
    not: /\b(buzzer|summer|zumbador|active|aktiv\w*|activo|igniter|zunder|motor)\b/,
  },
  speaker: {
    assumedFor: null,
  },
} as const satisfies RecognisedBy;
