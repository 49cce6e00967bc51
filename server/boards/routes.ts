import { drawGerber, getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import { headingSignature } from '#core/partslist/columns';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { drawnGerber } from './gerber.ts';
import { selectPlacementColumns, upsertPlacementColumns } from './queries.ts';

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
    async ({ body }) => (await selectPlacementColumns(db, headingSignature(body.headings))) ?? null,
  );

  api.serve(rememberPlacementColumns, async ({ body: { headings, mapping } }) => {
    await upsertPlacementColumns(db, headingSignature(headings), mapping);
    return {};
  });
}
