import { Router } from 'express';
import { getPaces } from '#contract/pace';
import type { Database } from '../db/database.ts';
import { serve } from '../http/serve.ts';
import { learntPaces } from './learntPaces.ts';

/** What earlier workshops have taught about minutes. */
export function paceRoutes(db: Database): Router {
  const router = Router();
  serve(router, getPaces, () => learntPaces(db, new Date()));
  return router;
}
