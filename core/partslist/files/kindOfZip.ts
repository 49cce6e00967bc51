import { strFromU8, unzipSync } from 'fflate';
import { documentName } from '../../kitfile/kitFile.ts';

/** What a zip is by what is in it. */
type ZipKind = 'kit' | 'xlsx' | 'ods' | 'text-document' | 'zip' | 'other';

/** By the names in it, which say what wrote it (OPC part names, ODF media types). */
export function kindOfZip(bytes: Uint8Array): ZipKind {
  const names = new Set<string>();
  let type = '';
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        names.add(name);
        return name === 'mimetype' && originalSize < 200;
      },
    });
    if (files.mimetype) type = strFromU8(files.mimetype);
  } catch {
    return 'other';
  }
  if (names.has(documentName)) return 'kit';
  if (names.has('xl/workbook.xml')) return 'xlsx';
  if (type.includes('opendocument.spreadsheet')) return 'ods';
  if (names.has('word/document.xml') || type.includes('opendocument')) return 'text-document';
  return 'zip';
}
