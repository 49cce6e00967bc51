import { type ComponentType, lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { isMisplaced, type OrderTask } from '#core/learning/drills/order/whatFirst';
import type { ViewProps } from '../exerciseView.ts';
import { PlainSteps } from '../order/PlainSteps.tsx';
import type { StepsProps } from '../order/StepRow.tsx';

// Until it is there, or where the network is gone, the buttons of each step move it.
const DraggableSteps = lazy(
  (): Promise<{ readonly default: ComponentType<StepsProps> }> =>
    import('../order/DraggableSteps.tsx').then(
      ({ DraggableSteps }) => ({ default: DraggableSteps }),
      () => ({ default: PlainSteps }),
    ),
);

/** The same with one item at another index. */
function moved<Item>(items: readonly Item[], from: number, to: number): Item[] {
  const others = items.filter((_, index) => index !== from);
  return [...others.slice(0, to), ...items.slice(from, from + 1), ...others.slice(to)];
}

function WhatFirst({ task, given, answer }: ViewProps<OrderTask, readonly string[]>) {
  const { t } = useTranslation();
  const [order, setOrder] = useState<readonly string[]>(task.cards.map(({ key }) => key));
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
      <Suspense fallback={<PlainSteps rows={rows} />}>
        <DraggableSteps rows={rows} place={place} />
      </Suspense>
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
