import type { GlyphName } from '../../ui/Glyph.tsx';

/** The sign of the weightiest reason; what asks for no hurry has a quiet one. */
export const signOf: Readonly<Record<string, GlyphName>> = {
  hurt: 'warn',
  asked: 'hand',
  'failed-check': 'cross',
  'on-hold': 'cross',
  'told-too-late': 'warn',
  reversed: 'warn',
  irreversible: 'diamond',
  silent: 'ring',
  unlikely: 'down',
};

/** Reasons that ask for hurry. */
export const urgent = new Set([
  'hurt',
  'asked',
  'failed-check',
  'on-hold',
  'told-too-late',
  'reversed',
]);
