import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import {
  createKit,
  getKit,
  getRememberedMapping,
  type KitLine,
  listKits,
  reviseKit,
} from '#contract/kits';
import { totalMinutes } from '#core/pace/stepMinutes';
import { headingSignature, type Mapping } from '#core/partslist/columns';
import { isClean, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/table';
import type { Database, Queryable } from '../db/database.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from './plannedSteps.ts';
import {
  insertKit,
  insertRevision,
  kitExists,
  rememberedMapping,
  rememberMapping,
  selectKit,
  selectKits,
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
        pieces: stored.lines.reduce((sum, { part }) => sum + (part.inKit ? part.quantity : 0), 0),
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
    const list = readForImport(body.csv, body.mapping);
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
      await storeRevision(tx, id, body.supplyVolt, list);
    });
    return { id };
  });

  serve(router, reviseKit, async ({ params, body }) => {
    const list = readForImport(body.csv, body.mapping);
    await db.transaction(async (tx) => {
      if (!isUuid(params.kitId) || !(await kitExists(tx, params.kitId))) throw noSuchKit();
      await storeRevision(tx, params.kitId, body.supplyVolt, list);
    });
    return { id: params.kitId };
  });

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

/** Reads the list again on the server, by the same code as the page did: what is stored never rests on the page's word. */
function readForImport(csv: string, mapping: Mapping): ReadList {
  const table = readTable(csv);
  if (!table.ok) throw invalid([{ field: 'csv', message: table.problem }]);
  const reading = readPartsList(table.value, mapping);
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
  return { lines: reading.lines, headings: table.value.headings, mapping };
}

async function storeRevision(
  tx: Queryable,
  kitId: string,
  supplyVolt: number | null,
  list: ReadList,
): Promise<void> {
  await insertRevision(tx, { id: randomUUID(), kitId, supplyVolt, lines: list.lines });
  await rememberMapping(tx, headingSignature(list.headings), list.mapping);
}
