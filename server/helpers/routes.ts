import { randomUUID } from 'node:crypto';
import { createHelper, listHelpers, removeHelper } from '#contract/helpers';
import { hashPassphrase } from '../auth/passphrase.ts';
import { helperOwner } from '../auth/sessions.ts';
import type { Database } from '../db/database.ts';
import type { OpenStreams } from '../events/openStreams.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { endHelper, insertHelper, selectHelpers } from './queries.ts';

/** Who may help: the instructor names them and gives each a passphrase. */
export function helperRoutes(api: Api, db: Database, streams: OpenStreams): void {
  api.serve(listHelpers, () => selectHelpers(db));

  api.serve(createHelper, async ({ body }) => {
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

  api.serve(removeHelper, async ({ params }) => {
    const { helperId } = params;
    const removed = isUuid(helperId) && (await db.transaction((tx) => endHelper(tx, helperId)));
    if (!removed) throw notFound('helper', 'Reload the list of helpers.');
    streams.end(helperOwner(helperId));
    return { removed };
  });
}
