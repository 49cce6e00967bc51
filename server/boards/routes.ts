import { drawGerber, getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import { storedPlacementMapping } from '#contract/storedKinds';
import { headingSignature } from '#core/partslist/columns';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { selectColumns, upsertColumns } from '../lists/queries.ts';
import { drawnGerber } from './gerber.ts';

/** What a board needs besides its kit: layers of other programs as pictures. */
export function boardRoutes(api: Api, db: Database): void {
  api.serve(drawGerber, async ({ body: { text } }) => {
    const { svg, widthMm, heightMm } = await drawnGerber(text);
    return {
      image: `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`,
      widthMm,
      heightMm,
    };
  });

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
