import { strFromU8, strToU8, unzipSync, type Zippable, zipSync } from 'fflate';
import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';

/** A kit as one file: a zip with `kit.json`, its pictures, and the same in forms that other programs read. */
export const kitFileEnding = '.ozzet-kit';
export const documentName = 'kit.json';
/** Where pictures lie in the file; the document names them by these paths. */
const pictureFolder = 'pictures/';

/** What of a zip is read at most, unpacked: the document with the pictures of its board and its steps in it. */
const mostBytes = 48_000_000;

type Fields = Readonly<Record<string, unknown>>;

/**
 * Packs a kit.
 *
 * @param document as it stands in `kit.json`, its pictures as `data:` addresses
 * @param beside further files for other programs: name and text
 */
export function packKitFile(
  document: Fields,
  beside: Readonly<Record<string, string>>,
): Uint8Array {
  const files: Zippable = {};
  const named = withPictures(document, (image, place) => {
    const found = image.startsWith('data:') ? bytesOf(image) : undefined;
    if (!found) return image;
    const name = `${pictureFolder}${place}.${found.ending}`;
    files[name] = [found.bytes, { level: 0 }];
    return name;
  });
  files[documentName] = jsonOf(named);
  for (const [name, text] of Object.entries(beside)) files[name] = strToU8(text);
  // Always the same bytes for the same kit: two files can be compared.
  return zipSync(files, { mtime: new Date(1980, 0, 2) });
}

const jsonOf = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

/**
 * Opens a kit file.
 *
 * @returns the document with its pictures as `data:` addresses, not checked any further; or what is wrong with the file
 */
export function openKitFile(bytes: Uint8Array): Result<Fields, Said> {
  let total = 0;
  let files: Readonly<Record<string, Uint8Array>>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== documentName && !name.startsWith(pictureFolder)) return false;
        total += originalSize;
        return total <= mostBytes;
      },
    });
  } catch {
    return fail(said('lists.kitFile.isDamaged'));
  }
  if (total > mostBytes) return fail(said('lists.kitFile.isTooLarge'));
  const json = files[documentName];
  if (!json) return fail(said('lists.kitFile.hasNoDocument', { documentName }));
  const document = fieldsIn(json);
  if (!document) return fail(said('lists.kitFile.documentCannotBeRead', { documentName }));
  if (document.format !== 'ozzet-kit') return fail(said('lists.kitFile.isNoKit', { documentName }));
  const missing: string[] = [];
  const whole = withPictures(document, (image) => {
    if (image.startsWith('data:')) return image;
    const bytes = files[image];
    const type = typeByEnding[image.split('.').at(-1) ?? ''];
    if (bytes && type) return dataAddress(type, bytes);
    missing.push(image);
    return image;
  });
  const [name] = missing;
  return name === undefined ? ok(whole) : fail(said('lists.kitFile.pictureIsMissing', { name }));
}

function fieldsIn(json: Uint8Array): Fields | undefined {
  try {
    const value: unknown = JSON.parse(strFromU8(json));
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? (value as Fields)
      : undefined;
  } catch {
    return undefined;
  }
}

/** Where a document has pictures: by the keys that lead to them, and what their files are called. */
const picturePlaces: readonly (readonly [place: string, keys: readonly string[]])[] = [
  ['board', ['backdrop']],
  ['card', ['pictures', 'card']],
  ['sheet', ['pictures', 'sheet']],
];

/** A document with other addresses of its pictures. */
const withPictures = (
  document: Fields,
  address: (image: string, place: string) => string,
): Fields =>
  picturePlaces.reduce(
    (whole, [place, keys]) => withImage(whole, keys, (image) => address(image, place)),
    document,
  );

function withImage(
  fields: Fields,
  [key, ...keys]: readonly string[],
  address: (image: string) => string,
): Fields {
  if (key === undefined) {
    const { image } = fields;
    return typeof image === 'string' ? { ...fields, image: address(image) } : fields;
  }
  const inner = fields[key];
  const isRecord = typeof inner === 'object' && inner !== null && !Array.isArray(inner);
  return isRecord ? { ...fields, [key]: withImage(inner as Fields, keys, address) } : fields;
}

const typeByEnding: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpeg: 'image/jpeg',
  webp: 'image/webp',
  svg: 'image/svg+xml',
};

/** RFC 2397; other programs write the text of an SVG without base64. */
function bytesOf(
  address: string,
): { readonly ending: string; readonly bytes: Uint8Array } | undefined {
  const comma = address.indexOf(',');
  const [type, ...more] = address.slice('data:'.length, comma).split(';');
  const ending = Object.keys(typeByEnding).find((one) => typeByEnding[one] === type);
  if (!ending || comma < 0) return undefined;
  const data = address.slice(comma + 1);
  return {
    ending,
    bytes: more.includes('base64') ? fromBase64(data) : strToU8(decodeURIComponent(data)),
  };
}

const fromBase64 = (text: string): Uint8Array =>
  Uint8Array.from(atob(text), (char) => char.charCodeAt(0));

function dataAddress(type: string, bytes: Uint8Array): string {
  let text = '';
  // In pieces: a call has only so many arguments.
  for (let at = 0; at < bytes.length; at += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return `data:${type};base64,${btoa(text)}`;
}
