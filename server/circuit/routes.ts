import { getFiguresWork, stopFigures, workOutFigures } from '#contract/figures';
import { whyNotReadable } from '#core/circuit/readKit';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKit } from '../kits/queries.ts';
import { FiguresAtWork } from './figuresWork.ts';
import { replaceFigures } from './queries.ts';
import { WarmEngine } from './warmEngine.ts';

export function circuitRoutes(api: Api, db: Database): void {
  const atWork = new FiguresAtWork(new WarmEngine(), async (revisionId, figures) =>
    replaceFigures(db, revisionId, figures),
  );

  api.serve(getFiguresWork, async ({ params: { kitId } }) => atWork.stateOf(kitId));

  api.serve(workOutFigures, async ({ params: { kitId } }) => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    const { board, supplyVolt, revisionId } = kit;
    const parts = kit.lines.map(({ part }) => part);
    const why = board ? whyNotReadable({ board, parts, supplyVolt }) : 'no-nets';
    if (why) return { kind: 'not-readable', why };
    if (board)
      atWork.start(kitId, revisionId, { board, parts, supplyVolt, steps: plannedSteps(kit) });
    return atWork.stateOf(kitId);
  });

  api.serve(stopFigures, async ({ params: { kitId } }) => {
    atWork.stop(kitId);
    return atWork.stateOf(kitId);
  });
}
