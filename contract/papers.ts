import type { PackingOrder } from '#core/stores/packing';

/** Papers of a kit, and of the workshops that it is built at. */
export const kitPapers = ['parts-sheet', 'resistor-card', 'step-sheets', 'picture-steps'] as const;
export type KitPaper = (typeof kitPapers)[number];
export const workshopPapers = [
  'bag-labels',
  'bag-list',
  'count-sheet',
  'checklist',
  'seat-plan',
] as const;
export type WorkshopPaper = (typeof workshopPapers)[number];

export const sheetSizes = ['a4', 'letter'] as const;
export type SheetSize = (typeof sheetSizes)[number];

export const paperFormats = ['pdf', 'csv'] as const;
export type PaperFormat = (typeof paperFormats)[number];

export const kitPaperPath = (
  kitId: string,
  paper: KitPaper,
  format: PaperFormat,
  size: SheetSize = 'a4',
) => `/api/kits/${kitId}/papers/${paper}.${format}?size=${size}`;

export const workshopPaperPath = (
  workshopId: string,
  paper: WorkshopPaper,
  format: PaperFormat,
  { size = 'a4', order = 'kind' }: { size?: SheetSize; order?: PackingOrder } = {},
) => `/api/workshops/${workshopId}/papers/${paper}.${format}?size=${size}&order=${order}`;

/** Everything for the evening as one file to print. */
export const eveningPapersPath = (workshopId: string, size: SheetSize = 'a4') =>
  `/api/workshops/${workshopId}/papers/evening.pdf?size=${size}`;

/** What is bought: so many packs of each offer, as `offerId:packs` joined by commas. */
export const buyingListPath = (
  purchases: readonly { readonly offerId: string; readonly packs: number }[],
  format: PaperFormat,
  size: SheetSize = 'a4',
) =>
  `/api/stores/buying-list.${format}?size=${size}&buy=${purchases.map(({ offerId, packs }) => `${offerId}:${packs}`).join(',')}`;
