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

/** The field of the kit that each part is. */
const fieldOf = {
  lines: 'lines',
  errata: 'errata',
  supply: 'supplyVolt',
  order: 'order',
  board: 'board',
  circuit: 'circuitNotes',
} as const satisfies Readonly<Record<KitPart, keyof KitContent>>;

/** The parts that a change changes. */
export const partsChanged = (kit: KitContent, more: Partial<KitContent>): KitPart[] =>
  kitParts.filter((part) => {
    const field = fieldOf[part];
    return field in more && JSON.stringify(kit[field]) !== JSON.stringify(more[field]);
  });

/** `kit` with one part as it stands in `content`, stored as `version`. */
export const withPart = (kit: Kit, part: KitPart, content: KitContent, version: number): Kit => ({
  ...kit,
  [fieldOf[part]]: content[fieldOf[part]],
  versions: { ...kit.versions, [part]: version },
});

/** `kit` with each part that `left` has in a later version. */
export const newestParts = (kit: Kit, left: Kit): Kit =>
  kitParts
    .filter((part) => left.versions[part] > kit.versions[part])
    .reduce((now, part) => withPart(now, part, left, left.versions[part]), kit);
