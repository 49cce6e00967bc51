import type { StockItem } from '#contract/stores';
import { toleranceLabel, valueLabel } from '#core/parts/label';
import { type LedgerRow, ledgerOf, type Move } from '#core/stores/ledger';
import { meanOf } from '#core/stores/lossRate';
import { money } from '#core/stores/money';
import type { Need, Needs } from '#core/stores/needs';
import type { Offer, Supplier } from '#core/stores/offers';
import { stockName } from '#core/words/stockWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';

interface Row {
  readonly item: StockItem;
  readonly offer: Offer | undefined;
  readonly supplier: Supplier | undefined;
}

/** Every item and offer: an item without an offer has one row, others one for each offer. */
export function stockTable(
  speaker: Speaker,
  items: readonly StockItem[],
  suppliers: readonly Supplier[],
): Table {
  const rows = items.flatMap((item): Row[] =>
    item.offers.length === 0
      ? [{ item, offer: undefined, supplier: undefined }]
      : item.offers.map((offer) => ({
          item,
          offer,
          supplier: suppliers.find(({ id }) => id === offer.supplierId),
        })),
  );
  return tableOf<Row>(
    speaker,
    [
      { heading: 'kindOfPart', cell: ({ item }) => speaker.t(`family.${item.part.family}.one`) },
      { heading: 'value', cell: ({ item }) => valueLabel(item.part.value) },
      { heading: 'tolerance', cell: ({ item }) => toleranceLabel(item.part.value) },
      { heading: 'pins', cell: ({ item }) => item.part.pins ?? '' },
      { heading: 'location', cell: ({ item }) => item.location },
      { heading: 'onHand', cell: ({ item }) => item.level },
      { heading: 'minimum', cell: ({ item }) => item.minimum },
      { heading: 'supplier', cell: ({ supplier }) => supplier?.name ?? '' },
      { heading: 'packSize', cell: ({ offer }) => offer?.packSize ?? '' },
      {
        heading: 'pricesFromPacks',
        cell: ({ offer }) =>
          (offer?.breaks ?? [])
            .map(({ fromPacks, packCents }) => `${fromPacks}: ${money(packCents)}`)
            .join('; '),
      },
      {
        heading: 'deliveryCost',
        cell: ({ supplier }) => (supplier ? money(supplier.deliveryCents) : ''),
      },
      { heading: 'days', cell: ({ supplier }) => supplier?.days ?? '' },
    ],
    rows,
  );
}

/** The ledger of an item: every move with the level after it. */
export const ledgerTable = (speaker: Speaker, moves: readonly Move[]): Table =>
  tableOf<LedgerRow>(
    speaker,
    [
      { heading: 'at', cell: ({ move }) => move.at },
      { heading: 'what', cell: ({ move }) => speaker.t(`exports.move.${move.kind}`) },
      { heading: 'pieces', cell: ({ move }) => move.pieces },
      { heading: 'change', cell: ({ change }) => change },
      { heading: 'level', cell: ({ level }) => level },
      { heading: 'note', cell: ({ move }) => move.note },
    ],
    ledgerOf(moves),
  );

/** What workshops need, line by line. */
export const needsTable = (speaker: Speaker, { lines }: Needs): Table =>
  tableOf<Need>(
    speaker,
    [
      { heading: 'what', cell: ({ part }) => stockName(speaker.t, part) },
      {
        heading: 'broughtByOthers',
        cell: ({ brought }) => speaker.t(`exports.${brought ? 'yes' : 'no'}`),
      },
      { heading: 'fitted', cell: ({ fitted }) => fitted },
      { heading: 'spares', cell: ({ spares }) => spares },
      { heading: 'toHave', cell: ({ pieces }) => pieces },
      { heading: 'onHand', cell: ({ onHand }) => onHand },
      { heading: 'short', cell: ({ short }) => short },
      { heading: 'lostInPerCent', cell: ({ rate }) => (meanOf(rate) * 100).toFixed(2) },
      { heading: 'piecesSeen', cell: ({ rate }) => rate.pieces },
      { heading: 'lostOfThem', cell: ({ rate }) => rate.lost },
    ],
    lines,
  );
