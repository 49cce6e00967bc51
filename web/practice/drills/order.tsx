import { type ComponentType, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { isMisplaced, type OrderTask } from '#core/learning/drills/order/whatFirst';
import type { ViewProps } from '../exerciseView.ts';
import { PlainSteps } from '../order/PlainSteps.tsx';
import type { StepsProps } from '../order/StepRow.tsx';

// Dragging is fetched apart. Where it is not there yet, or the network is gone, the buttons of each
// step move it; a list that is on the screen is not replaced, or the focus on it would be lost.
let Steps: ComponentType<StepsProps> = PlainSteps;
import('../order/DraggableSteps.tsx').then(
  ({ DraggableSteps }) => {
    Steps = DraggableSteps;
  },
  () => undefined,
);

/** The same with one item at another index. */
function moved<Item>(items: readonly Item[], from: number, to: number): Item[] {
  const others = items.filter((_, index) => index !== from);
  return [...others.slice(0, to), ...items.slice(from, from + 1), ...others.slice(to)];
}

function WhatFirst({ task, given, answer }: ViewProps<OrderTask, readonly string[]>) {
  const { t } = useTranslation();
  const [order, setOrder] = useState<readonly string[]>(task.cards.map(({ key }) => key));
  const [List] = useState(() => Steps);
  const isOpen = given === undefined && answer !== undefined;
  const shown = given ?? order;
  const place = (from: number, to: number) => {
    if (to >= 0 && to < order.length) setOrder(moved(order, from, to));
  };
  const cards = shown.flatMap((key) => task.cards.filter((card) => card.key === key));
  const rows = cards.map((card, index) => ({
    card,
    isOpen,
    isWrong: given !== undefined && isMisplaced(task, given, card.key),
    isFirst: index === 0,
    isLast: index === cards.length - 1,
    move: (by: 1 | -1) => place(index, index + by),
  }));
  return (
    <>
      {isOpen && <p className="drill-note">{t('drill.order.first.hint')}</p>}
      <List rows={rows} place={place} />
      {isOpen && (
        <button type="button" className="drill-main" onClick={() => answer(order)}>
          {t('practice.answer')}
        </button>
      )}
    </>
  );
}

/** The pictures of the drill, by kind of exercise. */
export const orderViews = { first: WhatFirst };
