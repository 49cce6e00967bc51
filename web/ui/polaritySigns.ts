import type { PartFamily } from '#core/parts/family';
import type { GlyphName } from './Glyph.tsx';

/** How much the way round matters, as a shape and a word. */
export const polaritySigns: Readonly<
  Record<PartFamily['polarity'], { readonly glyph: GlyphName; readonly word: string }>
> = {
  polarised: { glyph: 'up', word: 'Polarised.' },
  keyed: { glyph: 'diamond', word: 'Fits one way.' },
  free: { glyph: 'ring', word: 'Either way.' },
};
