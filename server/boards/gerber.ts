import { largestPicture } from '#contract/pictures';
import { type EdgeLayer, type EdgePiece, edgeLayerOf } from '#core/board/edgeLayer';
import { type Filling, type Said, said } from '#core/learning/said';
import { invalid } from '../http/refusal.ts';
import { type Converter, ConverterFailure, converted } from '../isolated/isolated.ts';

export interface Drawing {
  readonly svg: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Where its lower left corner lies, from the origin of the file. */
  readonly leftMm: number;
  readonly bottomMm: number;
}

type Failed = { readonly error: string };

type Drawn =
  | Failed
  | {
      readonly svg: string;
      readonly units: string;
      readonly width: number;
      readonly height: number;
      /** In thousandths of the unit: left, bottom, width, height. */
      readonly viewBox: readonly [number, number, number, number];
    };

type Traced =
  | Failed
  | {
      readonly units: string;
      readonly pieces: readonly {
        readonly from: Pair;
        readonly to: Pair;
        readonly middle?: Pair;
        readonly turn?: number;
      }[];
    };
type Pair = readonly [number, number];

/** White as it is printed; copper as it shines through the mask. */
const colours = { print: '#ffffff', copper: '#e0a24a' };

const perUnit = (units: string): number => (units === 'in' ? 25.4 : 1);

/**
 * A Gerber layer as a drawing.
 *
 * @throws Refusal at the field `text` where it is none, or one that would take too long or grow too large
 */
export async function drawnGerber(text: string, what: keyof typeof colours): Promise<Drawing> {
  const wayOut = said('refusals.boards.chooseTheSilkscreenLayerInRs274x');
  const drawn = await fromGerber<Drawn>('gerber', { text, colour: colours[what] }, text, wayOut);
  if (Buffer.byteLength(drawn.svg) > largestPicture)
    throw refused(said('refusals.boards.tooMuch'), wayOut);
  const mm = perUnit(drawn.units);
  const [widthMm, heightMm] = [drawn.width * mm, drawn.height * mm];
  if (!(widthMm > 0) || !(heightMm > 0)) {
    throw refused(said('refusals.boards.nothingDrawn'), wayOut);
  }
  const [left, bottom] = drawn.viewBox;
  return {
    svg: drawn.svg,
    widthMm,
    heightMm,
    leftMm: (left / 1000) * mm,
    bottomMm: (bottom / 1000) * mm,
  };
}

/**
 * The boards whose edges a Gerber layer draws.
 *
 * @throws Refusal at the field `text` where it is none, or no closed line is in it
 */
export async function edgesOfGerber(text: string): Promise<EdgeLayer> {
  const wayOut = said('refusals.boards.chooseTheEdgeLayer');
  const { pieces, units } = await fromGerber<Traced>('gerberEdges', text, text, wayOut);
  const mm = perUnit(units);
  const point = ([x, y]: Pair) => ({ x: x * mm, y: y * mm });
  const layer = edgeLayerOf(
    pieces.map(
      ({ from, to, middle, turn }): EdgePiece => ({
        from: point(from),
        to: point(to),
        ...(middle && turn ? { arc: { middle: point(middle), turn } } : {}),
      }),
    ),
  );
  if (layer.shapes.length === 0) throw refused(said('refusals.boards.noClosedLine'), wayOut);
  return layer;
}

async function fromGerber<Read extends object>(
  converter: Converter,
  input: unknown,
  text: string,
  wayOut: Said,
): Promise<Exclude<Read, Failed>> {
  // Without a format nothing that follows has a size (RS-274X, 4.2); the older dialect, RS-274D, has none.
  if (!/%FS[LTD]?[AI]X\d{2}Y\d{2}/.test(text)) {
    throw refused(said('refusals.boards.noFormat'), wayOut);
  }
  const read = await converted<Read>(converter, input).catch((error: unknown) => {
    if (error instanceof ConverterFailure) throw refused(error.says, wayOut);
    throw error;
  });
  if ('error' in read) throw refused(String(read.error), wayOut);
  return read as Exclude<Read, Failed>;
}

const refused = (why: Filling, wayOut: Said) =>
  invalid([{ field: 'text', says: said('refusals.boards.noLayer', { why, wayOut }) }]);
