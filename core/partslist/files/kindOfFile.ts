/** What a file is by what is in it; its ending may say anything. */
export type FileKind =
  | 'text'
  | 'xlsx'
  | 'ods'
  | 'pdf'
  | 'kit'
  | 'picture'
  | 'old-spreadsheet'
  | 'text-document'
  | 'zip'
  | 'web-page'
  | 'other';

const startsWith = (bytes: Uint8Array, ...head: readonly number[]): boolean =>
  head.every((byte, index) => bytes[index] === byte);
const latin = (bytes: Uint8Array, from: number, to: number): string =>
  new TextDecoder('latin1').decode(bytes.subarray(from, to));

/** First bytes of files, from memory of their formats (PNG, JPEG, GIF, WebP, HEIF; PDF; OLE 2; zip). */
const heads: readonly (readonly [FileKind | 'packed', (bytes: Uint8Array) => boolean])[] = [
  ['pdf', (bytes) => latin(bytes, 0, 1024).includes('%PDF-')],
  ['packed', (bytes) => startsWith(bytes, 0x50, 0x4b, 0x03, 0x04)],
  ['old-spreadsheet', (bytes) => startsWith(bytes, 0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1)],
  ['picture', (bytes) => startsWith(bytes, 0x89, 0x50, 0x4e, 0x47)],
  ['picture', (bytes) => startsWith(bytes, 0xff, 0xd8, 0xff)],
  ['picture', (bytes) => latin(bytes, 0, 4) === 'GIF8' || latin(bytes, 8, 12) === 'WEBP'],
  ['picture', (bytes) => /^ftyp(hei[cx]|mif1|avif)/.test(latin(bytes, 4, 12))],
];

/** @param bytes the whole file */
export async function kindOfFile(bytes: Uint8Array): Promise<FileKind> {
  const kind = heads.find(([, fits]) => fits(bytes))?.[0];
  // Loaded when somebody brings one.
  if (kind === 'packed') return (await import('./kindOfZip.ts')).kindOfZip(bytes);
  if (kind) return kind;
  const start = latin(bytes, 0, 512).replace(/^(\xef\xbb\xbf|\s)+/, '');
  if (/^<(!doctype\s+html|html)\b/i.test(start)) return 'web-page';
  return isText(bytes) ? 'text' : 'other';
}

/** UTF-16 has a mark at its start; any other text has no byte 0. */
const isText = (bytes: Uint8Array): boolean =>
  startsWith(bytes, 0xff, 0xfe) || startsWith(bytes, 0xfe, 0xff) || !bytes.includes(0);
