import type { Box, Grey } from '../../picture/raster.ts';

/** A word as a reader of print gives it, with how sure it is. */
export interface PrintedWord {
  readonly text: string;
  /** Where it stands in the picture that was read. */
  readonly box: Box;
  /** How sure the reader is, 0 to 1. */
  readonly trust: number;
}

/** What is known of a line before it is read. */
export interface LineWishes {
  /** The signs that can stand there; all where left out. */
  readonly signs?: string;
  /** There is one sign only. */
  readonly isSign?: boolean;
  /** Names of places, numbers and values, which are the same in every language. */
  readonly isCode?: boolean;
}

/** A reader of print, which is handed in. Pictures are black on white. */
export interface PrintReader {
  /** The words of one line, from left to right. */
  readonly readLine: (picture: Grey, wishes?: LineWishes) => Promise<readonly PrintedWord[]>;
  /** The words of a page, in the order in which they are read. */
  readonly readPage: (picture: Grey) => Promise<readonly PrintedWord[]>;
}

/** What is used of the reader, which is `tesseract.js`: one that reads a picture file as lines or as a page. */
export interface TesseractWorker {
  setParameters(parameters: Readonly<Record<string, string>>): Promise<unknown>;
  recognize(
    image: Blob | Uint8Array,
    options: object,
    output: { readonly blocks: boolean; readonly text: boolean },
  ): Promise<{ readonly data: { readonly blocks: readonly TesseractBlock[] | null } }>;
}

interface TesseractBlock {
  readonly paragraphs: readonly {
    readonly lines: readonly { readonly words: readonly TesseractWord[] }[];
  }[];
}

interface TesseractWord {
  readonly text: string;
  /** 0 to 100. */
  readonly confidence: number;
  readonly bbox: {
    readonly x0: number;
    readonly y0: number;
    readonly x1: number;
    readonly y1: number;
  };
}

/** How a picture is looked at: as a block of text, a line, one sign (Tesseract’s page segmentation modes). */
const modes = { page: '6', line: '7', sign: '10' } as const;

/**
 * @param words knows the language of the sheet
 * @param codes knows English, which codes are read best with; may be the same
 * @param asImage the picture as the reader takes it where it runs
 */
export function tesseractReader(
  words: TesseractWorker,
  codes: TesseractWorker,
  asImage: (picture: Grey) => Blob | Uint8Array,
): PrintReader {
  const forWords = reading(words, asImage);
  const forCodes = codes === words ? forWords : reading(codes, asImage);
  return {
    readLine: (picture, { signs, isSign, isCode } = {}) =>
      (isCode ? forCodes : forWords)(picture, isSign ? 'sign' : 'line', signs),
    readPage: (picture) => forWords(picture, 'page'),
  };
}

/** One thing after the other: what a worker is set to holds for whatever it reads next. */
function reading(worker: TesseractWorker, asImage: (picture: Grey) => Blob | Uint8Array) {
  let set = '';
  let before: Promise<unknown> = Promise.resolve();
  const readNow = async (
    picture: Grey,
    as: keyof typeof modes,
    signs: string,
  ): Promise<readonly PrintedWord[]> => {
    if (set !== as + signs) {
      await worker.setParameters({
        tessedit_pageseg_mode: modes[as],
        tessedit_char_whitelist: signs,
        // Resolution only steers what is taken for noise; sheets are brought to about this one.
        user_defined_dpi: '200',
      });
      set = as + signs;
    }
    const { data } = await worker.recognize(asImage(picture), {}, { blocks: true, text: false });
    return wordsOf(data.blocks ?? []);
  };
  return (picture: Grey, as: keyof typeof modes, signs = '') => {
    const now = before.then(() => readNow(picture, as, signs));
    before = now.catch(() => undefined);
    return now;
  };
}

const wordsOf = (blocks: readonly TesseractBlock[]): PrintedWord[] =>
  blocks
    .flatMap(({ paragraphs }) =>
      paragraphs.flatMap(({ lines }) => lines.flatMap(({ words }) => words)),
    )
    .map(({ text, confidence, bbox: { x0, y0, x1, y1 } }) => ({
      text,
      trust: confidence / 100,
      box: { x: x0, y: y0, width: x1 - x0, height: y1 - y0 },
    }));
