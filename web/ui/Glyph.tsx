import './glyph.css';

/** Signs that stand beside words; drawn here, since no font is sure to have them. */
const glyphs = {
  hand: 'M7 22C4.5 19 3 16 2 13.5C1.6 12.4 3 11.7 3.8 12.6L6 15V5.2C6 3.6 8.2 3.6 8.2 5.2V11V3C8.2 1.4 10.6 1.4 10.6 3V11V2.2C10.6 0.6 13 0.6 13 2.2V11V3.6C13 2 15.4 2 15.4 3.6V11.5V6.6C15.4 5 17.8 5 17.8 6.6V15.5C17.8 18 17 20 15.6 22Z',
  tick: 'M3 13.2L5.6 10.6L9.6 14.6L18.4 5.4L21 8L9.6 19.8Z',
  cross: 'M4 6.4L6.4 4L12 9.6L17.6 4L20 6.4L14.4 12L20 17.6L17.6 20L12 14.4L6.4 20L4 17.6L9.6 12Z',
  warn: 'M12 2L23 21.5H1ZM10.8 8.5L11.1 15H12.9L13.2 8.5ZM10.8 16.8V19H13.2V16.8Z',
  back: 'M11 4L13 6L8.4 10.6H21V13.4H8.4L13 18L11 20L3 12Z',
  up: 'M12 4L22 20H2Z',
  down: 'M12 20L2 4H22Z',
  right: 'M20 12L4 22V2Z',
  dot: 'M12 3A9 9 0 1 1 11.99 3Z',
  ring: 'M12 3A9 9 0 1 1 11.99 3ZM12 6.2A5.8 5.8 0 1 0 12.01 6.2Z',
  diamond: 'M12 2L22 12L12 22L2 12Z',
  box: 'M3 3H21V21H3ZM5.6 5.6V18.4H18.4V5.6ZM7 12.4L9 10.4L11 12.4L15.4 7.6L17.2 9.4L11 16.2Z',
  flag: 'M5 2H7.4V3H20L17 8L20 13H7.4V22H5Z',
} as const;

export type GlyphName = keyof typeof glyphs;

/** A sign in the colour and size of the text around it; it says nothing to a screen reader, the word beside it does. */
export function Glyph({ name }: { readonly name: GlyphName }) {
  return (
    <svg className="glyph" viewBox="0 0 24 24" aria-hidden="true">
      <path d={glyphs[name]} fill="currentColor" fillRule="evenodd" />
    </svg>
  );
}
