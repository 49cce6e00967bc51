import type { Content } from 'pdfmake/interfaces.js';
import type { SheetSize } from '#contract/papers';
import type { StockItem } from '#contract/stores';
import { type Currency, money, moneyWords } from '#core/stores/money';
import { costOfPacks, type Offer, type Supplier } from '#core/stores/offers';
import { stockName } from '#core/words/stockWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { faded, makePaper, mono, ruled, tickBox } from './pdf.ts';

export interface BuyingRow {
  readonly item: StockItem;
  readonly offer: Offer;
  readonly supplier: Supplier;
  readonly packs: number;
}

/** What to order where, one table a supplier, with what each costs. */
export function buyingListPdf(
  rows: readonly BuyingRow[],
  size: SheetSize,
  speaker: Speaker,
  currency: Currency,
): Promise<Buffer> {
  const { t, decimals } = speaker;
  const amount = (cents: number) => moneyWords(cents, currency, speaker.locale);
  const suppliers = [...new Map(rows.map(({ supplier }) => [supplier.id, supplier])).values()];
  const total = suppliers.reduce((sum, supplier) => sum + costAt(rows, supplier), 0);
  return makePaper({
    title: t('papers.buyingList.title'),
    facts: [
      t('papers.buyingList.lines', { count: rows.length }),
      t('papers.buyingList.suppliers', { count: suppliers.length }),
      t('papers.buyingList.inAll', { total: amount(total) }),
    ].join(' · '),
    size,
    content: suppliers.flatMap((supplier): Content[] => [
      { text: supplier.name, bold: true, fontSize: 12, margin: [0, 8, 0, 2] },
      {
        text: [
          t('papers.buyingList.days', { count: supplier.days }),
          t('papers.buyingList.delivery', { amount: amount(supplier.deliveryCents) }),
          t('papers.buyingList.together', { amount: amount(costAt(rows, supplier)) }),
        ].join(' · '),
        color: faded,
        margin: [0, 0, 0, 3],
      },
      {
        layout: ruled,
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [14, '*', 40, 70, 60],
          body: [
            headCells(speaker, '', 'what', 'packs', 'piecesAPack', 'cost'),
            ...rows
              .filter((row) => row.supplier.id === supplier.id)
              .map((row) => [
                tickBox(),
                decimals(stockName(t, row.item.part)),
                { text: String(row.packs), font: mono, bold: true },
                { text: String(row.offer.packSize), font: mono },
                { text: amount(costOfPacks(row.offer, row.packs)), font: mono },
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

export const buyingListTable = (rows: readonly BuyingRow[], speaker: Speaker): Table =>
  tableOf<BuyingRow>(
    speaker,
    [
      { heading: 'supplier', cell: ({ supplier }) => supplier.name },
      { heading: 'what', cell: ({ item }) => stockName(speaker.t, item.part) },
      { heading: 'packs', cell: ({ packs }) => packs },
      { heading: 'piecesAPack', cell: ({ offer }) => offer.packSize },
      { heading: 'cost', cell: ({ offer, packs }) => money(costOfPacks(offer, packs)) },
      { heading: 'days', cell: ({ supplier }) => supplier.days },
    ],
    rows,
  );
