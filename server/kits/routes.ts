import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import {
  changeKit,
  createKit,
  getKit,
  getRememberedFamilies,
  getRememberedMapping,
  getRevision,
  type KitLine,
  listKits,
  listRevisions,
  reviseKit,
} from '#contract/kits';
import { usualSettings } from '#core/order/settings';
import { totalMinutes } from '#core/pace/stepMinutes';
import { carryLotNotes } from '#core/parts/carryOver';
import { checkLines } from '#core/parts/checkLines';
import { headingSignature, type Mapping } from '#core/partslist/columns';
import { isClean, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/table';
import { wordingOf } from '#core/partslist/wording';
import type { Database, Queryable } from '../db/database.ts';
import { invalid, notFound, Refusal } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from './plannedSteps.ts';
import {
  insertKit,
  insertRevision,
  type RevisionContent,
  rememberedFamilies,
  rememberedMapping,
  rememberFamily,
  rememberMapping,
  replaceContent,
  selectKit,
  selectKits,
  selectRevision,
  selectRevisions,
} from './queries.ts';

export function kitRoutes(db: Database): Router {
  const router = Router();

  serve(router, listKits, async () =>
    (await selectKits(db)).map((stored) => {
      const steps = plannedSteps(stored);
      return {
        id: stored.id,
        name: stored.name,
        revision: stored.revision,
        supplyVolt: stored.supplyVolt,
        pieces: stored.lines.reduce(
          (sum, { part }) => sum + (part.supply === 'not-in-kit' ? 0 : part.quantity),
          0,
        ),
        minutes: totalMinutes(steps),
        steps: steps.length,
      };
    }),
  );

  serve(router, getKit, async ({ params }) => {
    const stored = isUuid(params.kitId) ? await selectKit(db, params.kitId) : undefined;
    if (!stored) throw noSuchKit();
    return { ...stored, steps: plannedSteps(stored) };
  });

  serve(router, createKit, async ({ body }) => {
    const list = await readForImport(db, body.csv, body.mapping);
    const id = randomUUID();
    await db.transaction(async (tx) => {
      if (!(await insertKit(tx, id, body.name))) {
        throw invalid([
          {
            field: 'name',
            message: `There is a kit named “${body.name}” already. Choose another name.`,
          },
        ]);
      }
      await storeImport(tx, id, list, {
        supplyVolt: body.supplyVolt,
        errata: [],
        board: null,
        order: usualSettings,
      });
    });
    return { id };
  });

  serve(router, reviseKit, async ({ params, body }) => {
    const list = await readForImport(db, body.csv, body.mapping);
    await db.transaction(async (tx) => {
      const before = isUuid(params.kitId) ? await selectKit(tx, params.kitId) : undefined;
      if (!before) throw noSuchKit();
      // What was found out about the lots and the board is still true of a corrected list.
      const parts = carryLotNotes(
        before.lines.map(({ part }) => part),
        list.lines.map(({ part }) => part),
      );
      const lines = list.lines.map((line, index) => ({ ...line, part: parts[index] ?? line.part }));
      const { errata, board, order } = before;
      await storeImport(
        tx,
        params.kitId,
        { ...list, lines },
        { supplyVolt: body.supplyVolt, errata, board, order },
      );
    });
    return { id: params.kitId };
  });

  serve(router, changeKit, async ({ params, body }) =>
    db.transaction(async (tx) => {
      const newest = isUuid(params.kitId) ? await selectKit(tx, params.kitId) : undefined;
      if (!newest) throw noSuchKit();
      if (newest.revisionId !== body.basedOn) throw changedMeanwhile(newest.revision);
      refuseWrongLines(body.lines);
      await rememberTold(tx, body.lines);
      // Workshops keep the revision that they were planned on.
      if (newest.workshops > 0) {
        const id = randomUUID();
        const revision = await insertRevision(tx, { id, kitId: newest.id, content: body });
        return { revision, revisionId: id, isNew: true };
      }
      await replaceContent(tx, newest.revisionId, body);
      return { revision: newest.revision, revisionId: newest.revisionId, isNew: false };
    }),
  );

  serve(router, listRevisions, async ({ params }) => {
    const revisions = isUuid(params.kitId) ? await selectRevisions(db, params.kitId) : [];
    if (revisions.length === 0) throw noSuchKit();
    return revisions;
  });

  serve(router, getRevision, async ({ params }) => {
    const number = /^\d{1,6}$/.test(params.number) ? Number(params.number) : 0;
    const stored = isUuid(params.kitId)
      ? await selectRevision(db, params.kitId, number)
      : undefined;
    if (!stored) throw notFound('revision', 'Choose one from the list of revisions.');
    return stored;
  });

  serve(router, getRememberedFamilies, () => rememberedFamilies(db));

  serve(
    router,
    getRememberedMapping,
    async ({ body }) => (await rememberedMapping(db, headingSignature(body.headings))) ?? null,
  );

  return router;
}

const noSuchKit = () => notFound('kit', 'Choose one from the list of kits.');

interface ReadList {
  readonly lines: readonly KitLine[];
  readonly headings: readonly string[];
  readonly mapping: Mapping;
}

const changedMeanwhile = (revision: number) =>
  new Refusal(
    409,
    'Changed meanwhile',
    `Somebody has made revision ${revision} of this kit meanwhile. Load the page again and make your change there.`,
  );

/** Reads the list again on the server, by the same code as the page did: what is stored never rests on the page's word. */
async function readForImport(db: Queryable, csv: string, mapping: Mapping): Promise<ReadList> {
  const table = readTable(csv);
  if (!table.ok) throw invalid([{ field: 'csv', message: table.problem }]);
  const reading = readPartsList(table.value, mapping, await rememberedFamilies(db));
  if (!isClean(reading)) {
    throw invalid(
      reading.problems
        .filter(({ severity }) => severity === 'error')
        .map(({ line, column, message }) => ({
          field: 'csv',
          message: `${line === null ? '' : `Row ${line}, `}${column}: ${message}`,
        })),
    );
  }
  const lines = reading.lines.map(({ part, confidence }) => ({ part, confidence }));
  return { lines, headings: table.value.headings, mapping };
}

async function storeImport(
  tx: Queryable,
  kitId: string,
  { lines, headings, mapping }: ReadList,
  rest: Omit<RevisionContent, 'lines'>,
): Promise<void> {
  await insertRevision(tx, { id: randomUUID(), kitId, content: { ...rest, lines } });
  await rememberMapping(tx, headingSignature(headings), mapping);
  await rememberTold(tx, lines);
}

/** What a person said about a line holds for lines with the same words in the next list. */
async function rememberTold(tx: Queryable, lines: readonly KitLine[]): Promise<void> {
  for (const { part, confidence } of lines) {
    if (confidence !== 'told') continue;
    await rememberFamily(tx, wordingOf(part.description, part.designators), part.family);
  }
}

function refuseWrongLines(lines: readonly KitLine[]): void {
  const problems = checkLines(lines.map(({ part }) => part));
  if (problems.length === 0) return;
  throw invalid(
    problems
      .slice(0, 20)
      .map(({ line, field, message }) => ({ field: `lines[${line}].part.${field}`, message })),
  );
}
