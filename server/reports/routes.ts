import { Router } from 'express';
import { getKitReport, getStepTimes, kitReportCsvPath } from '#contract/reports';
import { type Entry, type KitReport, timesOfStep } from '#core/learning/kitReport';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import { type CsvColumn, csvOf, sendCsv } from '../http/csv.ts';
import { notFound } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { fullKitReport } from './kitReports.ts';

/** What the workshops of a kit have shown. */
export function reportRoutes(db: Database, memory: LogMemory): Router {
  const router = Router();

  const existing = async (kitId: string) => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit', 'Choose one from the list of kits.');
    return kit;
  };

  const reportOn = async (kitId: string) => {
    const kit = await existing(kitId);
    const parts = kit.lines.map(({ part }) => part);
    const builds = await selectBuilds(db, memory, { kitId: kit.id });
    return { kit, report: fullKitReport(parts, builds, new Date()) };
  };

  serve(router, getKitReport, async ({ params }) => (await reportOn(params.kitId)).report);

  serve(router, getStepTimes, async ({ params }) => {
    const { id } = await existing(params.kitId);
    return timesOfStep(await selectBuilds(db, memory, { kitId: id }), params.stepId);
  });

  router.get(kitReportCsvPath(':kitId'), async (request, response) => {
    const { kit, report } = await reportOn(String(request.params.kitId));
    sendCsv(response, `${kit.name} mistakes`, csvOf(columnsOf(report), report.entries));
  });

  return router;
}

function columnsOf({ steps }: KitReport): readonly CsvColumn<Entry>[] {
  const numberOf = new Map(steps.map(({ step, number }) => [step.id, number]));
  return [
    { heading: 'workshop', cell: ({ workshopTitle }) => workshopTitle },
    { heading: 'seat', cell: ({ seatNumber }) => seatNumber },
    { heading: 'at', cell: ({ at }) => at },
    { heading: 'step', cell: ({ stepId }) => numberOf.get(stepId) ?? '' },
    { heading: 'step id', cell: ({ stepId }) => stepId },
    { heading: 'mistake', cell: ({ mistake }) => mistake },
    { heading: 'part', cell: ({ designator }) => designator ?? '' },
    { heading: 'found later', cell: ({ foundLater }) => (foundLater ? 'yes' : 'no') },
    { heading: 'entry', cell: ({ eventId }) => eventId },
  ];
}
