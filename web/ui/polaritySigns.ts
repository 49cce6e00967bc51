import { t } from 'i18next';
import type { PartFamily } from '#core/parts/family';
import type { GlyphName } from './Glyph.tsx';

/** How much the way round matters, as a shape and a word. */
export const polaritySigns: Readonly<
  Record<PartFamily['polarity'], { readonly glyph: GlyphName; readonly word: string }>
> = {
  polarised: {
    glyph: 'up',
    get word() {
      return t('ui.polaritySigns.polarised');
    },
  },
  keyed: {
    glyph: 'diamond',
    get word() {
      return t('ui.polaritySigns.fitsOneWay');
    },
  },
  free: {
    glyph: 'ring',
    get word() {
      return t('ui.polaritySigns.eitherWay');
    },
  },
};
