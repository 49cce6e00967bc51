import type { SheetSize } from '#contract/papers';
import type { Need } from '#core/stores/needs';
import { stockName } from '#core/words/stockWords';
import { type Table, tableOf } from '../http/table.ts';
import type { Speaker } from '../words/speak.ts';
import { headCells } from './cells.ts';
import { makePaper, mono, ruled, tickBox } from './pdf.ts';

/** What is short, part by part, without prices: whoever shops ticks it off. */
export function shoppingListPdf(
  needs: readonly Need[],
  size: SheetSize,
  speaker: Speaker,
): Promise<Buffer> {
  const { t, decimals } = speaker;
  return makePaper({
    title: t('papers.shoppingList.title'),
    facts: t('papers.shoppingList.facts', { count: needs.length }),
    size,
    content: [
      {
        layout: ruled,
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [14, 60, '*', 80],
          body: [
            headCells(speaker, '', 'pieces', 'what', 'onHand'),
            ...needs.map(({ part, short, onHand }) => [
              tickBox(),
              { text: String(short), font: mono, bold: true },
              decimals(stockName(t, part)),
              { text: String(onHand), font: mono },
            ]),
          ],
        },
      },
    ],
  });
}

export const shoppingListTable = (needs: readonly Need[], speaker: Speaker): Table =>
  tableOf<Need>(
    speaker,
    [
      { heading: 'what', cell: ({ part }) => stockName(speaker.t, part) },
      { heading: 'short', cell: ({ short }) => short },
      { heading: 'onHand', cell: ({ onHand }) => onHand },
    ],
    needs,
  );
