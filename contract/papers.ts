import type { PackingOrder } from '#core/stores/packing';
import { addressOf, fileEndpoint } from './endpoint.ts';

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

const types = ['application/pdf', 'text/csv'] as const;

export const kitPaper = fileEndpoint({
  path: '/api/kits/:kitId/papers/:paper.:format',
  access: 'helper',
  types,
  query: ['size'],
});
export const kitPaperPath = (
  kitId: string,
  paper: KitPaper,
  format: PaperFormat,
  size: SheetSize = 'a4',
) => addressOf(kitPaper, { kitId, paper, format }, { size });

export const workshopPaper = fileEndpoint({
  path: '/api/workshops/:workshopId/papers/:paper.:format',
  access: 'helper',
  recorded: 'papers-printed',
  types,
  query: ['size', 'order'],
});
export const workshopPaperPath = (
  workshopId: string,
  paper: WorkshopPaper,
  format: PaperFormat,
  { size = 'a4', order = 'kind' }: { size?: SheetSize; order?: PackingOrder } = {},
) => addressOf(workshopPaper, { workshopId, paper, format }, { size, order });

/** Everything for the evening as one file to print. */
export const eveningPapers = fileEndpoint({
  path: '/api/workshops/:workshopId/papers/evening.pdf',
  access: 'helper',
  recorded: 'papers-printed',
  types: ['application/pdf'],
  query: ['size'],
});
export const eveningPapersPath = (workshopId: string, size: SheetSize = 'a4') =>
  addressOf(eveningPapers, { workshopId }, { size });

/** What is bought: so many packs of each offer, as `offerId:packs` joined by commas. */
export const buyingList = fileEndpoint({
  path: '/api/stores/buying-list.:format',
  access: 'helper',
  types,
  query: ['size', 'buy'],
});
export const buyingListPath = (
  purchases: readonly { readonly offerId: string; readonly packs: number }[],
  format: PaperFormat,
  size: SheetSize = 'a4',
) =>
  addressOf(
    buyingList,
    { format },
    { size, buy: purchases.map(({ offerId, packs }) => `${offerId}:${packs}`).join(',') },
  );
