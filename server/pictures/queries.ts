import type { KeptPicture, KitPicturePurpose } from '#contract/pictures';
import type { Queryable } from '../db/database.ts';

export interface PictureFile {
  readonly mediaType: string;
  readonly bytes: Uint8Array;
}

/** Keeps a picture, once for the same content. */
export async function insertPicture(
  tx: Queryable,
  hash: string,
  { mediaType, bytes }: PictureFile,
): Promise<void> {
  await tx.query(
    'insert into picture (hash, media_type, bytes) values ($1, $2, $3) on conflict (hash) do nothing',
    [hash, mediaType, bytes],
  );
}

export async function selectPicture(db: Queryable, hash: string): Promise<PictureFile | undefined> {
  const [row] = await db.query<{ media_type: string; bytes: Uint8Array }>(
    'select media_type, bytes from picture where hash = $1',
    [hash],
  );
  return row && { mediaType: row.media_type, bytes: row.bytes };
}

export async function putKitPicture(
  tx: Queryable,
  kitId: string,
  purpose: KitPicturePurpose,
  { hash, alt }: KeptPicture,
): Promise<void> {
  await tx.query(
    `insert into kit_picture (kit_id, purpose, hash, alt) values ($1, $2, $3, $4)
       on conflict (kit_id, purpose) do update set hash = $3, alt = $4`,
    [kitId, purpose, hash, alt],
  );
  await deleteUnshown(tx);
}

/** @returns false where there was none */
export async function deleteKitPicture(
  tx: Queryable,
  kitId: string,
  purpose: KitPicturePurpose,
): Promise<boolean> {
  const rows = await tx.query(
    'delete from kit_picture where kit_id = $1 and purpose = $2 returning hash',
    [kitId, purpose],
  );
  await deleteUnshown(tx);
  return rows.length > 0;
}

export async function copyKitPictures(tx: Queryable, from: string, to: string): Promise<void> {
  await tx.query(
    `insert into kit_picture (kit_id, purpose, hash, alt)
     select $2, purpose, hash, alt from kit_picture where kit_id = $1`,
    [from, to],
  );
  await tx.query(
    'insert into kit_step_picture (kit_id, hash) select $2, hash from kit_step_picture where kit_id = $1',
    [from, to],
  );
}

export async function putStepPicture(tx: Queryable, kitId: string, hash: string): Promise<void> {
  await tx.query(
    'insert into kit_step_picture (kit_id, hash) values ($1, $2) on conflict do nothing',
    [kitId, hash],
  );
}

/** Those of the named pictures that steps of a kit show, with their bytes. */
export async function selectStepPictures(
  db: Queryable,
  kitId: string,
  hashes: readonly string[],
): Promise<readonly (PictureFile & { readonly hash: string })[]> {
  const rows = await db.query<{ hash: string; media_type: string; bytes: Uint8Array }>(
    `select hash, media_type, bytes from kit_step_picture join picture using (hash)
      where kit_id = $1 and hash in (select jsonb_array_elements_text($2::jsonb)) order by hash`,
    [kitId, JSON.stringify(hashes)],
  );
  return rows.map(({ media_type, ...rest }) => ({ ...rest, mediaType: media_type }));
}

/** The pictures of one kit, with their bytes. */
export async function selectKitPictures(
  db: Queryable,
  kitId: string,
): Promise<
  readonly (PictureFile & { readonly purpose: KitPicturePurpose; readonly alt: string })[]
> {
  const rows = await db.query<{
    purpose: KitPicturePurpose;
    alt: string;
    media_type: string;
    bytes: Uint8Array;
  }>(
    `select purpose, alt, media_type, bytes from kit_picture join picture using (hash)
      where kit_id = $1 order by purpose`,
    [kitId],
  );
  return rows.map(({ media_type, ...rest }) => ({ ...rest, mediaType: media_type }));
}

/** Deletes what nobody shows any more. */
export async function deleteUnshown(tx: Queryable): Promise<void> {
  await tx.query(
    `delete from picture
      where not exists (select from kit_picture where kit_picture.hash = picture.hash)
        and not exists (select from kit_step_picture where kit_step_picture.hash = picture.hash)`,
  );
}
