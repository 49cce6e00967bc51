import { randomUUID } from 'node:crypto';
import { checkStrictly } from '#contract/check';
import {
  createKitFrom,
  type KitDocument,
  kitDocumentSchema,
  kitFile,
  kitFileVersion,
  splitDocument,
} from '#contract/kitDocument';
import type { Kit } from '#contract/kits';
import { withNewer } from '#contract/newerFields';
import { kitPicturePurposes } from '#contract/pictures';
import type { Board } from '#core/board/board';
import { apply } from '#core/board/edit';
import { writePadList } from '#core/board/padlist/writePadList';
import { padsOf, partsByPlace } from '#core/board/pads';
import { kitFileEnding, packKitFile } from '#core/kitfile/kitFile';
import { said } from '#core/learning/said';
import { nothingOwn, picturesShown } from '#core/order/own/own';
import type { Database, Queryable } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { csvOf, fileName } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { boardSvg } from '../papers/boardPicture.ts';
import { partsTable } from '../papers/kitPapers.ts';
import {
  keepKitPicture,
  keepStepPicture,
  picturesToSend,
  stepPicturesToSend,
} from '../pictures/keepKitPicture.ts';
import { speak } from '../words/speak.ts';
import { linesRefused } from './linesRefused.ts';
import { insertKit, insertRevision, selectKit, selectNewer } from './queries.ts';
import { nameTaken } from './shelf/routes.ts';

/** A whole kit in one file, out and in. */
export function kitFileRoutes(api: Api, db: Database): void {
  api.send(kitFile, async ({ params: { kitId }, response }) => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    const pictures = await picturesToSend(db, kitId);
    const shown = [
      ...picturesShown(kit.order.own ?? nothingOwn),
      ...(kit.board?.pictures ?? []).map(({ hash }) => hash),
    ];
    const stepPictures = await stepPicturesToSend(db, kitId, shown);
    const own = {
      ...documentOf(kit),
      pictures,
      ...(stepPictures.length > 0 ? { stepPictures } : {}),
    };
    const newer = await selectNewer(db, kitId);
    const document = newer ? withNewer({ ...own, version: newer.version }, newer.fields) : own;
    response
      .type('application/zip')
      .attachment(`${fileName(kit.name)}${kitFileEnding}`)
      .send(Buffer.from(packKitFile(document, besideOf(kit))));
  });

  api.serve(createKitFrom, async ({ body }) => {
    const { known, newer } = splitDocument(body.document as Readonly<Record<string, unknown>>);
    const checked = checkStrictly(kitDocumentSchema, known);
    if (!checked.ok) {
      throw invalid(
        checked.errors.map(({ field, says }) => ({ field: `document.${field}`, says })),
      );
    }
    const document = checked.value;
    const wrong = linesRefused(document.lines, 'document.lines');
    if (wrong) throw wrong;
    const id = randomUUID();
    await db.transaction(async (tx) => {
      const { name, description, tags, supplyVolt, lines, errata, order } = document;
      const { circuitNotes = {} } = document;
      if (!(await insertKit(tx, { id, name, description, tags, newer }))) {
        throw nameTaken(name);
      }
      const board = await boardOf(tx, id, document);
      const content = { supplyVolt, lines, errata, order, board, circuitNotes };
      await insertRevision(tx, { id: randomUUID(), kitId: id, content });
      for (const purpose of kitPicturePurposes) {
        const picture = document.pictures?.[purpose];
        const field = `document.pictures.${purpose}.image`;
        if (picture) await keepKitPicture(tx, { kitId: id, purpose, field }, picture);
      }
      for (const [index, { hash, image }] of (document.stepPictures ?? []).entries()) {
        const field = `document.stepPictures[${index}].image`;
        if ((await keepStepPicture(tx, { kitId: id, field }, image)) !== hash) {
          throw invalid([{ field, says: said('refusals.pictures.isAnother') }]);
        }
      }
    });
    return { id };
  });
}

/** The board of a document; of an older one with the picture behind it among its pictures. */
async function boardOf(
  tx: Queryable,
  kitId: string,
  { board, backdrop }: KitDocument,
): Promise<Board | null> {
  if (!board || !backdrop) return board;
  const { image, ...where } = backdrop;
  const hash = await keepStepPicture(tx, { kitId, field: 'document.backdrop.image' }, image);
  const what = image.startsWith('data:image/svg') ? 'print' : 'photo';
  return apply(board, { kind: 'picture', picture: { side: 'top', what, hash, ...where } });
}

function documentOf(kit: Kit): KitDocument {
  const { name, about, supplyVolt, lines, errata, board, circuitNotes, order } = kit;
  return {
    format: 'ozzet-kit',
    version: kitFileVersion,
    name,
    description: about.description,
    tags: about.tags,
    supplyVolt,
    lines,
    errata,
    board,
    ...(Object.keys(circuitNotes).length > 0 ? { circuitNotes } : {}),
    order,
  };
}

/** The same for other programs: what is not read again from here. */
function besideOf({ lines, board }: Kit): Readonly<Record<string, string>> {
  const parts = lines.map(({ part }) => part);
  const csv = { 'parts.csv': csvOf(partsTable(parts, speak('en'))) };
  if (!board) return csv;
  const everything = new Set(board.placements.map(({ place }) => place));
  return {
    ...csv,
    'board.ipc': writePadList({
      ...board,
      pads: padsOf(board, partsByPlace(parts)),
      units: 'metric',
    }),
    'board.svg': boardSvg(board, parts, {
      side: 'top',
      now: everything,
      done: new Set(),
      near: false,
    }).svg,
  };
}
