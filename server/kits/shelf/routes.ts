import { randomUUID } from 'node:crypto';
import {
  archiveKit,
  bringKitBack,
  changeKitAbout,
  copyKit,
  listKitEvenings,
  removeKit,
} from '#contract/kitShelf';
import { said } from '#core/learning/said';
import type { Database } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { changedMeanwhile, invalid, notFound, Refusal } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { copyKitPictures } from '../../pictures/queries.ts';
import { insertKit, insertRevision, selectKit } from '../queries.ts';
import {
  isNameTaken,
  markRemoved,
  removedName,
  selectEvenings,
  setArchived,
  unmarkRemoved,
  updateAbout,
} from './queries.ts';

/** Kits as things: named, filed, copied, put away, removed and brought back. */
export function shelfRoutes(api: Api, db: Database): void {
  api.serve(changeKitAbout, async ({ params: { kitId }, body: { version: basedOn, ...about } }) =>
    db.transaction(async (tx) => {
      if (!isUuid(kitId) || !(await selectKit(tx, kitId))) throw notFound('kit');
      if (await isNameTaken(tx, about.name, kitId)) throw nameTaken(about.name);
      const version = await updateAbout(tx, kitId, basedOn, about);
      if (version === undefined) throw changedMeanwhile();
      return { version };
    }),
  );

  api.serve(archiveKit, async ({ params: { kitId }, body: { archived } }) => {
    if (!isUuid(kitId) || !(await setArchived(db, kitId, archived))) throw notFound('kit');
    return {};
  });

  api.serve(copyKit, async ({ params: { kitId }, body: { name } }) =>
    db.transaction(async (tx) => {
      const kit = isUuid(kitId) ? await selectKit(tx, kitId) : undefined;
      if (!kit) throw notFound('kit');
      const id = randomUUID();
      const { description, tags } = kit.about;
      if (!(await insertKit(tx, { id, name, description, tags }))) throw nameTaken(name);
      await insertRevision(tx, { id: randomUUID(), kitId: id, content: kit });
      await copyKitPictures(tx, kitId, id);
      return { id };
    }),
  );

  api.serve(removeKit, async ({ params: { kitId } }) =>
    db.transaction(async (tx) => {
      if (!isUuid(kitId) || !(await selectKit(tx, kitId))) throw notFound('kit');
      const count = (await selectEvenings(tx, kitId)).length;
      if (count > 0) {
        throw new Refusal(
          409,
          said('refusals.kits.theKitIsInUse'),
          said('refusals.kits.eveningsWerePlannedWithIt', { count }),
        );
      }
      await markRemoved(tx, kitId);
      return {};
    }),
  );

  api.serve(bringKitBack, async ({ params: { kitId } }) =>
    db.transaction(async (tx) => {
      const name = isUuid(kitId) ? await removedName(tx, kitId) : undefined;
      if (name === undefined) throw notFound('kit');
      if (await isNameTaken(tx, name, kitId)) throw nameTaken(name);
      await unmarkRemoved(tx, kitId);
      return {};
    }),
  );

  api.serve(listKitEvenings, async ({ params: { kitId } }) => {
    if (!isUuid(kitId) || !(await selectKit(db, kitId))) throw notFound('kit');
    return selectEvenings(db, kitId);
  });
}

export const nameTaken = (name: string) =>
  invalid([{ field: 'name', says: said('refusals.kits.thereIsAKitNamedAlreadyChoose', { name }) }]);
