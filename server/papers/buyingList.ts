import type { Content } from 'pdfmake/interfaces.js';
import type { SheetSize } from '#contract/papers';
import type { StockItem } from '#contract/stores';
import { money } from '#core/stores/money';
import { costOfPacks, type Offer, type Supplier } from '#core/stores/offers';
import { stockName } from '#core/words/stockWords';
import { csvOf } from '../http/csv.ts';
import { headCell } from './cells.ts';
import { makePaper, mono, ruled, tickBox } from './pdf.ts';
import { t } from './words.ts';

export interface BuyingRow {
  readonly item: StockItem;
  readonly offer: Offer;
  readonly supplier: Supplier;
  readonly packs: number;
}

/** What to order where, one table a supplier, with what each costs. */
export function buyingListPdf(rows: readonly BuyingRow[], size: SheetSize): Promise<Buffer> {
  const suppliers = [...new Map(rows.map(({ supplier }) => [supplier.id, supplier])).values()];
  const total = suppliers.reduce((sum, supplier) => sum + costAt(rows, supplier), 0);
  return makePaper({
    title: 'Buying list',
    facts: `${rows.length} lines from ${suppliers.length} suppliers · ${money(total)} in all, delivery included`,
    size,
    content: suppliers.flatMap((supplier): Content[] => [
      { text: supplier.name, bold: true, fontSize: 12, margin: [0, 8, 0, 2] },
      {
        text: `${supplier.days} days · delivery ${money(supplier.deliveryCents)} · together ${money(costAt(rows, supplier))}`,
        color: '#62564a',
        margin: [0, 0, 0, 3],
      },
      {
        layout: ruled,
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [14, '*', 40, 70, 60],
          body: [
            ['', 'What', 'Packs', 'Pieces a pack', 'Cost'].map(headCell),
            ...rows
              .filter((row) => row.supplier.id === supplier.id)
              .map((row) => [
                tickBox(),
                stockName(t, row.item.part),
                { text: String(row.packs), font: mono, bold: true },
                { text: String(row.offer.packSize), font: mono },
                { text: money(costOfPacks(row.offer, row.packs)), font: mono },
              ]),
          ],
        },
      },
    ]),
  });
}

const costAt = (rows: readonly BuyingRow[], { id, deliveryCents }: Supplier) =>
  rows
    .filter(({ supplier }) => supplier.id === id)
    .reduce((sum, { offer, packs }) => sum + costOfPacks(offer, packs), deliveryCents);

export const buyingListCsv = (rows: readonly BuyingRow[]): string =>
  csvOf<BuyingRow>(
    [
      { heading: 'supplier', cell: ({ supplier }) => supplier.name },
      { heading: 'what', cell: ({ item }) => stockName(t, item.part) },
      { heading: 'packs', cell: ({ packs }) => packs },
      { heading: 'pieces a pack', cell: ({ offer }) => offer.packSize },
      { heading: 'cost', cell: ({ offer, packs }) => money(costOfPacks(offer, packs)) },
      { heading: 'days', cell: ({ supplier }) => supplier.days },
    ],
    rows,
  );
