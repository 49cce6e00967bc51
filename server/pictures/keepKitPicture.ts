import { createHash } from 'node:crypto';
import type {
  KitPicturePurpose,
  SentPicture,
  SentPictures,
  SentStepPicture,
} from '#contract/pictures';
import { said } from '#core/learning/said';
import type { Queryable } from '../db/database.ts';
import { invalid } from '../http/refusal.ts';
import {
  insertPicture,
  type PictureFile,
  putKitPicture,
  putStepPicture,
  selectKitPictures,
  selectStepPictures,
} from './queries.ts';

interface Where {
  readonly kitId: string;
  readonly purpose: KitPicturePurpose;
  /** The field of the body that a refusal names. */
  readonly field: string;
}

/**
 * Keeps a picture for a kit.
 *
 * @returns the hash that it has from now on
 * @throws Refusal where its bytes are no such picture
 */
export async function keepKitPicture(
  tx: Queryable,
  { kitId, purpose, field }: Where,
  { image, alt }: SentPicture,
): Promise<string> {
  const hash = await keepBytes(tx, image, field);
  await putKitPicture(tx, kitId, purpose, { hash, alt });
  return hash;
}

/** The same for the steps and boards of a kit. */
export async function keepStepPicture(
  tx: Queryable,
  { kitId, field }: Omit<Where, 'purpose'>,
  image: string,
): Promise<string> {
  const hash = await keepBytes(tx, image, field);
  await putStepPicture(tx, kitId, hash);
  return hash;
}

/** The same of a layer of a board, as it was drawn here. */
export async function keepDrawing(tx: Queryable, kitId: string, svg: string): Promise<string> {
  const hash = await keepFile(tx, { mediaType: 'image/svg+xml', bytes: Buffer.from(svg) });
  await putStepPicture(tx, kitId, hash);
  return hash;
}

async function keepBytes(tx: Queryable, image: string, field: string): Promise<string> {
  const { mediaType, bytes } = fromDataAddress(image);
  if (!isWhatItSays(mediaType, bytes)) {
    throw invalid([{ field, says: said('refusals.pictures.chooseJpegPngWebp') }]);
  }
  return keepFile(tx, { mediaType, bytes });
}

async function keepFile(
  tx: Queryable,
  { mediaType, bytes }: { readonly mediaType: string; readonly bytes: Buffer },
): Promise<string> {
  const hash = createHash('sha256').update(bytes).digest('hex');
  await insertPicture(tx, hash, { mediaType, bytes });
  return hash;
}

/** Pictures that steps show, with their data. */
export async function stepPicturesToSend(
  db: Queryable,
  kitId: string,
  hashes: readonly string[],
): Promise<readonly SentStepPicture[]> {
  const kept = await selectStepPictures(db, kitId, hashes);
  return kept.map(({ hash, ...file }) => ({ hash, image: dataAddress(file) }));
}

const dataAddress = ({ mediaType, bytes }: PictureFile): string =>
  `data:${mediaType};base64,${Buffer.from(bytes).toString('base64')}`;

/** The pictures of a kit with their data, as they go with its file. */
export async function picturesToSend(db: Queryable, kitId: string): Promise<SentPictures> {
  const kept = await selectKitPictures(db, kitId);
  return Object.fromEntries(
    kept.map(({ purpose, alt, ...file }) => [purpose, { image: dataAddress(file), alt }]),
  );
}

function fromDataAddress(image: string): { mediaType: string; bytes: Buffer } {
  const [head = '', data = ''] = image.split(',');
  return {
    mediaType: head.slice('data:'.length, head.indexOf(';')),
    bytes: Buffer.from(data, 'base64'),
  };
}

/** First bytes of the formats (PNG, JPEG, WebP; from memory): what is sent out as a picture is one. */
const heads: Readonly<Record<string, (bytes: Buffer) => boolean>> = {
  'image/png': (bytes) => bytes.subarray(0, 4).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47])),
  'image/jpeg': (bytes) => bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff])),
  'image/svg+xml': (bytes) => /^\s*(<\?xml[^>]*>\s*)?<svg[\s>]/.test(bytes.toString('utf8')),
  'image/webp': (bytes) => bytes.subarray(8, 12).toString('latin1') === 'WEBP',
};

const isWhatItSays = (mediaType: string, bytes: Buffer): boolean =>
  heads[mediaType]?.(bytes) ?? false;
