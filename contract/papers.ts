import type { PackingOrder } from '#core/stores/packing';
import { addressOf, fileEndpoint } from './endpoint.ts';
import { type TableFormat, tableFormats, tableTypes } from './tables.ts';

/** Papers of a kit, and of the workshops that it is built at. */
export const kitPapers = [
  'parts-sheet',
  'resistor-card',
  'cutting-list',
  'drill-template',
  'circuit-sheet',
  'fault-sheet',
  'step-sheets',
  'picture-steps',
] as const;
export type KitPaper = (typeof kitPapers)[number];
export const workshopPapers = [
  'bag-labels',
  'bag-list',
  'count-sheet',
  'room-cutting-list',
  'checklist',
  'seat-plan',
] as const;
export type WorkshopPaper = (typeof workshopPapers)[number];

export const sheetSizes = ['a4', 'letter'] as const;
export type SheetSize = (typeof sheetSizes)[number];

/** Steps on paper: many on a page, or one a page to stand on the bench. */
export const stepSizes = ['small', 'large'] as const;
export type StepSize = (typeof stepSizes)[number];

/** How somebody wants a paper: the sheet, and the language that it is in. */
export interface PaperWishes {
  readonly size?: SheetSize;
  readonly lang: string;
}

export const paperFormats = ['pdf', ...tableFormats] as const;
export type PaperFormat = (typeof paperFormats)[number];

const types = ['application/pdf', ...tableTypes] as const;

export const kitPaper = fileEndpoint({
  path: '/api/kits/:kitId/papers/:paper.:format',
  access: 'helper',
  types,
  query: ['size', 'steps', 'lang'],
});
export const kitPaperPath = (
  kitId: string,
  paper: KitPaper,
  format: PaperFormat,
  { size = 'a4', steps = 'small', lang }: PaperWishes & { readonly steps?: StepSize },
) => addressOf(kitPaper, { kitId, paper, format }, { size, steps, lang });

/** A parts list to fill in: headings that are read again, and a few lines as they are written. */
export const listTemplate = fileEndpoint({
  path: '/api/lists/template.:format',
  access: 'helper',
  types: tableTypes,
  query: ['lang'],
});
export const listTemplatePath = (format: TableFormat, lang: string) =>
  addressOf(listTemplate, { format }, { lang });

export const workshopPaper = fileEndpoint({
  path: '/api/workshops/:workshopId/papers/:paper.:format',
  access: 'helper',
  recorded: 'papers-printed',
  types,
  query: ['size', 'order', 'lang'],
});
export const workshopPaperPath = (
  workshopId: string,
  paper: WorkshopPaper,
  format: PaperFormat,
  { size = 'a4', order = 'kind', lang }: PaperWishes & { readonly order?: PackingOrder },
) => addressOf(workshopPaper, { workshopId, paper, format }, { size, order, lang });

/** What a learner takes home with the board: what it is, its battery, its care, what to do if it stops. */
export const takeHome = fileEndpoint({
  path: '/api/seats/:token/take-home.pdf',
  access: 'seat',
  rate: 'seat-link',
  types: ['application/pdf'],
  query: ['lang'],
});
export const takeHomePath = (token: string, lang: string) =>
  addressOf(takeHome, { token }, { lang });

/** Everything for the evening as one file to print. */
export const eveningPapers = fileEndpoint({
  path: '/api/workshops/:workshopId/papers/evening.pdf',
  access: 'helper',
  recorded: 'papers-printed',
  types: ['application/pdf'],
  query: ['size', 'lang'],
});
export const eveningPapersPath = (workshopId: string, { size = 'a4', lang }: PaperWishes) =>
  addressOf(eveningPapers, { workshopId }, { size, lang });

/** What is bought: so many packs of each offer, as `offerId:packs` joined by commas. */
export const buyingList = fileEndpoint({
  path: '/api/stores/buying-list.:format',
  access: 'helper',
  types,
  query: ['size', 'buy', 'lang'],
});
export const buyingListPath = (
  purchases: readonly { readonly offerId: string; readonly packs: number }[],
  format: PaperFormat,
  { size = 'a4', lang }: PaperWishes,
) =>
  addressOf(
    buyingList,
    { format },
    { size, lang, buy: purchases.map(({ offerId, packs }) => `${offerId}:${packs}`).join(',') },
  );

/** What is short for some evenings, without prices: to take along to a shop, or to write an order from. */
export const shoppingList = fileEndpoint({
  path: '/api/stores/shopping-list.:format',
  access: 'helper',
  types,
  query: ['size', 'for', 'risk', 'lang'],
});
export const shoppingListPath = (
  workshopIds: readonly string[],
  runOut: number,
  format: PaperFormat,
  { size = 'a4', lang }: PaperWishes,
) =>
  addressOf(
    shoppingList,
    { format },
    { size, lang, for: workshopIds.join(','), risk: String(runOut) },
  );
