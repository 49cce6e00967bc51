import { getKitReport, getStepTimes, kitReportCsv } from '#contract/reports';
import { type Entry, type KitReport, timesOfStep } from '#core/learning/kitReport';
import type { LogMemory } from '../builds/logMemory.ts';
import { selectBuilds } from '../builds/queries.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { sendTable, type TableColumn, tableOf } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { lookedBackAt } from '../pace/routes.ts';
import { type Speaker, speak } from '../words/speak.ts';
import { fullKitReport } from './kitReports.ts';

/** What the workshops of a kit have shown. */
export function reportRoutes(api: Api, db: Database, memory: LogMemory): void {
  const existing = async (kitId: string) => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    return kit;
  };

  const reportOn = async (kitId: string) => {
    const kit = await existing(kitId);
    const parts = kit.lines.map(({ part }) => part);
    const builds = await selectBuilds(db, memory, { kitId: kit.id });
    const back = await lookedBackAt(db, memory, new Date());
    return { kit, report: fullKitReport(parts, builds, back) };
  };

  api.serve(getKitReport, async ({ params }) => (await reportOn(params.kitId)).report);

  api.serve(getStepTimes, async ({ params }) => {
    const { id } = await existing(params.kitId);
    return timesOfStep(await selectBuilds(db, memory, { kitId: id }), params.stepId);
  });

  api.send(kitReportCsv, async ({ params, request, response }) => {
    const speaker = speak(request.query.lang);
    const { kit, report } = await reportOn(params.kitId);
    await sendTable(
      response,
      speaker.t('exports.file.mistakes', { kit: kit.name }),
      tableOf(speaker, columnsOf(speaker, report), report.entries),
      'csv',
    );
  });
}

function columnsOf({ t }: Speaker, { steps }: KitReport): readonly TableColumn<Entry>[] {
  const numberOf = new Map(steps.map(({ step, number }) => [step.id, number]));
  return [
    { heading: 'workshop', cell: ({ workshopTitle }) => workshopTitle },
    { heading: 'seat', cell: ({ seatNumber }) => seatNumber },
    { heading: 'at', cell: ({ at }) => at },
    { heading: 'step', cell: ({ stepId }) => numberOf.get(stepId) ?? '' },
    { heading: 'stepId', cell: ({ stepId }) => stepId },
    { heading: 'mistake', cell: ({ mistake }) => t(`mistake.${mistake}.name`) },
    { heading: 'part', cell: ({ designator }) => designator ?? '' },
    { heading: 'foundLater', cell: ({ foundLater }) => t(`exports.${foundLater ? 'yes' : 'no'}`) },
    { heading: 'entry', cell: ({ eventId }) => eventId },
    { heading: 'instead', cell: ({ instead }) => instead ?? '' },
  ];
}
