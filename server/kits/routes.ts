import { randomUUID } from 'node:crypto';
import { check } from '#contract/check';
import {
  changeBoard,
  changeCircuit,
  changeErrata,
  changeLines,
  changeOrder,
  changeSupply,
  createKit,
  forgetOwnType as forgetOwnTypeEndpoint,
  getKit,
  getOwnTypes,
  getRememberedFamilies,
  getRememberedMapping,
  getRevision,
  type KitChanged,
  type KitLine,
  type KitPart,
  type KitSummary,
  listKits,
  listRevisions,
  reviseKit,
} from '#contract/kits';
import { kitLineSchema } from '#contract/parts';
import { list } from '#contract/schema';
import { storedMapping } from '#contract/storedKinds';
import { thumbnailOf } from '#core/board/thumbnail';
import { said } from '#core/learning/said';
import { usualSettings } from '#core/order/settings';
import { totalMinutes } from '#core/pace/stepMinutes';
import { carryLotNotes } from '#core/parts/carryOver';
import { ownTypeOf } from '#core/parts/types/ownType';
import { headingSignature, type Mapping } from '#core/partslist/guessMapping';
import { isClean } from '#core/partslist/problem';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { wordingOf } from '#core/partslist/wording';
import { piecesInBag } from '#core/stores/packing';
import type { Database, Queryable } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { changedMeanwhile, invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectColumns, upsertColumns } from '../lists/queries.ts';
import { kitFileRoutes } from './kitFile.ts';
import { linesRefused } from './linesRefused.ts';
import { plannedSteps } from './plannedSteps.ts';
import {
  forgetOwnType,
  insertKit,
  insertRevision,
  ownTypes,
  type RevisionContent,
  raiseImported,
  raiseVersion,
  rememberedFamilies,
  rememberFamily,
  rememberOwnType,
  replaceBoard,
  replaceCircuitNotes,
  replaceErrata,
  replaceLines,
  replaceOrder,
  replaceSupply,
  selectKit,
  selectKits,
  selectRevision,
  selectRevisions,
} from './queries.ts';
import { selectShelf } from './shelf/queries.ts';
import { nameTaken, shelfRoutes } from './shelf/routes.ts';

export function kitRoutes(api: Api, db: Database): void {
  shelfRoutes(api, db);
  kitFileRoutes(api, db);

  api.serve(listKits, async () => {
    const shelf = await selectShelf(db);
    return (await selectKits(db)).flatMap((stored): KitSummary[] => {
      const shelved = shelf.get(stored.id);
      if (!shelved) return [];
      const steps = plannedSteps(stored);
      return [
        {
          ...shelved,
          id: stored.id,
          name: stored.name,
          revision: stored.revision,
          revisedAt: stored.importedAt,
          supplyVolt: stored.supplyVolt,
          pieces: piecesInBag(stored.lines.map(({ part }) => part)),
          minutes: totalMinutes(steps),
          steps: steps.length,
          board:
            stored.board &&
            thumbnailOf(
              stored.board,
              stored.lines.map(({ part }) => part),
            ),
        },
      ];
    });
  });

  api.serve(getKit, async ({ params }) => {
    const stored = isUuid(params.kitId) ? await selectKit(db, params.kitId) : undefined;
    if (!stored) throw noSuchKit();
    return stored;
  });

  api.serve(createKit, async ({ body }) => {
    const list = await readForImport(db, body);
    const id = randomUUID();
    await db.transaction(async (tx) => {
      if (!(await insertKit(tx, { id, name: body.name }))) throw nameTaken(body.name);
      await storeImport(tx, id, list, {
        supplyVolt: body.supplyVolt,
        errata: [],
        board: null,
        circuitNotes: {},
        order: usualSettings,
      });
    });
    return { id };
  });

  api.serve(reviseKit, async ({ params, body }) => {
    const list = await readForImport(db, body);
    await db.transaction(async (tx) => {
      const before = isUuid(params.kitId) ? await selectKit(tx, params.kitId) : undefined;
      if (!before) throw noSuchKit();
      // What was found out about the lots and the board is still true of a corrected list.
      const parts = carryLotNotes(
        before.lines.map(({ part }) => part),
        list.lines.map(({ part }) => part),
      );
      const lines = list.lines.map((line, index) => ({ ...line, part: parts[index] ?? line.part }));
      const { errata, board, circuitNotes, order } = before;
      await storeImport(
        tx,
        params.kitId,
        { ...list, lines },
        { supplyVolt: body.supplyVolt, errata, board, circuitNotes, order },
      );
      await raiseImported(tx, params.kitId);
    });
    return { id: params.kitId };
  });

  api.serve(changeLines, async ({ params, body: { version, lines } }) => {
    const wrong = linesRefused(lines);
    if (wrong) throw wrong;
    return change(params.kitId, 'lines', version, async (tx, revisionId) => {
      await replaceLines(tx, revisionId, lines);
      await rememberTold(tx, lines);
    });
  });

  api.serve(changeErrata, async ({ params, body: { version, errata } }) =>
    change(params.kitId, 'errata', version, (tx, revisionId) =>
      replaceErrata(tx, revisionId, errata),
    ),
  );

  api.serve(changeSupply, async ({ params, body: { version, supplyVolt } }) =>
    change(params.kitId, 'supply', version, (tx, revisionId) =>
      replaceSupply(tx, revisionId, supplyVolt),
    ),
  );

  api.serve(changeOrder, async ({ params, body: { version, order } }) =>
    change(params.kitId, 'order', version, (tx, revisionId) => replaceOrder(tx, revisionId, order)),
  );

  api.serve(changeBoard, async ({ params, body: { version, board } }) =>
    change(params.kitId, 'board', version, (tx, revisionId) => replaceBoard(tx, revisionId, board)),
  );

  api.serve(changeCircuit, async ({ params, body: { version, circuitNotes } }) =>
    change(params.kitId, 'circuit', version, (tx, revisionId) =>
      replaceCircuitNotes(tx, revisionId, circuitNotes),
    ),
  );

  /**
   * Changes one part of a kit. Workshops keep the revision that they were planned on: where there is one, the next
   * revision is made first.
   *
   * @throws Refusal 409 where somebody else changed the part meanwhile
   */
  async function change(
    kitId: string,
    part: KitPart,
    basedOn: number,
    replace: (tx: Queryable, revisionId: string) => Promise<void>,
  ): Promise<KitChanged> {
    return db.transaction(async (tx) => {
      const version = isUuid(kitId) ? await raiseVersion(tx, kitId, part, basedOn) : undefined;
      const newest = isUuid(kitId) ? await selectKit(tx, kitId) : undefined;
      if (!newest) throw noSuchKit();
      if (version === undefined) throw changedMeanwhile();
      const isNew = newest.workshops > 0;
      const revisionId = isNew ? randomUUID() : newest.revisionId;
      const revision = isNew
        ? await insertRevision(tx, { id: revisionId, kitId, content: newest })
        : newest.revision;
      await replace(tx, revisionId);
      return { revision, revisionId, isNew, version };
    });
  }

  api.serve(listRevisions, async ({ params }) => {
    const revisions = isUuid(params.kitId) ? await selectRevisions(db, params.kitId) : [];
    if (revisions.length === 0) throw noSuchKit();
    return revisions;
  });

  api.serve(getRevision, async ({ params }) => {
    const number = /^\d{1,6}$/.test(params.number) ? Number(params.number) : 0;
    const stored = isUuid(params.kitId)
      ? await selectRevision(db, params.kitId, number)
      : undefined;
    if (!stored) throw notFound('revision');
    return stored;
  });

  api.serve(getRememberedFamilies, () => rememberedFamilies(db));
  api.serve(getOwnTypes, () => ownTypes(db));
  api.serve(forgetOwnTypeEndpoint, async ({ params }) => {
    if (!(await forgetOwnType(db, params.number))) throw notFound('number');
    return {};
  });

  api.serve(
    getRememberedMapping,
    async ({ body: { headings } }) =>
      (await selectColumns(db, 'parts', headingSignature(headings), storedMapping)) ?? null,
  );
}

const kitLines = list(kitLineSchema);

const noSuchKit = () => notFound('kit');

interface ReadList {
  readonly lines: readonly KitLine[];
  readonly headings: readonly string[];
  readonly mapping: Mapping;
}

/** Reads the list again on the server, by the same code as the page did: what is stored never rests on the page's word. */
async function readForImport(
  db: Queryable,
  {
    csv,
    mapping,
    headingLine,
  }: {
    readonly csv: string;
    readonly mapping: Mapping;
    readonly headingLine?: number | undefined;
  },
): Promise<ReadList> {
  const table = readTable(csv, headingLine);
  if (!table.ok) throw invalid([{ field: 'csv', says: table.problem }]);
  const reading = readPartsList(
    table.value,
    mapping,
    await rememberedFamilies(db),
    await ownTypes(db),
  );
  if (!isClean(reading)) {
    throw invalid(
      reading.problems
        .filter(({ severity }) => severity === 'error')
        .map(({ line, column, message }) => ({
          field: 'csv',
          says:
            line === null
              ? said('lists.list.column', { column, problem: message })
              : said('lists.list.rowColumn', { row: line, column, problem: message }),
        })),
    );
  }
  const lines = reading.lines.map(({ part, confidence, doubts }) => ({ part, confidence, doubts }));
  // What is read must be what can be saved and printed later: no value without end.
  const fits = check(kitLines, lines);
  if (!fits.ok) {
    throw invalid(
      fits.errors.map(({ field, says }) => {
        const row = reading.lines[Number(/^\[(\d+)\]/.exec(field)?.[1])]?.line;
        return {
          field: 'csv',
          says: row === undefined ? says : said('lists.list.row', { row, problem: says }),
        };
      }),
    );
  }
  return { lines, headings: table.value.headings, mapping };
}

async function storeImport(
  tx: Queryable,
  kitId: string,
  { lines, headings, mapping }: ReadList,
  rest: Omit<RevisionContent, 'lines'>,
): Promise<void> {
  await insertRevision(tx, { id: randomUUID(), kitId, content: { ...rest, lines } });
  await upsertColumns(tx, 'parts', headingSignature(headings), storedMapping, mapping);
  await rememberTold(tx, lines);
}

/** What a person said about a line holds for lines with the same words in the next list. */
async function rememberTold(tx: Queryable, lines: readonly KitLine[]): Promise<void> {
  for (const { part, confidence } of lines) {
    if (confidence !== 'told') continue;
    await rememberFamily(tx, wordingOf(part.description, part.designators), part.family);
    const own = ownTypeOf(part);
    if (own) await rememberOwnType(tx, own.number, own.type);
  }
}
