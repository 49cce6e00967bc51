import { randomUUID } from 'node:crypto';
import { addReading, listReadings, removeReading } from '#contract/kits';
import { rangeFor } from '#core/inspection/meter';
import { meters } from '#core/inspection/meters';
import { hasAmount } from '#core/inspection/verdict';
import { said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { deleteReading, insertReading, selectReadings } from './queries.ts';

/** Readings of incoming parts. The verdicts are computed from them wherever they are shown. */
export function readingRoutes(api: Api, db: Database): void {
  api.serve(listReadings, async ({ params }) => {
    await kitOf(db, params.kitId);
    return selectReadings(db, params.kitId);
  });

  api.serve(addReading, async ({ params, body }) => {
    const { lines } = await kitOf(db, params.kitId);
    const part = lines[body.line]?.part;
    if (!part) {
      throw invalid([
        {
          field: 'line',
          says: said('refusals.readings.thisKitHasNoSuchLineLoad'),
        },
      ]);
    }
    if (!hasAmount(part)) {
      throw invalid([
        {
          field: 'line',
          says: said('refusals.readings.thisPartHasNoValueThatA'),
        },
      ]);
    }
    const meter = meters.find(({ id }) => id === body.meter);
    if (!meter || !rangeFor(meter, part.value.unit, body.reading)) {
      throw invalid([
        {
          field: 'reading',
          says: said('refusals.readings.thisMeterHasNoRangeForSuch'),
        },
      ]);
    }
    const { meter: meterId, reading } = body;
    return insertReading(db, params.kitId, { id: randomUUID(), part, meter: meterId, reading });
  });

  api.serve(removeReading, async ({ params }) => {
    await kitOf(db, params.kitId);
    if (isUuid(params.readingId)) await deleteReading(db, params.kitId, params.readingId);
    return {};
  });
}

async function kitOf(db: Database, kitId: string) {
  const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
  if (!kit) throw notFound('kit');
  return kit;
}
