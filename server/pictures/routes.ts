import {
  type KitPicturePurpose,
  keepStepPicture,
  kitPicturePurposes,
  pictureFile,
  putKitPicture,
  removeKitPicture,
} from '#contract/pictures';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { keepStepPicture as keepForSteps, keepKitPicture } from './keepKitPicture.ts';
import { deleteKitPicture, selectPicture } from './queries.ts';

const isPurpose = (text: string): text is KitPicturePurpose =>
  (kitPicturePurposes as readonly string[]).includes(text);

/** Pictures that people bring, and the kits that show them. */
export function pictureRoutes(api: Api, db: Database): void {
  api.serve(putKitPicture, async ({ params: { kitId, purpose }, body: { image, alt } }) => {
    if (!isUuid(kitId) || !isPurpose(purpose)) throw notFound('kit');
    return db.transaction(async (tx) => {
      if (!(await selectKit(tx, kitId))) throw notFound('kit');
      return { hash: await keepKitPicture(tx, { kitId, purpose, field: 'image' }, { image, alt }) };
    });
  });

  api.serve(keepStepPicture, async ({ params: { kitId }, body: { image } }) => {
    if (!isUuid(kitId)) throw notFound('kit');
    return db.transaction(async (tx) => {
      if (!(await selectKit(tx, kitId))) throw notFound('kit');
      return { hash: await keepForSteps(tx, { kitId, field: 'image' }, image) };
    });
  });

  api.serve(removeKitPicture, async ({ params: { kitId, purpose } }) =>
    db.transaction(async (tx) => {
      const isGone =
        isUuid(kitId) && isPurpose(purpose) && (await deleteKitPicture(tx, kitId, purpose));
      if (!isGone) throw notFound('picture');
      return {};
    }),
  );

  api.send(pictureFile, async ({ params: { hash }, response }) => {
    const picture = await selectPicture(db, hash);
    if (!picture) throw notFound('picture');
    response
      .type(picture.mediaType)
      // A drawing that is opened by itself stays a picture, whoever wrote it.
      .set('Content-Security-Policy', "sandbox; default-src 'none'; style-src 'unsafe-inline'")
      .set('Cache-Control', 'private, max-age=31536000, immutable')
      .send(Buffer.from(picture.bytes));
  });
}
