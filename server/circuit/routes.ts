import {
  circuitPicture,
  getCircuitDrawing,
  getFiguresWork,
  netlistFile,
  stopFigures,
  tryOtherwise,
  workOutFigures,
} from '#contract/figures';
import { type Kit, wiredKitOf } from '#contract/kits';
import { circuitOf } from '#core/circuit/circuitOf';
import { circuitSvgText } from '#core/circuit/drawing/circuitSvgText';
import { symbolStyles } from '#core/circuit/drawing/symbol';
import { basisOf, type KitFigures } from '#core/circuit/kitFigures';
import { type KitToRead, readKit, whyNotReadable } from '#core/circuit/readKit';

import { writeSpice } from '#core/circuit/spicefile/writeSpice';
import { supplyOf } from '#core/circuit/supplyOf';
import { compare, valueTyped } from '#core/circuit/whatIf';
import { said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKit } from '../kits/queries.ts';
import { drawingOf } from './drawingOf.ts';
import { KitWork } from './kitWork.ts';
import { replaceFigures } from './queries.ts';
import type { SharedEngine } from './warmEngine.ts';

const styleOf = (asked: unknown) => symbolStyles.find((one) => one === asked);

export function circuitRoutes(api: Api, db: Database, engine: SharedEngine): void {
  const atWork = new KitWork<KitToRead, KitFigures>({
    basisOf,
    workOut: (kit, onProgress) => readKit(engine.share(), kit, onProgress),
    keep: (revisionId, figures) => replaceFigures(db, revisionId, figures),
  });
  const kitOf = async (kitId: string): Promise<Kit> => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    return kit;
  };

  api.serve(getCircuitDrawing, async ({ params: { kitId, style } }) => {
    const kit = await kitOf(kitId);
    return drawingOf(kit, styleOf(style) ?? symbolStyles[0]);
  });

  api.send(circuitPicture, async ({ params: { kitId }, request, response }) => {
    const kit = await kitOf(kitId);
    const drawing = await drawingOf(kit, styleOf(request.query.style) ?? symbolStyles[0]);
    if (!drawing) throw notFound('circuit');
    response
      .type('image/svg+xml')
      .set('Content-Disposition', 'inline; filename="circuit.svg"')
      .send(circuitSvgText(drawing, 'monospace'));
  });

  api.send(netlistFile, async ({ params: { kitId }, response }) => {
    const kit = await kitOf(kitId);
    const { name, circuitNotes, supplyVolt } = kit;
    const circuit = circuitOf(wiredKitOf(kit));
    const at = supplyOf(circuit, circuitNotes);
    if (!at) throw notFound('circuit');
    response
      .type('text/plain')
      .set('Content-Disposition', 'attachment; filename="netlist.cir"')
      .send(writeSpice(name, circuit, at, supplyVolt ?? 5, circuitNotes));
  });

  api.serve(getFiguresWork, async ({ params: { kitId } }) => atWork.stateOf(kitId));

  api.serve(workOutFigures, async ({ params: { kitId } }) => {
    const kit = await kitOf(kitId);
    const wired = wiredKitOf(kit);
    const why = whyNotReadable(wired);
    if (why) return { kind: 'not-readable', why };
    atWork.start(kitId, kit.revisionId, { ...wired, steps: plannedSteps(kit) });
    return atWork.stateOf(kitId);
  });

  api.serve(tryOtherwise, async ({ params: { kitId }, body }) => {
    const kit = wiredKitOf(await kitOf(kitId));
    const { parts, supplyVolt } = kit;
    if (supplyVolt === null || whyNotReadable(kit)) throw notFound('circuit');
    const changed = body.parts.map(({ place, value: typed }, index) => {
      const part = parts.find(({ designators }) => designators.includes(place));
      const field = (name: string) => `parts[${index}].${name}`;
      if (!part)
        throw invalid([
          { field: field('place'), says: said('refusals.circuit.noPlace', { place }) },
        ]);
      const value = valueTyped(part, typed);
      if (!value) {
        throw invalid([
          {
            field: field('value'),
            says: said('refusals.circuit.noValue', { place, value: typed }),
          },
        ]);
      }
      return { place, value };
    });
    return compare(
      engine.share(),
      { ...kit, supplyVolt },
      { parts: changed, ...(body.supplyVolt === null ? {} : { supplyVolt: body.supplyVolt }) },
    );
  });

  api.serve(stopFigures, async ({ params: { kitId } }) => {
    atWork.stop(kitId);
    return atWork.stateOf(kitId);
  });
}
