import { fail, ok, type Result } from '../result.ts';

/** Encodings that a parts list is read in; the second is what older spreadsheets in western Europe write. */
export type Encoding = 'utf-8' | 'windows-1252';

/** Largest parts list that is read; a long kit has some hundred lines, which is far below. */
export const maxBytes = 1_000_000;

export interface DecodeProblem {
  /** What is wrong and what to do. */
  readonly message: string;
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
  if (bytes.length === 0)
    return fail({ message: 'The file is empty. Choose a CSV file with one part in each row.' });
  if (bytes.length > maxBytes) {
    return fail({
      message: `The file has ${(bytes.length / 1e6).toFixed(1)} MB; a parts list has at most 1 MB. Choose the CSV file of one kit.`,
    });
  }
  const text = decoded(bytes, encoding);
  if (text === undefined) {
    return fail({
      message:
        'The file is not UTF-8 text. Save it as “CSV UTF-8” in your spreadsheet, or read it as Western European (Windows-1252).',
      tryAs: 'windows-1252',
    });
  }
  // Text never holds control characters other than tab and line ends; spreadsheets and archives are full of them.
  // biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for
  if (/[\u0000-\u0008\u000E-\u001F]/.test(text)) {
    return fail({
      message:
        'This is not a text file. In your spreadsheet, save the sheet as CSV and choose that file.',
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
