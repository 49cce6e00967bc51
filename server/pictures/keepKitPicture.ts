import { createHash } from 'node:crypto';
import type {
  KitPicturePurpose,
  SentPicture,
  SentPictures,
  SentStepPicture,
} from '#contract/pictures';
import type { Queryable } from '../db/database.ts';
import { bytesOfPicture } from './pictureBytes.ts';
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
  return keepFile(tx, bytesOfPicture(image, field));
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
