import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { isMisplaced, type OrderTask, type StepCard } from '#core/learning/drills/order/whatFirst';
import { shortDesignators } from '#core/parts/label';
import { saying } from '#core/words/sayings';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture, pictureScale } from '../../ui/PartPicture.tsx';
import type { ViewProps } from '../exerciseView.ts';

function WhatFirst({ task, given, answer }: ViewProps<OrderTask, readonly string[]>) {
  const { t } = useTranslation();
  const [order, setOrder] = useState<readonly string[]>(task.cards.map(({ key }) => key));
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const isOpen = given === undefined && answer !== undefined;
  const shown = given ?? order;
  const move = (from: number, to: number) => {
    if (to >= 0 && to < order.length) setOrder(arrayMove([...order], from, to));
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) move(order.indexOf(String(active.id)), order.indexOf(String(over.id)));
  };
  const cards = shown.flatMap((key) => task.cards.filter((card) => card.key === key));
  return (
    <>
      {isOpen && <p className="drill-note">{t('drill.order.first.hint')}</p>}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={[...shown]} strategy={verticalListSortingStrategy}>
          <ol className="drill-steps" aria-label={t('drill.order.first.list')}>
            {cards.map((card, index) => (
              <Card
                key={card.key}
                card={card}
                isOpen={isOpen}
                isWrong={given !== undefined && isMisplaced(task, given, card.key)}
                isFirst={index === 0}
                isLast={index === cards.length - 1}
                move={(by) => move(index, index + by)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {isOpen && (
        <button type="button" className="drill-main" onClick={() => answer(order)}>
          {t('practice.answer')}
        </button>
      )}
    </>
  );
}

interface CardProps {
  readonly card: StepCard;
  readonly isOpen: boolean;
  readonly isWrong: boolean;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly move: (by: 1 | -1) => void;
}

function Card({ card, isOpen, isWrong, isFirst, isLast, move }: CardProps) {
  const { t } = useTranslation();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({
    id: card.key,
    disabled: !isOpen,
  });
  const says = saying(t, card.says);
  const handle = isOpen ? { ...attributes, ...listeners } : {};
  return (
    <li
      ref={setNodeRef}
      className={`drill-step ${isWrong ? 'drill-step-wrong' : ''}`}
      style={{ transform: CSS.Transform.toString(transform), transition }}
    >
      <button type="button" className="drill-grip" disabled={!isOpen} {...handle}>
        <span className="drill-step-picture" aria-hidden="true">
          {card.part && (
            <PartPicture
              part={card.part}
              pixelsPerMm={pictureScale(card.part, { width: 76, height: 40 })}
            />
          )}
        </span>
        <span>
          {says} <span className="drill-mono">{shortDesignators(card.places)}</span>
        </span>
        {isWrong && <Glyph name="cross" />}
      </button>
      {isOpen && (
        <span className="drill-move">
          <button
            type="button"
            aria-label={`${t('drill.order.first.up')}: ${says}`}
            disabled={isFirst}
            onClick={() => move(-1)}
          >
            <Glyph name="up" />
          </button>
          <button
            type="button"
            aria-label={`${t('drill.order.first.down')}: ${says}`}
            disabled={isLast}
            onClick={() => move(1)}
          >
            <Glyph name="down" />
          </button>
        </span>
      )}
    </li>
  );
}

/** The pictures of the drill, by kind of exercise. */
export const orderViews = { first: WhatFirst };
