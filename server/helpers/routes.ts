import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { createHelper, listHelpers, removeHelper } from '#contract/helpers';
import { hashPassphrase } from '../auth/passphrase.ts';
import type { Database } from '../db/database.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import { endHelper, insertHelper, selectHelpers } from './queries.ts';

/** Who may help: the instructor names them and gives each a passphrase. */
export function helperRoutes(db: Database): Router {
  const router = Router();

  serve(router, listHelpers, () => selectHelpers(db));

  serve(router, createHelper, async ({ body }) => {
    const id = randomUUID();
    const hash = await hashPassphrase(body.passphrase);
    if (!(await insertHelper(db, { id, name: body.name }, hash))) {
      throw invalid([
        {
          field: 'name',
          message: `There is a helper called ${body.name} already. Add an initial.`,
        },
      ]);
    }
    return { id };
  });

  serve(router, removeHelper, async ({ params }) => {
    const { helperId } = params;
    const removed = isUuid(helperId) && (await db.transaction((tx) => endHelper(tx, helperId)));
    if (!removed) throw notFound('helper', 'Reload the list of helpers.');
    return { removed };
  });

  return router;
}
