import { type Filling, said } from '#core/learning/said';
import { invalid } from '../http/refusal.ts';
import { ConverterFailure, converted } from '../isolated/isolated.ts';

export interface Drawing {
  readonly svg: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

type Drawn =
  | { readonly error: string }
  | {
      readonly svg: string;
      readonly units: string;
      readonly width: number;
      readonly height: number;
    };

/** A picture behind a board is kept with it and sent to every seat. */
const mostLetters = 2_000_000;

const wayOut = said('refusals.boards.chooseTheSilkscreenLayerInRs274x');

/**
 * A Gerber layer as a drawing.
 *
 * @throws Refusal at the field `text` where it is none, or one that would take too long or grow too large
 */
export async function drawnGerber(text: string): Promise<Drawing> {
  // Without a format nothing that follows has a size (RS-274X, 4.2); the older dialect, RS-274D, has none.
  if (!/%FS[LTD]?[AI]X\d{2}Y\d{2}/.test(text)) {
    throw refused(said('refusals.boards.noFormat'));
  }
  const drawn = await converted<Drawn>('gerber', text).catch((error: unknown) => {
    if (error instanceof ConverterFailure) throw refused(error.says);
    throw error;
  });
  if ('error' in drawn) throw refused(drawn.error);
  if (drawn.svg.length > mostLetters) throw refused(said('refusals.boards.tooMuch'));
  const inch = drawn.units === 'in' ? 25.4 : 1;
  const [widthMm, heightMm] = [drawn.width * inch, drawn.height * inch];
  if (!(widthMm > 0) || !(heightMm > 0)) throw refused(said('refusals.boards.nothingDrawn'));
  return { svg: drawn.svg, widthMm, heightMm };
}

const refused = (why: Filling) =>
  invalid([{ field: 'text', says: said('refusals.boards.noLayer', { why, wayOut }) }]);
