import {
  changeBoard,
  changeCircuit,
  changeErrata,
  changeLines,
  changeOrder,
  changeSupply,
  type Kit,
  type KitChanged,
  type KitPart,
  kitParts,
} from '#contract/kits';
import { call } from '../app/call.ts';

export type KitContent = Pick<
  Kit,
  'lines' | 'errata' | 'supplyVolt' | 'board' | 'circuitNotes' | 'order'
>;

type SavePart = (kitId: string, version: number, content: KitContent) => Promise<KitChanged>;

/** How each part of a kit is sent. */
export const savePart: Readonly<Record<KitPart, SavePart>> = {
  lines: (kitId, version, { lines }) =>
    call(changeLines, { params: { kitId }, body: { version, lines } }),
  errata: (kitId, version, { errata }) =>
    call(changeErrata, { params: { kitId }, body: { version, errata } }),
  supply: (kitId, version, { supplyVolt }) =>
    call(changeSupply, { params: { kitId }, body: { version, supplyVolt } }),
  order: (kitId, version, { order }) =>
    call(changeOrder, { params: { kitId }, body: { version, order } }),
  board: (kitId, version, { board }) =>
    call(changeBoard, { params: { kitId }, body: { version, board } }),
  circuit: (kitId, version, { circuitNotes }) =>
    call(changeCircuit, { params: { kitId }, body: { version, circuitNotes } }),
};

/** What of a content each part is. */
const partOf: Readonly<Record<KitPart, (content: KitContent) => unknown>> = {
  lines: ({ lines }) => lines,
  errata: ({ errata }) => errata,
  supply: ({ supplyVolt }) => supplyVolt,
  order: ({ order }) => order,
  board: ({ board }) => board,
  circuit: ({ circuitNotes }) => circuitNotes,
};

/** The parts that a change changes. */
export function partsChanged(kit: KitContent, more: Partial<KitContent>): KitPart[] {
  const next = { ...kit, ...more };
  return kitParts.filter(
    (part) => JSON.stringify(partOf[part](kit)) !== JSON.stringify(partOf[part](next)),
  );
}
