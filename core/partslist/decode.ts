import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';

/** Encodings that a parts list is read in; the second is what older spreadsheets in western Europe write. */
export type Encoding = 'utf-8' | 'windows-1252';

/** Largest parts list that is read; a long kit has some hundred lines, which is far below. */
export const maxBytes = 1_000_000;

export interface DecodeProblem {
  /** What is wrong and what to do. */
  readonly message: Said;
  /** An encoding in which the file can be read instead. */
  readonly tryAs?: Encoding;
}

/**
 * Turns the bytes of a file into text. UTF-16 is recognised by its byte order mark.
 *
 * @returns the text without byte order mark; or what is wrong and what to do
 */
export function decodeTable(
  bytes: Uint8Array,
  encoding: Encoding = 'utf-8',
): Result<string, DecodeProblem> {
  if (bytes.length === 0) return fail({ message: said('lists.file.theFileIsEmptyChooseACsv') });
  if (bytes.length > maxBytes) {
    return fail({
      message: said('lists.file.theFileHasMbAPartsList', {
        megabytes: (bytes.length / 1e6).toFixed(1),
      }),
    });
  }
  const text = decoded(bytes, encoding);
  if (text === undefined) {
    return fail({
      message: said('lists.file.theFileIsNotUtf8Text'),
      tryAs: 'windows-1252',
    });
  }
  // Text never holds control characters other than tab and line ends; spreadsheets and archives are full of them.
  // biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for
  if (/[\u0000-\u0008\u000E-\u001F]/.test(text)) {
    return fail({
      message: said('lists.file.thisIsNotATextFileIn'),
    });
  }
  return ok(text);
}

function decoded(bytes: Uint8Array, encoding: Encoding): string | undefined {
  const mark =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : encoding;
  try {
    return new TextDecoder(mark, { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}
