import gerberToSvg from 'gerber-to-svg';
import { drawGerber, getPlacementColumns, rememberPlacementColumns } from '#contract/board';
import { headingSignature } from '#core/partslist/columns';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid } from '../http/refusal.ts';
import { selectPlacementColumns, upsertPlacementColumns } from './queries.ts';

const wayOut =
  'Choose the silkscreen layer in RS-274X (often .gto or .gbr), or a picture of the board instead.';

/** What a board needs besides its kit: layers of other programs as pictures. */
export function boardRoutes(api: Api, db: Database): void {
  api.serve(drawGerber, async ({ body: { text } }) => {
    const { svg, widthMm, heightMm } = await draw(text);
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

function draw(text: string): Promise<{ svg: string; widthMm: number; heightMm: number }> {
  return new Promise((resolve, reject) => {
    const wrong = (why: string) =>
      reject(invalid([{ field: 'text', message: `This is no Gerber layer (${why}). ${wayOut}` }]));
    const converter = gerberToSvg(
      text,
      { attributes: { color: '#ffffff' }, plotAsOutline: false },
      (error: Error | null, svg: string) => {
        if (error) return wrong(error.message);
        const inch = converter.units === 'in' ? 25.4 : 1;
        const [widthMm, heightMm] = [converter.width * inch, converter.height * inch];
        if (!(widthMm > 0) || !(heightMm > 0)) return wrong('nothing is drawn in it');
        return resolve({ svg, widthMm, heightMm });
      },
    );
  });
}
