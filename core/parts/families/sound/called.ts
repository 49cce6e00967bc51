import type { CalledBy } from '../calledBy.ts';

/** See CalledBy. */
export const sound = {
  buzzer: ['buzzer', 'piezo', 'summer', 'beeper', 'zoemer', 'zumbador', 'sounder'],
  microphone: [
    'microphone',
    'electret',
    'mikrofon',
    'elektret',
    'microfono',
    'microfoon',
    'mic capsule',
    'elektretmikrofon',
    'micro electret',
  ],
  motor: [
    'motor',
    'dc motor',
    'getriebemotor',
    'moteur',
    'vibration motor',
    'vibrationsmotor',
    'gear motor',
    'motor dc',
  ],
  speaker: [
    'speaker',
    'loudspeaker',
    'lautsprecher',
    'kleinlautsprecher',
    'luidspreker',
    'haut-parleur',
    'altavoz',
    'mini speaker',
    'hp',
  ],
} as const satisfies CalledBy;
