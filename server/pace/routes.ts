import { Router } from 'express';
import { getPaces } from '#contract/pace';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import { serve } from '../http/serve.ts';
import { learntPaces } from './learntPaces.ts';

/** What earlier workshops have taught about minutes. */
export function paceRoutes(db: Database, memory: LogMemory): Router {
  const router = Router();
  serve(router, getPaces, async () =>
    learntPaces(await selectBuilds(db, memory, 'everybody'), new Date()),
  );
  return router;
}
