import { storedFigures } from '#contract/storedKinds';
import type { KitFigures } from '#core/circuit/kitFigures';
import type { Queryable } from '../db/database.ts';
import { json } from '../db/stored.ts';

/** Keeps what the boards of a revision show; figures are worked out anew when the revision changes. */
export async function replaceFigures(
  db: Queryable,
  revisionId: string,
  figures: KitFigures,
): Promise<void> {
  await db.query('update kit_revision set figures = $2::jsonb where id = $1', [
    revisionId,
    json(storedFigures, figures),
  ]);
}
