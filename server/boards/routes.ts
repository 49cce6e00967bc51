import {
  drawGerber,
  getPlacementColumns,
  readEdges,
  rememberPlacementColumns,
} from '#contract/board';
import { storedPlacementMapping } from '#contract/storedKinds';
import { headingSignature } from '#core/partslist/guessMapping';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { selectColumns, upsertColumns } from '../lists/queries.ts';
import { keepDrawing } from '../pictures/keepKitPicture.ts';
import { drawnGerber, edgesOfGerber } from './gerber.ts';

/** What a board needs besides its kit: layers of other programs as pictures. */
export function boardRoutes(api: Api, db: Database): void {
  api.serve(drawGerber, async ({ params: { kitId }, body: { text, what } }) => {
    if (!isUuid(kitId)) throw notFound('kit');
    const { svg, ...where } = await drawnGerber(text, what);
    return db.transaction(async (tx) => {
      if (!(await selectKit(tx, kitId))) throw notFound('kit');
      return { hash: await keepDrawing(tx, kitId, svg), ...where };
    });
  });

  api.serve(readEdges, ({ body: { text } }) => edgesOfGerber(text));

  api.serve(
    getPlacementColumns,
    async ({ body: { headings } }) =>
      (await selectColumns(db, 'positions', headingSignature(headings), storedPlacementMapping)) ??
      null,
  );

  api.serve(rememberPlacementColumns, async ({ body: { headings, mapping } }) => {
    await upsertColumns(
      db,
      'positions',
      headingSignature(headings),
      storedPlacementMapping,
      mapping,
    );
    return {};
  });
}
